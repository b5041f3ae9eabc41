import type { Exercise } from '@tidy-sum/core';
import { strToU8, zipSync } from 'fflate';
import { readItemFile, readPackage, setPackage } from '../src/qti';
import { unpacked } from '../src/qti/archive';
import { allNamed, readXml, textIn } from '../src/qti/xml';
import { mutable, setOf } from '../src/set';
import { isRight, keyText } from './sets';

const GUST: Exercise = {
	prompt: 'The mast records a gust of 18.5 mi/h. What is that in ft/s?',
	start: { number: '18.5', unit: 'mi/h' },
	facts: [],
	want: { unit: 'ft/s' },
	rounding: 'figures',
};

/** A package of one exercise, unpacked: its item as a document, and its manifest. */
function written(exercise: Exercise) {
	const { bytes, report } = setPackage(setOf('One', [{ name: 'one', ...mutable(exercise) }]));
	const files = unpacked(bytes, () => true);
	if (!files.ok) throw new Error(files.fault.message);
	const document = (path: string) => {
		const root = readXml(Buffer.from(files.value.get(path) ?? []).toString('utf8'));
		if (!root.ok) throw new Error(root.fault.message);
		return root.value;
	};
	return {
		item: document('items/one.xml'),
		manifest: document('imsmanifest.xml'),
		paths: [...files.value.keys()],
		report,
	};
}

/** Somebody else's item: its declarations, its body, its processing. */
function item(declared: string, body: string, processing = ''): string {
	return `<?xml version="1.0" encoding="UTF-8"?>
<qti-assessment-item xmlns="http://www.imsglobal.org/xsd/imsqtiasi_v3p0" identifier="theirs" title="Theirs" adaptive="false" time-dependent="false">
${declared}
<qti-item-body>${body}</qti-item-body>
<qti-response-processing>${processing}</qti-response-processing>
</qti-assessment-item>`;
}

const FLOAT = (value: string, name = 'RESPONSE') =>
	`<qti-response-declaration identifier="${name}" cardinality="single" base-type="float"><qti-correct-response><qti-value>${value}</qti-value></qti-correct-response></qti-response-declaration>`;
const ENTRY = (name = 'RESPONSE') => `<qti-text-entry-interaction response-identifier="${name}"/>`;

/** Reads somebody else's item. */
function theirs(text: string) {
	const read = readItemFile(text);
	return read.ok
		? { exercise: read.value.set.exercises[0] as Exercise, says: read.value.rows[0]?.says }
		: { exercise: null, says: read.fault.message };
}

