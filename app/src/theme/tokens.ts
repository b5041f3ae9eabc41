/**
 * Colours by what they are for. Every text colour has at least 4.5 : 1 on the surface it stands on, every
 * edge that carries a meaning at least 3 : 1 (WCAG 2.2, 1.4.3 and 1.4.11).
 */
export type Palette = {
	readonly page: string;
	readonly panel: string;
	readonly pressed: string;
	readonly ink: string;
	readonly soft: string;
	readonly rule: string;
	readonly edge: string;
	/** Action, and what has been reached. */
	readonly pine: string;
	readonly onPine: string;
	readonly pineWash: string;
	/** Done with help: beside pine in charts. */
	readonly fern: string;
	/** What must still go. */
	readonly apricot: string;
	readonly onApricot: string;
	readonly apricotEdge: string;
	/** A slip: what to look at. */
	readonly look: string;
	readonly lookWash: string;
};

export const LIGHT: Palette = {
	page: '#f6fafa',
	panel: '#eaf2f1',
	pressed: '#d8e6e3',
	ink: '#0d211b',
	soft: '#48605a',
	rule: '#c4d4d0',
	edge: '#6b827b',
	pine: '#0a5c44',
	onPine: '#ffffff',
	pineWash: '#d5ebe2',
	fern: '#4d9679',
	apricot: '#fbd3a7',
	onApricot: '#4d2700',
	apricotEdge: '#b06a1e',
	look: '#8a3b12',
	lookWash: '#fbe7dc',
};

export const DARK: Palette = {
	page: '#0c1614',
	panel: '#14221f',
	pressed: '#22352f',
	ink: '#e6f1ed',
	soft: '#a3b9b2',
	rule: '#2e443e',
	edge: '#7d958d',
	pine: '#6fd0ab',
	onPine: '#05251a',
	pineWash: '#163c30',
	fern: '#3f8a6c',
	apricot: '#5f3a14',
	onApricot: '#ffe0bd',
	apricotEdge: '#e5a05a',
	look: '#ffb38a',
	lookWash: '#3a2015',
};

/**
 * The name of a colour in the page's style sheet.
 * @example cssName('pineWash') // '--pine-wash'
 */
export function cssName(name: string): string {
	return `--${name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)}`;
}

/** The one corner: of tokens, sockets, buttons and fields. */
export const CORNER = 6;

/** The bar under the title of a page, and under progress: as thick as the bar of a fraction. */
export const BAR = 2;

/** Space in steps of four. */
export const GAP = { xs: 4, s: 8, m: 12, l: 16, xl: 24 } as const;

/** The least side of anything that can be touched. */
export const TARGET = 44;

/** Width from which the Shelf stands beside the line. */
export const WIDE_FROM = 900;

/** Widths of what stands at the edges of a wide screen: the four places, and beside the line the Shelf. */
export const RAIL = 84;

/** How wide a problem's start over what is wanted is drawn in a list. */
export const FROM_TO = 124;

/** The widest a page gets: a column of text, and a page that uses a wide screen. */
export const COLUMN = 720;
export const BROAD = 1440;
export const BESIDE = 420;

/** Height under which nothing is pinned and the whole page scrolls. */
export const SHORT_UNDER = 500;

/** Height under which the keypad has three rows of six in place of four rows of four. */
export const LOW_UNDER = 620;

/** Height under which the answer leaves room for one row of the line. */
export const TIGHT_UNDER = 760;

/** Height from which the whole line stays in view while the answer is typed. */
export const TALL_FROM = 1000;

/** Width from which a phone on its side has the panel beside the line. */
export const ON_ITS_SIDE_FROM = 700;

/** Width under which keys use the whole of it: a phone at 200 % text. */
export const NARROW_UNDER = 240;

/** The faces, by the name the page's style sheet has for each. */
export const FONT = {
	regular: 'var(--face)',
	strong: 'var(--face-strong)',
	mono: 'var(--face-mono)',
} as const;

/**
 * The five sizes of type: small print and captions, text, headings of parts and the numbers of a line, the title of a page, and
 * what a first page says large.
 */
export const SIZE = { small: 14, body: 17, title: 21, page: 26, large: 34 } as const;
