import { XMLParser } from 'fast-xml-parser';
import { raisedFigures } from './raised';

/** An element or a text of HTML, in the order of the page. */
type Node = { readonly [name: string]: readonly Node[] | string };

/** Pages are nested no deeper than this, whatever a file says. */
const DEEPEST = 60;

const parser = new XMLParser({
	preserveOrder: true,
	ignoreAttributes: true,
	trimValues: false,
	processEntities: true,
	htmlEntities: true,
	unpairedTags: ['br', 'img'],
});

/** What an element puts before and behind its text. */
const AROUND: Readonly<Record<string, readonly [string, string]>> = {
	p: ['', '\n\n'],
	br: ['\n', ''],
	tr: ['', '\n'],
	table: ['', '\n'],
	...Object.fromEntries([1, 2, 3, 4, 5, 6].map((level) => [`h${level}`, ['', '\n\n']])),
};

/** How the places of a list are marked, by how deep it is. */
const MARKS: readonly ((place: number) => string)[] = [
	(place) => `${place + 1}. `,
	(place) => `${String.fromCharCode(97 + (place % 26))}) `,
];

/** How the places of a list at a depth are marked. */
function markOf(name: string, depth: number, place: number): string {
	return name === 'ul' ? '• ' : (MARKS[depth % MARKS.length]?.(place) ?? '');
}

function textOf(nodes: readonly Node[], lists: number, deep: number): string {
	if (deep > DEEPEST) return '';
	return nodes.map((node) => elementText(node, lists, deep)).join('');
}

function elementText(node: Node, lists: number, deep: number): string {
	const [name = '', inside = []] = Object.entries(node).find(([key]) => key !== ':@') ?? [];
	if (typeof inside === 'string' || name === '#text') return `${inside}`;
	if (name === 'ol' || name === 'ul') {
		const items = inside.filter((item) => 'li' in item);
		const lines = items.map(
			(item, i) => markOf(name, lists, i) + textOf(item.li as readonly Node[], lists + 1, deep + 1).trim(),
		);
		return `\n${lines.join('\n')}\n`;
	}
	const text = textOf(inside, lists, deep + 1);
	// Other raised words stay in the line: the "th" of 5th.
	if (name === 'sup') return /^[-−–]?\d+$/u.test(text.trim()) ? raisedFigures(text.trim()) : text;
	// A cell is one line of its row.
	if (name === 'td' || name === 'th') return `${text.trim().replace(/\s*\n\s*/gu, ' ')}\t`;
	const [before, behind] = AROUND[name] ?? ['', ''];
	return before + text + behind;
}

/**
 * The text of a Word file that was turned into HTML: a line for each paragraph, numbers and letters for its lists, raised
 * figures as such, a tab between the cells of a table.
 * @example wordText('<p>25 cm<sup>3</sup></p>') // '25 cm³'
 */
export function wordText(html: string): string {
	const nodes = parser.parse(html) as readonly Node[];
	return textOf(nodes, 0, 0)
		.replace(/\t+\n/gu, '\n')
		.replace(/\n{3,}/gu, '\n\n')
		.trim();
}
