import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { strFromU8, unzipSync } from 'fflate';
import Papa from 'papaparse';
import { Browser, DESKTOP } from './src/browser';
import { clearAway } from './src/clear-away';

jest.setTimeout(240_000);

const BIN = join(__dirname, '..', 'cli', 'bin', 'tidy-sum.mjs');

/** The reader no one here wrote: a general-purpose player of QTI items, for this test alone. */
const READER = join(dirname(require.resolve('@citolab/qti-components/package.json')), 'cdn', 'index.global.js');

/** How many fresh exercises are held to it beside those of the book. */
const FRESH = 60;

let folder: string;
let browser: Browser;

function tidySum(args: readonly string[], input = ''): string {
	const { stdout, stderr } = spawnSync(process.execPath, [BIN, ...args], { input, encoding: 'utf8', maxBuffer: 1e8 });
	if (!stdout && stderr) throw new Error(stderr);
	return stdout;
}

type Reply = Readonly<Record<string, unknown>>;

/** Lines of the core's public face, answered in order. */
function asked(requests: readonly object[]): readonly Reply[] {
	const answers = tidySum(['ask'], requests.map((one) => `${JSON.stringify(one)}\n`).join(''));
	return answers
		.trim()
		.split('\n')
		.map((line) => JSON.parse(line));
}

/** Fresh exercises of every skill, those of the first level first, as a file of exercises. */
function freshFile(): string {
	const [known] = asked([{ op: 'skills' }]);
	const asks = [1, 2, 3].flatMap((level) =>
		((known?.skills ?? []) as { skill: string }[]).map(({ skill }) => ({
			op: 'fresh',
			skill,
			seed: 'held',
			level,
			count: 1,
		})),
	);
	const made = asked(asks.slice(0, FRESH)).map(({ exercises }, i) => {
		const [{ key: _, ...exercise }] = exercises as [{ key: unknown }];
		return { name: `fresh-${i + 1}`, ...exercise };
	});
	const file = join(folder, 'fresh.json');
	writeFileSync(file, JSON.stringify(made));
	return file;
}

type Exercise = {
	readonly name: string;
	readonly start?: object;
	readonly line?: object[];
	readonly terms?: object[];
	readonly until?: object;
	readonly difference?: boolean;
	readonly want: { unit?: string; form?: string };
};

/** The exact values of the exercises of a set whose answer is one number, by the core's public face. */
function exactOf(set: string): ReadonlyMap<string, number> {
	const { exercises } = JSON.parse(tidySum(['set', set])) as { exercises: Exercise[] };
	const plain = exercises.filter(
		({ want, start, terms, until }) => want.unit !== undefined && start && !terms && !until && want.form !== 'fraction',
	);
	const asks = plain.map(({ start, line, difference, want }) =>
		line
			? { op: 'chain', start, factors: line.map((one) => ({ ...one, given: true })) }
			: { op: 'convert', from: start, to: want.unit, difference },
	);
	const values = asked(asks).map(({ value, pi = 0 }) => {
		const [n = '', d = '1'] = `${value}`.split('/');
		return (Number(n) / Number(d)) * Math.PI ** Number(pi);
	});
	return new Map(plain.map(({ name }, i) => [name, values[i] as number]));
}

/** The items of a set by their names, as texts. */
function itemsOf(set: string): ReadonlyMap<string, string> {
	const file = join(folder, `${set.replace(/\W+/g, '-')}.zip`);
	tidySum(['set', set, '--form', 'qti', '-o', file]);
	const files = unzipSync(readFileSync(file));
	return new Map(
		Object.entries(files).flatMap(([path, bytes]) => {
			const name = /^items\/(.*)\.xml$/.exec(path)?.[1];
			return name ? [[name, strFromU8(bytes)] as const] : [];
		}),
	);
}

type Responses = Readonly<Record<string, string>>;

/** What an item declares right, by the names of its responses; what was typed goes with its number. */
function rightOf(xml: string): Responses {
	const declared = xml.matchAll(
		/<qti-response-declaration identifier="([A-Z0-9_]+)"[^>]*><qti-correct-response><qti-value>([^<]*)</g,
	);
	return Object.fromEntries(
		[...declared].filter(([, name]) => !name?.endsWith('_TYPED')).map(([, name, value]) => [name, value]),
	);
}

/** A response with another number: off in its last figures, so that no coarse comparison takes it. */
function wrongOf(responses: Responses): Responses {
	const [name = ''] = Object.keys(responses);
	const value = responses[name] ?? '';
	if (name === 'BLOCK') return { ...responses, [name]: value === 'C1' ? 'C2' : 'C1' };
	return { ...responses, [name]: `${Number((Number(value) * 1.02).toPrecision(6))}` };
}

/** A right value with a figure more than it may have. */
function finerOf(exact: number | undefined, responses: Responses): Responses | null {
	const { NUMBER } = responses;
	if (NUMBER === undefined || exact === undefined) return null;
	const figures = NUMBER.replace(/e.*/, '').replace(/\D/g, '').replace(/^0+/, '').length;
	return { ...responses, NUMBER: exact.toPrecision(Math.min(15, figures + 1)) };
}

