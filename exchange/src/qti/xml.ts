import { bad, good, type Outcome } from '@tidy-sum/core';
import { XMLBuilder, XMLParser } from 'fast-xml-parser';

/** An element: its name, its attributes, and what stands in it, elements and texts in order. */
export type Element = {
	readonly name: string;
	readonly attributes: Readonly<Record<string, string>>;
	readonly children: readonly Node[];
};

export type Node = Element | string;

/** An element of what is written. */
export function element(name: string, attributes: Element['attributes'] = {}, ...children: readonly Node[]): Element {
	return { name, attributes, children };
}

/** Attributes as the package has them, beside the children of an element; and texts. */
const ATTRIBUTES = ':@';
const TEXT = '#text';
const SIGN = '@_';

type Ordered = Readonly<Record<string, unknown>>;

function ordered(node: Node): Ordered {
	if (typeof node === 'string') return { [TEXT]: node };
	const attributes = Object.entries(node.attributes).map(([name, value]) => [SIGN + name, value]);
	return { [node.name]: node.children.map(ordered), [ATTRIBUTES]: Object.fromEntries(attributes) };
}

const BUILDER = new XMLBuilder({
	preserveOrder: true,
	ignoreAttributes: false,
	attributeNamePrefix: SIGN,
	suppressEmptyNode: true,
	suppressBooleanAttributes: false,
	format: false,
});

/** A document with its declaration, as UTF-8. */
export function xmlText(root: Element): string {
	return `<?xml version="1.0" encoding="UTF-8"?>\n${BUILDER.build([ordered(root)])}\n`;
}

const PARSER = new XMLParser({
	preserveOrder: true,
	ignoreAttributes: false,
	attributeNamePrefix: SIGN,
	parseTagValue: false,
	parseAttributeValue: false,
	trimValues: false,
	ignoreDeclaration: true,
	ignorePiTags: true,
	cdataPropName: TEXT,
	removeNSPrefix: true,
	htmlEntities: true,
});

function nodeOf(entry: Ordered): Node | null {
	if (TEXT in entry) {
		const text = entry[TEXT];
		// What stood as CDATA comes as a list of texts.
		return Array.isArray(text) ? text.map((one: Ordered) => `${one[TEXT] ?? ''}`).join('') : `${text}`;
	}
	const name = Object.keys(entry).find((key) => key !== ATTRIBUTES);
	if (name === undefined) return null;
	const given = (entry[ATTRIBUTES] ?? {}) as Readonly<Record<string, unknown>>;
	const attributes = Object.entries(given).map(([key, value]) => [key.slice(SIGN.length), `${value}`]);
	return { name, attributes: Object.fromEntries(attributes), children: nodesOf(entry[name]) };
}

function nodesOf(entries: unknown): readonly Node[] {
	return Array.isArray(entries) ? entries.map(nodeOf).filter((node) => node !== null) : [];
}

/** How a document begins that defines entities of its own, which could unfold without end. */
const DEFINES = /<!(?:DOCTYPE|ENTITY)/iu;

/**
 * The outermost element of a document.
 * @returns it; `shape` where it is not XML, or defines entities, which none of these files needs.
 */
export function readXml(text: string): Outcome<Element> {
	if (DEFINES.test(text)) return bad('shape', 'it defines its own entities, which are not supported');
	try {
		const root = nodesOf(PARSER.parse(text, true)).find((node) => typeof node !== 'string');
		return root ? good(root) : bad('shape', 'it is not XML');
	} catch {
		return bad('shape', 'its XML is not complete');
	}
}

/** The elements among the children of one. */
export function elementsIn({ children }: Element): readonly Element[] {
	return children.filter((node) => typeof node !== 'string');
}

/** Every element of a name inside another, at any depth, in the order they stand. */
export function allNamed(root: Element, name: string): readonly Element[] {
	return elementsIn(root).flatMap((one) => [...(one.name === name ? [one] : []), ...allNamed(one, name)]);
}

/** The text of an element and of all that is in it. */
export function textIn({ children }: Element): string {
	return children.map((node) => (typeof node === 'string' ? node : textIn(node))).join('');
}