describe('an exercise as an item of QTI 3.0', () => {
	it('asks for a number and its unit, and judges value and writing by themselves', () => {
		const { item: root } = written(GUST);
		expect(
			allNamed(root, 'qti-text-entry-interaction').map(({ attributes }) => attributes['response-identifier']),
		).toEqual(['NUMBER', 'UNIT']);
		const rounded = allNamed(root, 'qti-round-to').map(({ attributes }) => attributes);
		expect(rounded).toEqual([
			{ 'rounding-mode': 'significantFigures', figures: '3' },
			{ 'rounding-mode': 'significantFigures', figures: '4' },
		]);
		expect(allNamed(root, 'qti-equal').length).toBeGreaterThan(0);
		const [pattern = ''] = allNamed(root, 'qti-pattern-match').map(({ attributes }) => attributes.pattern ?? '');
		for (const right of ['27.1', '2.71e1', '+27.1']) expect(right).toMatch(new RegExp(`^(?:${pattern})$`));
		for (const wrong of ['27.13', '27', '27.10', '271']) expect(wrong).not.toMatch(new RegExp(`^(?:${pattern})$`));
	});

	it('says what is right in value and not in its figures', () => {
		const { item: root } = written(GUST);
		const said = allNamed(root, 'qti-feedback-block').map((one) => [one.attributes.identifier, textIn(one)]);
		expect(Object.fromEntries(said)).toMatchObject({ FIGURES: expect.stringContaining('how many figures') });
	});

	it('stands in a manifest, with our own form beside it', () => {
		const { manifest, paths, report } = written(GUST);
		const resources = allNamed(manifest, 'resource').map(({ attributes }) => `${attributes.type} ${attributes.href}`);
		expect(resources).toEqual([
			'imsqti_test_xmlv3p0 assessment.xml',
			'imsqti_item_xmlv3p0 items/one.xml',
			'webcontent tidy-sum-set.json',
		]);
		expect(paths).toEqual(expect.arrayContaining(resources.map((one) => one.split(' ')[1])));
		expect(report).toMatchObject([
			{ taken: true, says: expect.stringContaining('A unit is taken in its common writings') },
		]);
	});

	it.each<[string, Partial<Exercise>, readonly string[]]>([
		[
			'a range',
			{ start: { number: '50', unit: '°F' }, until: { number: '68', unit: '°F' }, want: { unit: '°C' } },
			['LOW', 'HIGH', 'UNIT'],
		],
		['a mixed measure', { start: { number: '8.75', unit: 'ft' }, want: { mixed: ['ft', 'in'] } }, ['PART1', 'PART2']],
		['a count', { want: { figures: '0.00450' } }, ['COUNT']],
		['one factor', { want: { factor: 'ft/h' } }, ['FACTOR_TOP', 'FACTOR_BOTTOM']],
		['a fraction', { start: { number: '42', unit: 'in' }, want: { unit: 'ft', form: 'fraction' } }, ['NUMBER', 'UNIT']],
		[
			'a plain number',
			{ start: { top: { number: '3', unit: 'm' }, bottom: { number: '2', unit: 'm' } }, want: { unit: '' } },
			['NUMBER'],
		],
	])('asks for each part of %s', (_, change, names) => {
		const { item: root } = written({ ...GUST, ...change });
		const asked = allNamed(root, 'qti-text-entry-interaction').map(
			({ attributes }) => attributes['response-identifier'],
		);
		expect(asked).toEqual(names);
	});

	it('has a choice for the block that is wrong', () => {
		const slip = {
			start: { number: '2.5', unit: 'h' },
			factors: [{ top: { number: '1', unit: 'h' }, bottom: { number: '60', unit: 'min' } }],
			want: 'min',
		};
		const { item: root } = written({ ...GUST, want: { slip } });
		expect(allNamed(root, 'qti-simple-choice').map(textIn)).toEqual(['Factor 1: 1 h / 60 min']);
	});

	it('tells an exercise without a key, and writes the others', () => {
		const set = setOf('Two', [
			{ name: 'two words & more', ...mutable(GUST) },
			{ name: 'none', ...mutable({ ...GUST, want: { unit: 'kg' } }) },
		]);
		const { bytes, report } = setPackage(set);
		expect(report.map(({ where, taken }) => [where, taken])).toEqual([
			['items/two-words-more.xml', true],
			['items/none.xml', false],
		]);
		const again = readPackage(bytes, { items: true });
		expect(again.ok && again.value.set.title).toBe('Two');
		expect(again.ok && again.value.set.exercises).toHaveLength(1);
	});
});