/** The answer a student writes who gives these responses: with what stands round the entries of the item. */
function written(xml: string, responses: Responses): string {
	if (responses.BLOCK) return `factor ${responses.BLOCK.slice(1)}`;
	const asks = /<div class="tidy-sum-answer"><p>(.*?)<\/p>/.exec(xml)?.[1] ?? '';
	return asks
		.replace(
			/<qti-text-entry-interaction response-identifier="([A-Z0-9_]+)"[^>]*\/>/g,
			(_, name) => responses[name] ?? '',
		)
		.replace(/(?:Number|Unit|From|How many):/g, ' ')
		.replace(/&apos;/g, "'")
		.replace(/\s+/g, ' ')
		.trim();
}

type Case = {
	readonly name: string;
	readonly way: 'right' | 'wrong' | 'finer';
	readonly xml: string;
	readonly responses: Responses;
};

function casesOf(items: ReadonlyMap<string, string>, exact: ReadonlyMap<string, number>): readonly Case[] {
	return [...items].flatMap(([name, xml]): Case[] => {
		const right = rightOf(xml);
		const finer = finerOf(exact.get(name), right);
		return [
			{ name, way: 'right', xml, responses: right },
			{ name, way: 'wrong', xml, responses: wrongOf(right) },
			...(finer ? [{ name, way: 'finer' as const, xml, responses: finer }] : []),
		];
	});
}

/** What comes of a case in the reader: its outcomes, and the feedback that is shown. */
type Outcome = { readonly score: number; readonly value: number; readonly shown: string };

/** Shows an item in the reader, gives its responses and has them judged, in the page. */
const IN_READER = `
	const [xml, responses, done] = arguments;
	const doc = QtiComponents.qtiTransformItem().parse(xml).htmlDoc();
	document.body.replaceChildren(doc);
	const item = document.querySelector('qti-assessment-item');
	const ready = () => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve, 0)));
	(async () => {
		await item.updateComplete;
		await ready();
		for (const [name, value] of Object.entries(responses)) item.updateResponseVariable(name, value);
		item.processResponse(true, false);
		await ready();
		const found = (name) => Number(item.variables.find(({ identifier }) => identifier === name)?.value ?? 0);
		const shown = [...document.querySelectorAll('qti-feedback-block')]
			.filter((one) => one.shadowRoot?.querySelector('.on'))
			.map((one) => one.getAttribute('identifier'));
		done({ score: found('SCORE'), value: found('VALUE'), shown: shown.join(' ') });
	})().catch((error) => done({ score: -1, value: -1, shown: String(error) }));
`;

async function inReader({ xml, responses }: Case): Promise<Outcome> {
	return browser.driver.executeAsyncScript<Outcome>(IN_READER, xml, responses);
}

beforeAll(async () => {
	folder = mkdtempSync(join(tmpdir(), 'tidy-sum-qti-'));
	const page = join(folder, 'reader.html');
	writeFileSync(
		page,
		`<!doctype html><meta charset="utf-8"><body><script src="${pathToFileURL(READER)}"></script></body>`,
	);
	browser = await Browser.open({ screen: DESKTOP });
	await browser.driver.get(`${pathToFileURL(page)}`);
});

afterAll(async () => {
	await browser?.close();
	clearAway(folder);
});

/** What the command line says of answers to a set: whether each is right, and in value. */
function markedBy(
	set: string,
	cases: readonly Case[],
): readonly { readonly right: boolean; readonly value: boolean; readonly answer: string }[] {
	const file = join(folder, 'answers.csv');
	const answers = cases.map(({ name, xml, responses }) => ({
		student: 'S',
		exercise: name,
		answer: written(xml, responses),
	}));
	writeFileSync(file, Papa.unparse(answers));
	const { data } = Papa.parse<Record<string, string>>(tidySum(['mark', file, '--set', set]), {
		header: true,
		skipEmptyLines: true,
	});
	return data.map((row) => ({ right: row.right === 'yes', value: row.value === 'right', answer: row.answer ?? '' }));
}

describe('items of QTI 3.0, in a reader no one here wrote', () => {
	it.each([
		['those of the book', () => 'book'],
		['60 fresh ones', freshFile],
	])('%s are told as we tell them: right, wrong, and right with too many figures', async (_, setOf) => {
		const set = setOf();
		const items = itemsOf(set);
		const count: number = JSON.parse(tidySum(['set', set])).exercises.length;
		expect(items.size).toBe(count);
		const cases = casesOf(items, exactOf(set));
		const ours = markedBy(set, cases);
		const differ: string[] = [];
		for (const [i, one] of cases.entries()) {
			const mine = ours[i] as (typeof ours)[number];
			const there = await inReader(one);
			const same = (there.score === 1) === mine.right;
			// A value that is right and not its figures is told as such there too.
			const told = mine.right || !mine.value || one.way !== 'finer' || there.shown === 'FIGURES';
			if (!same || !told)
				differ.push(
					`${one.name} ${one.way} “${mine.answer}”: ours ${JSON.stringify(mine)}, there ${JSON.stringify(there)}`,
				);
			if (one.way === 'right') expect(mine).toMatchObject({ right: true });
			if (one.way === 'wrong') expect(mine).toMatchObject({ right: false });
		}
		expect(differ).toEqual([]);
		expect(cases.filter(({ way }) => way === 'finer').length).toBeGreaterThan(count / 2);
	});
});
