import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** A way a page is photographed, scanned or printed: how it is set, and what ImageMagick does to its picture. */
export type PageKind = {
	readonly name: string;
	readonly font: string;
	/** The size of the type, in pixels of a page 1240 wide. */
	readonly size?: number;
	readonly columns?: number;
	/** Whether its problems have raised figures. */
	readonly raised?: boolean;
	readonly spoil: readonly string[];
};

/** A page with its problems, as they are printed. */
export type MadePage = { readonly kind: PageKind; readonly problems: readonly string[]; readonly text: string };

const WIDE = 1240;
const HIGH = 1754;

/** A shadow that grows to one side of a page. */
const SHADE = ['(', '-size', `${WIDE}x${HIGH}`, 'gradient:#ffffff-#6a6a6a', ')', '-compose', 'multiply', '-composite'];

const NOISE = ['-attenuate', '0.25', '+noise', 'Gaussian'];

/** Seen from below and a little from the left. */
const ASLANT = [
	'-virtual-pixel',
	'white',
	'-distort',
	'Perspective',
	`0,0 40,30 ${WIDE},0 ${WIDE - 70},10 ${WIDE},${HIGH} ${WIDE - 10},${HIGH - 20} 0,${HIGH} 15,${HIGH - 40}`,
];

/** How pages come. */
export const PAGE_KINDS: readonly PageKind[] = [
	{ name: 'scan', font: 'Liberation Serif', spoil: [] },
	{ name: 'skew', font: 'DejaVu Sans', spoil: ['-background', 'white', '-rotate', '2.4'] },
	{ name: 'perspective', font: 'Carlito', spoil: ASLANT },
	{ name: 'shade', font: 'Liberation Sans', spoil: SHADE },
	{ name: 'blur', font: 'Lato', spoil: ['-blur', '0x1.5'] },
	{ name: 'small type', font: 'Liberation Serif', size: 17, spoil: [] },
	{ name: 'low resolution', font: 'DejaVu Serif', spoil: ['-resize', '55%'] },
	{ name: 'heavy JPEG', font: 'EB Garamond', size: 28, spoil: ['-quality', '14'] },
	{ name: 'turned', font: 'Liberation Sans', spoil: ['-rotate', '90'] },
	{ name: 'two columns', font: 'Carlito', size: 22, columns: 2, spoil: [] },
	{ name: 'raised figures', font: 'Liberation Serif', raised: true, spoil: [] },
	{ name: 'grey paper', font: 'Lato', spoil: ['+level-colors', '#333,#b4b0a6', ...NOISE] },
	{ name: 'upside down', font: 'DejaVu Sans', spoil: ['-rotate', '180'] },
	{ name: 'a phone', font: 'Liberation Serif', raised: true, spoil: [...ASLANT, ...SHADE, ...NOISE, '-quality', '40'] },
];

const RAISED = '⁰¹²³⁴⁵⁶⁷⁸⁹⁻';
const PLAIN = '0123456789-';

const HAS_RAISED = /[⁰¹²³⁴⁵⁶⁷⁸⁹⁻]|\^/u;

/** A text as print has it: raised figures for powers. */
const asPrinted = (text: string): string =>
	text.replace(/\^(-?\d+)/g, (_, power: string) => [...power].map((sign) => RAISED[PLAIN.indexOf(sign)]).join(''));

const escaped = (text: string): string => text.replace(/&/g, '&amp;').replace(/</g, '&lt;');

const html = (text: string): string =>
	escaped(text).replace(/[⁰¹²³⁴⁵⁶⁷⁸⁹⁻]+/gu, (power) => {
		const signs = [...power].map((sign) => PLAIN[RAISED.indexOf(sign)]).join('');
		return `<sup>${signs.replace('-', '−')}</sup>`;
	});

/** The prompts that pages are made of: published cases of the reader, of one line each. */
function prompts(): readonly string[] {
	const texts = ['read', 'read-2', 'read-3', 'read-own'].flatMap((name) =>
		readFileSync(join(__dirname, '..', '..', 'cli', 'vectors', `${name}.jsonl`), 'utf8')
			.trim()
			.split('\n')
			.map((line) => (JSON.parse(line) as { readonly ask: { readonly text: string } }).ask.text),
	);
	return [...new Set(texts)]
		.filter(
			(text) => text.length > 40 && text.length < 220 && /\d/.test(text) && !/[\n\t_$\\]|\d\)|^\W| {2}/.test(text),
		)
		.filter((text) => /^[\x20-\x7e⁰¹²³⁴⁵⁶⁷⁸⁹⁻µ°×·−–’é½¼¾]+$/u.test(text))
		.map(asPrinted);
}

/** A page of each kind, drawn by the seed. */
export function madePages(seed: number, each = 6): readonly MadePage[] {
	const random = xoroshiro128plus(seed);
	const left = [...prompts()];
	const drawn = (fits: (text: string) => boolean): string => {
		for (;;) {
			const [text = ''] = left.splice(uniformInt(random, 0, left.length - 1), 1);
			if (fits(text)) return text;
			left.push(text);
		}
	};
	return PAGE_KINDS.map((kind) => {
		const problems = Array.from({ length: each }, () => drawn((text) => !kind.raised || HAS_RAISED.test(text)));
		return { kind, problems, text: problems.map((text, i) => `${i + 1}. ${text}`).join('\n\n') };
	});
}

function page({ kind, problems }: MadePage): string {
	const { font, size = 25, columns = 1 } = kind;
	return `<!doctype html><meta charset="utf-8"><style>@page{size:A4;margin:0}
body{margin:0;padding:90px 100px;font:${size}px/1.45 '${font}';width:${WIDE - 200}px;color:#111;background:#fff}
h1{font-size:1.4em}sup{font-size:.65em;line-height:0}p{margin:.9em 0}main{columns:${columns};column-gap:50px}</style>
<h1>Fennel Ridge: Conversions</h1><main>${problems.map((text, i) => `<p>${i + 1}. ${html(text)}</p>`).join('')}</main>`;
}

const CHROMIUM = process.env.CHROMIUM ?? '/usr/bin/chromium';
const CONVERT = process.env.CONVERT ?? '/usr/bin/convert';

const FLAGS = [
	'--headless',
	'--no-sandbox',
	'--disable-gpu',
	'--no-first-run',
	'--disable-background-networking',
	'--disable-sync',
];

/** Draws a page as a picture and prints it as a PDF; returns the paths of both. */
export function drawPage(made: MadePage, folder: string): { readonly picture: string; readonly pdf: string } {
	const name = join(folder, made.kind.name.replace(/ /g, '-'));
	writeFileSync(`${name}.html`, page(made));
	const url = pathToFileURL(`${name}.html`).href;
	const chromium = (...args: readonly string[]) =>
		execFileSync(CHROMIUM, [...FLAGS, ...args, url], { stdio: 'ignore' });
	chromium(`--screenshot=${name}.clean.png`, `--window-size=${WIDE},${HIGH}`, '--hide-scrollbars');
	chromium(`--print-to-pdf=${name}.pdf`, '--no-pdf-header-footer');
	const picture = `${name}.${made.kind.spoil.includes('-quality') ? 'jpg' : 'png'}`;
	// The same noise each time.
	execFileSync(CONVERT, ['-seed', '1', `${name}.clean.png`, '-colorspace', 'Gray', ...made.kind.spoil, picture]);
	return { picture, pdf: `${name}.pdf` };
}