describe('an item of somebody else', () => {
	it('that asks for a number is worked by its text where that tells how', () => {
		const { exercise, says } = theirs(
			item(FLOAT('7.20', 'R'), `<p>How many kilometres an hour are 2.00 m/s?</p><p>${ENTRY('R')} km/h</p>`),
		);
		expect(says).toBe('');
		expect(exercise).toMatchObject({ start: { number: '2.00', unit: 'm/s' } });
		expect(keyText(exercise as Exercise)).toBe('7.20 km/h');
	});

	it('that says how its number is rounded is rounded so', () => {
		const rule = `<qti-set-outcome-value identifier="SCORE"><qti-equal tolerance-mode="exact"><qti-round-to rounding-mode="decimalPlaces" figures="1"><qti-variable identifier="R"/></qti-round-to><qti-base-value base-type="float">38.1</qti-base-value></qti-equal></qti-set-outcome-value>`;
		const { exercise } = theirs(
			item(FLOAT('38.1', 'R'), `<p>Write 26 mi/h in ft/s.</p><p>${ENTRY('R')} ft/s</p>`, rule),
		);
		expect(exercise?.rounding).toEqual({ place: -1 });
		expect(isRight(exercise as Exercise, '38.1 ft/s')).toBe(true);
	});

	it.each([
		[
			'inside its sentence',
			FLOAT('88.5'),
			`<p>A sled runs at 55.0 mi/h. Its speed is ${ENTRY()} km/h.</p>`,
			'88.5 km/h',
		],
		['as a gap of an equation', FLOAT('2500'), `<p>2.5 km = ${ENTRY()} m</p>`, '2500 m'],
		[
			'without its unit, which the text says',
			FLOAT('0.35'),
			`<qti-prompt>How many litres are 350 mL?</qti-prompt><p>${ENTRY()}</p>`,
			'0.35 L',
		],
		[
			'in two parts',
			FLOAT('8', 'A') + FLOAT('9', 'B'),
			`<p>How much is 8.75 ft in feet and inches?</p><p>${ENTRY('A')} ft ${ENTRY('B')} in</p>`,
			'8 ft 9 in',
		],
		[
			'with figures of its own',
			FLOAT('14.20'),
			`<p>Rope costs $3.55 per metre. What do 4.00 m cost, in dollars?</p><p>$ ${ENTRY()}</p>`,
			'14.20 $',
		],
	])('that asks %s is worked', (_, declared, body, key) => {
		const { exercise, says } = theirs(item(declared, body));
		expect(says).toBe('');
		expect(isRight(exercise as Exercise, key)).toBe(true);
		expect(exercise?.start).not.toEqual(undefined);
	});

	it('may name its elements in any space of names', () => {
		const text = item(FLOAT('88.5'), `<p>A sled runs at 55.0 mi/h. Its speed is ${ENTRY()} km/h.</p>`);
		const named = text.replace(/<(\/?)qti-/g, '<$1q:qti-').replace('xmlns=', 'xmlns:q=');
		expect(theirs(named)).toEqual(theirs(text));
	});

	it('that tells nothing of how one comes there can still be marked', () => {
		const { exercise, says } = theirs(
			item(FLOAT('9.81'), `<p>What is the pull at the ridge?</p><p>${ENTRY()} m/s²</p>`),
		);
		expect(says).toContain('it can be marked');
		expect([isRight(exercise as Exercise, '9.81 m/s^2'), isRight(exercise as Exercise, '9.82 m/s^2')]).toEqual([
			true,
			false,
		]);
	});

	it('is read by what its processing compares, and by its mapping, where it declares nothing right', () => {
		const bare = '<qti-response-declaration identifier="R" cardinality="single" base-type="string"/>';
		const compared =
			'<qti-response-condition><qti-response-if><qti-string-match case-sensitive="false"><qti-variable identifier="R"/><qti-base-value base-type="string">3.2 kg</qti-base-value></qti-string-match></qti-response-if></qti-response-condition>';
		expect(theirs(item(bare, `<p>How much is it?</p><p>${ENTRY('R')}</p>`, compared)).exercise).toMatchObject({
			want: { unit: 'kg' },
		});
		const mapped =
			'<qti-response-declaration identifier="R" cardinality="single" base-type="string"><qti-mapping default-value="0"><qti-map-entry map-key="3 g" mapped-value="0.5"/><qti-map-entry map-key="3000 mg" mapped-value="1"/></qti-mapping></qti-response-declaration>';
		expect(theirs(item(mapped, `<p>How much is it?</p><p>${ENTRY('R')}</p>`)).exercise).toMatchObject({
			want: { unit: 'mg' },
		});
	});

	it.each([
		[
			'a choice',
			item(
				'',
				'<qti-choice-interaction response-identifier="R"><qti-simple-choice identifier="A">a</qti-simple-choice></qti-choice-interaction>',
			),
			'“choice”',
		],
		['nothing to type', item('', '<p>Read this.</p>'), 'it has nothing to type'],
		[
			'no right answer',
			item(
				'<qti-response-declaration identifier="R" cardinality="single" base-type="float"/>',
				`<p>x ${ENTRY('R')}</p>`,
			),
			'does not say what is right',
		],
		['words for an answer', item(FLOAT('a lot', 'R'), `<p>How much?</p><p>${ENTRY('R')}</p>`), 'no number with a unit'],
		['another kind of document', '<html><body/></html>', 'not an item of QTI'],
		['half a document', '<qti-assessment-item><p>', 'its XML is not complete'],
	])('with %s is told', (_, text, sentence) => {
		expect(theirs(text)).toEqual({ exercise: null, says: expect.stringContaining(sentence) });
	});
});

