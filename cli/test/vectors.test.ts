import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseUnit } from '@tidy-sum/core';
import { ask } from '../src/ask';
import { holds } from './holds';

const FOLDER = join(__dirname, '..', 'vectors');

type Case = { readonly name: string; readonly ask: unknown; readonly expect: unknown };

const CASES: readonly Case[] = readdirSync(FOLDER)
	.sort()
	.flatMap((file) =>
		readFileSync(join(FOLDER, file), 'utf8')
			.trim()
			.split('\n')
			.map((line, i) => ({ name: `${file.replace('.jsonl', '')} ${i + 1}`, ...JSON.parse(line) })),
	);

/** Problems and workings that are not read whole yet, by name, and what the reader would have to know. */
const UNREAD: Readonly<Record<string, string>> = {
	'read-2 61': 'that so many “come to a carton” is told of tins with words between',
	'read-2 122': 'that each of the players ran all the laps, so that their number is not needed',
	'read-2 126': 'that a share told of a solution is not needed, and that the bag is what runs',
	'read-3 17': 'the name of a prefix in place of a unit',
	'read-3 72': 'a packet and a chest without a number before them',
	'read-3 146': 'a share of an ore that is asked for, from what is won of it',
	'read-3 185': 'one factor asked for in a sentence of its own',
	'working-2 30': 'that a power of ten without spaces is the value before, written again',
	'working-2 77': 'that “so the answer is” only repeats the value',
	'working-3 48': 'two lines of a temperature, one going on from the other',
	'working-3 68': 'a line told in sentences: take, multiply by, then by',
	'working-3 71': 'a counted thing below in “divided by 250 millilitres per flask”',
	'working-3 85': 'letters struck one by one',
	'working-3 92': 'LaTeX with the degree sign raised before its letter',
	'working-3 103': 'a comma before three digits beside one that is the decimal mark',
};

function replyTo(request: unknown): unknown {
	return JSON.parse(JSON.stringify(ask(JSON.stringify(request))));
}

/** The same with each unit as it is printed, without the substance it may be of: so texts that are read are compared. */
function printed(value: unknown): unknown {
	const unitOf = (text: string) => {
		const unit = parseUnit(text.replace(/\{.*?\}/g, ''), { counted: true });
		return unit.ok ? unit.value.text : text;
	};
	return JSON.parse(JSON.stringify(value), (key, one) =>
		key === 'unit' && typeof one === 'string' ? unitOf(one) : one,
	);
}

const isText = (request: unknown) => ['working', 'read'].includes(`${(request as { op?: unknown }).op}`);

/** Problems of a page by their label and words: how a page breaks its lines is left to the reader. */
function worded(value: unknown): unknown {
	const { problems } = value as {
		readonly problems?: readonly { readonly label: string | null; readonly text: string }[];
	};
	return problems?.map(({ label, text }) => `${label} ${text.replace(/\s+/g, ' ').trim()}`) ?? value;
}

type Told = { readonly facts?: readonly { readonly left: unknown; readonly right: unknown }[] };

/** Facts in no order, either way up: so a case tells them. */
function sorted(value: unknown): unknown {
	const told = value as Told;
	if (!told.facts) return value;
	const facts = told.facts.map(({ left, right }) =>
		[left, right]
			.map((side) => JSON.stringify(side))
			.sort()
			.join(' = '),
	);
	return { ...told, facts: facts.sort() };
}

describe('the cases of the contract', () => {
	it('are all here', () => {
		expect(CASES.length).toBeGreaterThanOrEqual(176);
	});

	it('are few that are not read whole, and none of those is read by now', () => {
		const read = CASES.filter(({ name }) => name in UNREAD).filter(({ ask: request, expect: expected }) =>
			holds(sorted(printed(expected)), sorted(printed(replyTo(request)))),
		);
		expect(read.map(({ name }) => name)).toEqual([]);
		expect(Object.keys(UNREAD).length).toBeLessThanOrEqual(
			0.05 * CASES.filter(({ name }) => /^(?:read|working)/.test(name)).length,
		);
	});

	it.each(CASES.filter(({ name }) => !(name in UNREAD)))('$name holds', ({ ask: request, expect: expected }) => {
		if ((request as { op?: unknown }).op === 'sheet') {
			expect(worded(replyTo(request))).toEqual(worded(expected));
			return;
		}
		const [wanted, reply] = isText(request)
			? [sorted(printed(expected)), sorted(printed(replyTo(request)))]
			: [expected, replyTo(request)];
		if (!holds(wanted, reply)) expect(reply).toMatchObject(wanted as object);
		expect(holds(wanted, reply)).toBe(true);
	});
});

describe('how cases are compared', () => {
	it('takes maps of powers whole and other objects by their named fields', () => {
		expect(holds({ dimension: { m: 1 } }, { dimension: { m: 1, s: -1 } })).toBe(false);
		expect(holds({ standing: { top: { m: 1 }, bottom: {} } }, { standing: { top: { m: 1 }, bottom: { s: 1 } } })).toBe(
			false,
		);
		expect(holds({ ok: true }, { ok: true, more: 1 })).toBe(true);
		expect(
			holds(
				{ factors: [{ top: { number: '1', unit: 'm' } }] },
				{ factors: [{ top: { number: '1', unit: 'm' }, x: 1 }] },
			),
		).toBe(true);
		expect(holds([1, 2], [1])).toBe(false);
	});
});
