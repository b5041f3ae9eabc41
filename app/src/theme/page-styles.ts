import { cssName, DARK, LIGHT, type Palette } from './tokens';

/** The colours of a theme; what is pressed is washed with a little of the first of them. */
function colours(palette: Palette): string {
	const named = Object.entries(palette).map(([name, colour]) => `${cssName(name)}: ${colour};`);
	return [...named, `--touched: ${palette.pine}${palette === DARK ? '2e' : '24'};`].join(' ');
}

/** What every page looks like before anything is drawn on it, in the light and in the dark. */
export const PAGE_STYLES = `
:root { ${colours(LIGHT)} color-scheme: light dark; }
@media (prefers-color-scheme: dark) { :root:not([data-theme="light"]) { ${colours(DARK)} } }
:root[data-theme="dark"] { ${colours(DARK)} color-scheme: dark; }
:root[data-theme="light"] { color-scheme: light; }
html { zoom: var(--size, 1); }
html, body { height: 100%; margin: 0; background: var(--page); }
body { overflow: hidden; }
#root { display: flex; height: 100%; flex: 1; }
:focus-visible { outline: 3px solid var(--pine); outline-offset: 1px; }
button { font: inherit; -webkit-tap-highlight-color: transparent; touch-action: manipulation; }
button:active:not([aria-disabled="true"]) { box-shadow: inset 0 0 0 99px var(--touched); }
/* The only motion: a pair that cancels fades as it is tied, and the first line builds itself once. */
@media (prefers-reduced-motion: no-preference) {
  :root:not([data-motion="none"]) [data-tied] { animation: tied 0.3s; }
  @keyframes tied { from { opacity: 0.2; } }
  :root:not([data-motion="none"]) [data-built] { animation: built 0.5s ease-out backwards; }
  :root:not([data-motion="none"]) [data-built="block"] { animation-delay: 0.7s; }
  :root:not([data-motion="none"]) [data-built="strike"] { animation-delay: 1.5s; }
  :root:not([data-motion="none"]) [data-built="answer"] { animation-delay: 2.3s; }
  :root:not([data-motion="none"]) [data-built="goes"] { animation: goes 1.7s linear; }
  @keyframes built { from { opacity: 0; } }
  @keyframes goes { 0%, 85% { opacity: 1; } 100% { opacity: 0; } }
}
/* Struck units in mathematics: Chromium draws no menclose by itself. */
menclose { position: relative; padding: 0.5ex 0; -webkit-print-color-adjust: exact; print-color-adjust: exact; }
.tml-cancel { display: inline-block; position: absolute; left: 0.5px; bottom: 0; width: 100%; height: 100%; background-color: currentColor; clip-path: polygon(0.05em 100%, 0 calc(100% - 0.05em), calc(100% - 0.05em) 0, 100% 0.05em); }
@media print {
  #root [data-noprint] { display: none; }
  html, body { height: auto; overflow: visible; }
  body #root, body #root div { height: auto; max-height: none; overflow: visible; position: static; }
  body #root * { color: #000; background: transparent; }
  body #root .tml-cancel { position: absolute; background: #000; }
}
`;
