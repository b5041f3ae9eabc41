import escapeHtml from 'escape-html';

/** A text that is HTML already, and goes into another as it is. */
export class Html {
	constructor(readonly text: string) {}
}

/** What can stand in a page: a text, which is escaped, HTML, or several of either. */
export type Written = string | number | Html | readonly Written[];

function written(one: Written): string {
	if (one instanceof Html) return one.text;
	if (Array.isArray(one)) return one.map(written).join('');
	return escapeHtml(`${one}`);
}

/**
 * HTML with what stands in it escaped.
 * @example html`<p>${'a < b'}</p>` // <p>a &lt; b</p>
 */
export function html(texts: TemplateStringsArray, ...between: readonly Written[]): Html {
	return new Html(texts.map((text, i) => text + (i < between.length ? written(between[i] as Written) : '')).join(''));
}

/** A sheet of paper, by its name for `@page` (CSS Paged Media). */
export const PAPERS = ['a4', 'letter'] as const;
export type Paper = (typeof PAPERS)[number];

/** Struck units: Chromium draws no menclose by itself, so temml gives it an element to be drawn so. */
const STRUCK = `menclose{position:relative;padding:.5ex 0;-webkit-print-color-adjust:exact;print-color-adjust:exact}
.tml-cancel{display:inline-block;position:absolute;left:.5px;bottom:0;width:100%;height:100%;background:currentColor;clip-path:polygon(.05em 100%,0 calc(100% - .05em),calc(100% - .05em) 0,100% .05em)}`;

/** What every page to print goes by: dark on white, nothing cut in two, one sheet after another. */
function printStyle(paper: Paper): string {
	return `@page{size:${paper === 'a4' ? 'A4' : 'letter'};margin:16mm}
*{box-sizing:border-box}body{font:12pt/1.45 system-ui,sans-serif;color:#111;background:#fff;margin:0 auto;max-width:180mm;padding:6mm}
@media print{body{padding:0;max-width:none}}
h1{font-size:18pt;margin:0 0 4mm}h2{font-size:13pt;margin:6mm 0 2mm}p{margin:0 0 2mm}
.new{break-before:page}.whole{break-inside:avoid}.soft{color:#555}small{font-size:9.5pt}
table{border-collapse:collapse;width:100%;font-size:10pt}th,td{text-align:left;padding:1mm 2mm;border-bottom:.3mm solid #bbb;vertical-align:top}
td.n,th.n{text-align:right;font-variant-numeric:tabular-nums}math{font-size:13pt}${STRUCK}`;
}

/** A whole page to print, which needs nothing from anywhere else. */
export function htmlPage(title: string, paper: Paper, style: string, body: Html): string {
	const { text } = html`<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width,initial-scale=1">
<title>${title}</title>
<style>${new Html(printStyle(paper) + style)}</style>
</head>
<body>
${body}
</body>
</html>
`;
	return text;
}