describe('a package that is none, or means harm', () => {
	const zip = (files: Record<string, string | Uint8Array>) =>
		zipSync(
			Object.fromEntries(
				Object.entries(files).map(([path, one]) => [path, typeof one === 'string' ? strToU8(one) : one]),
			),
		);
	const manifest = (...paths: string[]) =>
		`<manifest>${paths.map((path, i) => `<resource identifier="r${i}" type="imsqti_item_xmlv3p0" href="${path}"/>`).join('')}</manifest>`;
	const fault = (bytes: Uint8Array) => {
		const read = readPackage(bytes);
		return read.ok ? 'was read' : `${read.fault.code}: ${read.fault.message}`;
	};

	it('is told where a part of it is missing', () => {
		const whole = zip({ 'imsmanifest.xml': manifest() });
		expect(fault(whole.slice(0, whole.length - 30))).toMatch(/^archive: .*missing or broken/);
		expect(fault(zip({ 'a.xml': '<a/>' }))).toMatch(/^shape: .*no manifest/);
		expect(fault(zip({ 'imsmanifest.xml': manifest('gone.xml') }))).toContain('In gone.xml: it is not in the package');
	});

	it('is not unpacked where a path leads outside', () => {
		for (const path of ['../evil.xml', '/etc/evil.xml', 'a/../../evil.xml', 'C:\\evil.xml'])
			expect(fault(zip({ 'imsmanifest.xml': manifest(), [path]: '<a/>' }))).toMatch(/^archive: .*leads outside/);
	});

	it('is held to the size it tells, where it unpacks to more', () => {
		const lying = zip({ 'imsmanifest.xml': manifest('a.xml'), 'a.xml': new Uint8Array(40_000_000) });
		const view = new DataView(lying.buffer, lying.byteOffset);
		// The unpacked size of a file is in its own head and in the list at the end.
		for (let at = 0; at < lying.length - 30; at++) {
			if (view.getUint32(at, true) === 0x02014b50 && view.getUint32(at + 24, true) === 40_000_000)
				view.setUint32(at + 24, 100, true);
			if (view.getUint32(at, true) === 0x04034b50 && view.getUint32(at + 22, true) === 40_000_000)
				view.setUint32(at + 22, 100, true);
		}
		expect(fault(lying)).toMatch(/In a\.xml: .*not UTF-8 text.*then try again\.$/);
	});

	it('is not unpacked where it would fill the machine', () => {
		const big = new Uint8Array(60_000_000);
		const bomb = zip({ 'imsmanifest.xml': manifest('a.xml', 'b.xml'), 'a.xml': big, 'b.xml': big });
		expect(bomb.length).toBeLessThan(200_000);
		expect(fault(bomb)).toMatch(/^archive: .*more than 100 MB/);
	});

	it('follows no entities', () => {
		const evil = '<!DOCTYPE x [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]><qti-assessment-item>&b;</qti-assessment-item>';
		expect(fault(zip({ 'imsmanifest.xml': manifest('e.xml'), 'e.xml': evil }))).toContain('its own entities');
	});

	it('is read as far as its items can be, each that cannot be named', () => {
		const good = item(FLOAT('7.20'), `<p>How many kilometres an hour are 2.00 m/s?</p><p>${ENTRY()} km/h</p>`);
		const read = readPackage(
			zip({ 'imsmanifest.xml': manifest('good.xml', 'broken.xml'), 'good.xml': good, 'broken.xml': '<a' }),
		);
		if (!read.ok) throw new Error(read.fault.message);
		expect(read.value.rows.map(({ where, taken }) => [where, taken])).toEqual([
			['good.xml', true],
			['broken.xml', false],
		]);
	});

	it('with our own form of a later version says so, and reads nothing by halves', () => {
		const later = JSON.stringify({ tidySum: 9, title: '', exercises: [] });
		expect(fault(zip({ 'imsmanifest.xml': manifest(), 'tidy-sum-set.json': later }))).toMatch(/^later-edition/);
	});
});
