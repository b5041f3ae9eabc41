import { entriesOf } from '@tidy-sum/core/entries';
import { strToU8 } from 'fflate';
import { type ExerciseSet, exercisesOf, type RowTold } from '../set/exercise-set';
import { setJson } from '../set/set-json';
import { packed } from './archive';
import { itemName, itemOf } from './item';
import { type Element, element, xmlText } from './xml';

/** A package, and what of each exercise it cannot say. */
export type Package = { readonly bytes: Uint8Array; readonly report: readonly RowTold[] };

/** Where our own form of the set lies in a package, for ourselves alone. */
export const OWN_FORM = 'tidy-sum-set.json';

const TEST = 'assessment.xml';

function itemPath(name: string): string {
	return `items/${name}.xml`;
}

/** Names of items, each once, in the order of the exercises. */
function namesOf({ exercises }: ExerciseSet): readonly string[] {
	const taken = new Set<string>();
	return exercises.map(({ name }) => {
		const plain = itemName(name);
		let free = plain;
		for (let i = 2; taken.has(free.toLowerCase()); i++) free = `${plain}-${i}`;
		taken.add(free.toLowerCase());
		return free;
	});
}

function testOf(title: string, names: readonly string[]): Element {
	return element(
		'qti-assessment-test',
		{
			xmlns: 'http://www.imsglobal.org/xsd/imsqtiasi_v3p0',
			identifier: 'SET',
			title: title || 'A set of exercises',
		},
		element(
			'qti-test-part',
			{ identifier: 'PART', 'navigation-mode': 'nonlinear', 'submission-mode': 'individual' },
			element(
				'qti-assessment-section',
				{ identifier: 'SECTION', title: title || 'A set of exercises', visible: 'true' },
				...names.map((name) => element('qti-assessment-item-ref', { identifier: name, href: itemPath(name) })),
			),
		),
	);
}

function resource(identifier: string, type: string, href: string, needs: readonly string[] = []): Element {
	return element(
		'resource',
		{ identifier, type, href },
		element('file', { href }),
		...needs.map((one) => element('dependency', { identifierref: one })),
	);
}

function manifestOf(names: readonly string[]): Element {
	const ids = names.map((name) => `R-${name}`);
	return element(
		'manifest',
		{ xmlns: 'http://www.imsglobal.org/xsd/qti/qtiv3p0/imscp_v1p1', identifier: 'MANIFEST' },
		element('metadata', {}, element('schema', {}, 'QTI Package'), element('schemaversion', {}, '3.0.0')),
		element('organizations'),
		element(
			'resources',
			{},
			resource('R--SET', 'imsqti_test_xmlv3p0', TEST, ids),
			...names.map((name, i) => resource(ids[i] as string, 'imsqti_item_xmlv3p0', itemPath(name))),
			resource('R--OWN', 'webcontent', OWN_FORM),
		),
	);
}

/** What a class goes by that no item can say. */
function classCannot({ goesBy }: ExerciseSet): readonly string[] {
	return goesBy?.support || goesBy?.numbers ? ['How much help the Desk gives is saved only in our own form.'] : [];
}

/**
 * A set as a content package of QTI 3.0: a manifest, a test that lists its items, one item an exercise, and our own form
 * beside them, which nobody else needs. An exercise without a key has no item; what an item cannot say is told.
 */
export function setPackage(set: ExerciseSet): Package {
	const names = namesOf(set);
	const files = new Map<string, Uint8Array>();
	const report: RowTold[] = [];
	const written: string[] = [];
	const beside = classCannot(set);
	for (const [i, exercise] of exercisesOf(set).entries()) {
		const name = names[i] as string;
		const where = itemPath(name);
		const entries = entriesOf(exercise);
		if (!entries.ok) {
			report.push({ where, name: exercise.name, taken: false, says: entries.fault.message });
			continue;
		}
		const item = itemOf(name, exercise.title ?? exercise.name, exercise, entries.value);
		files.set(where, strToU8(xmlText(item)));
		written.push(name);
		report.push({ where, name: exercise.name, taken: true, says: [...entries.value.cannot, ...beside].join(' ') });
	}
	const all = new Map<string, Uint8Array>([
		['imsmanifest.xml', strToU8(xmlText(manifestOf(written)))],
		[TEST, strToU8(xmlText(testOf(set.title, written)))],
		...files,
		[OWN_FORM, strToU8(setJson(set))],
	]);
	return { bytes: packed(all), report };
}
