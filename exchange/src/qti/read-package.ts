import { bad, type Outcome } from '@tidy-sum/core';
import { mutable, orNone, placeName, type ReadSet, type RowTold, type SetExercise, setOf } from '../set/exercise-set';
import { readSetJson } from '../set/set-json';
import { textOf } from '../set/text-of';
import { type Files, unpacked } from './archive';
import { OWN_FORM } from './package';
import { readItem } from './read-item';
import { allNamed, type Element, readXml } from './xml';

/** The longest item that is read, in bytes. */
const ITEM_LIMIT = 2_000_000;

const MANIFEST = 'imsmanifest.xml';

function documentIn(files: Files, path: string): Outcome<Element> {
	const bytes = files.get(path);
	if (!bytes) return bad('empty', 'it is not in the package');
	if (bytes.length > ITEM_LIMIT) return bad('too-large', 'it is too long for one item');
	const text = textOf(bytes);
	return text.ok ? readXml(text.value) : text;
}

/** A path as a manifest writes it, from the root of the package. */
function pathOf(href: string): string {
	const plain = href.replace(/^\.\//u, '');
	try {
		return decodeURIComponent(plain);
	} catch {
		return plain;
	}
}

function titleIn(files: Files, manifest: Element): string {
	const tests = allNamed(manifest, 'resource').filter(({ attributes }) => /^imsqti_test/u.test(attributes.type ?? ''));
	for (const { attributes } of tests) {
		const test = documentIn(files, pathOf(attributes.href ?? ''));
		if (test.ok) return test.value.attributes.title ?? '';
	}
	return '';
}

type InSet = { readonly row: RowTold; readonly exercise: readonly SetExercise[] };

/** An item as a set holds it, with what came of it; where it cannot be read, no exercise. */
function readIn(root: Element, where: string, place: number): InSet {
	const { title, exercise, says } = readItem(root);
	const name = root.attributes.identifier ?? placeName(place);
	return {
		row: { where, name, taken: exercise !== null, says },
		exercise: exercise ? [{ name, ...(title ? { title } : {}), ...mutable(exercise) }] : [],
	};
}

/** The items of a package, each by itself: what cannot be read is told, and the others are taken. */
function itemsIn(files: Files, manifest: Element): ReadSet {
	const items = allNamed(manifest, 'resource').filter(({ attributes }) => /^imsqti_item/u.test(attributes.type ?? ''));
	const rows: RowTold[] = [];
	const exercises: SetExercise[] = [];
	for (const { attributes } of items) {
		const where = pathOf(attributes.href ?? '');
		const root = documentIn(files, where);
		if (!root.ok) {
			rows.push({ where, name: where, taken: false, says: root.fault.message });
			continue;
		}
		const { row, exercise } = readIn(root.value, where, exercises.length);
		rows.push(row);
		exercises.push(...exercise);
	}
	return { set: setOf(titleIn(files, manifest), exercises), rows };
}

/**
 * A set from a content package of QTI 3.0: ours by our own form in it, any other by its items.
 * @param from.items read by the items alone, as another program would.
 * @returns it with what came of each item; `archive` where it cannot be unpacked, `shape` where it has no manifest,
 *   `empty` where no item can be read.
 */
export function readPackage(bytes: Uint8Array, from: { readonly items?: boolean } = {}): Outcome<ReadSet> {
	const files = unpacked(bytes, (path) => /\.(?:xml|json)$/iu.test(path));
	if (!files.ok) return files;
	const own = from.items ? undefined : files.value.get(OWN_FORM);
	if (own) {
		const text = textOf(own);
		const read = text.ok ? readSetJson(text.value) : text;
		// A set of a later version says so; one that is broken leaves the items.
		if (read.ok || read.fault.code === 'later-edition') return read;
	}
	const manifest = documentIn(files.value, MANIFEST);
	if (!manifest.ok)
		return bad('shape', `This package has no manifest that can be read: ${MANIFEST}, ${manifest.fault.message}.`);
	return orNone(itemsIn(files.value, manifest.value));
}

/** A set of one exercise from an item by itself. */
export function readItemFile(text: string): Outcome<ReadSet> {
	const root = readXml(text);
	if (!root.ok) return bad('shape', `This is no item that can be read: ${root.fault.message}.`);
	const { row, exercise } = readIn(root.value, 'the item', 0);
	return orNone({ set: setOf('', exercise), rows: [row] });
}
