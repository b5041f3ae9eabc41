import {
	type Chain,
	type Exercise,
	type Fact,
	type Factor,
	type GoesBy,
	type Mark,
	type Quantity,
	type Role,
	type Rounding,
	readQuantityText,
	type Start,
	sidesOfStart,
	TABLE_NAMES,
	type TableName,
	type Want,
	writtenQuantity,
} from '@tidy-sum/core';
import { readFactText, readStarting } from '@tidy-sum/core/help';

/** A cell that cannot be read: why, in words that go on from the name of its column. */
export class CellFault extends Error {}

/** What stands between the items of a list in a cell. */
const ITEMS = '; ';
const CUT_ITEMS = /\s*;\s*/u;

/** A number as most are written, and a unit that holds no sign of ours: read without asking the core. */
const PLAIN = /^([-−]?\d[\d.]*(?:e[-+]?\d+)?)(?: ([^\d\s|/;=()−-][^\s|;=()]*))?$/u;

/** A quantity whose number or unit holds spaces, with a bar between the two. */
const BARRED = ' | ';

/** A quantity of a cell: "2.75 in/h", or "3 1/2 | fl oz" where it could be cut in two places. */
export function readQuantityCell(text: string): Quantity {
	const cell = text.trim();
	const plain = PLAIN.exec(cell);
	if (plain) return { number: plain[1] as string, unit: plain[2] ?? '' };
	const bar = cell.indexOf('|');
	if (bar >= 0) return { number: cell.slice(0, bar).trim(), unit: cell.slice(bar + 1).trim() };
	const read = readQuantityText(cell);
	if (!read.ok) throw new CellFault(read.fault.message);
	return read.value;
}

/** The same written; what is read again is what was written. */
export function quantityCell(quantity: Quantity): string {
	const written = writtenQuantity(quantity);
	if (!/[;=()|]| (?:\/|over) /u.test(written)) {
		try {
			const again = readQuantityCell(written);
			if (again.number === quantity.number && again.unit === quantity.unit) return written;
		} catch {
			// Written with a bar, which needs no reading.
		}
	}
	return `${quantity.number}${BARRED}${quantity.unit}`;
}

/** Marks in brackets behind a fact or a factor: "(exact)", "(figures 3)". */
const FLAG = /\s*\(([a-z]+)(?: ([^()]*))?\)$/u;

function withoutFlags(text: string): { readonly rest: string; readonly flags: ReadonlyMap<string, string> } {
	const flags = new Map<string, string>();
	let rest = text.trim();
	for (let found = FLAG.exec(rest); found && FLAGS.has(found[1] as string); found = FLAG.exec(rest)) {
		flags.set(found[1] as string, found[2] ?? '');
		rest = rest.slice(0, found.index).trim();
	}
	return { rest, flags };
}

const FLAGS: ReadonlySet<string> = new Set([
	'exact',
	'measured',
	'given',
	'stated',
	'figures',
	'power',
	'then',
	'aside',
	'from',
	'plus',
]);

function exactFlag(exact: boolean | undefined): string {
	return exact === undefined ? '' : exact ? ' (exact)' : ' (measured)';
}

function exactOf(flags: ReadonlyMap<string, string>): { exact?: boolean } {
	return flags.has('exact') ? { exact: true } : flags.has('measured') ? { exact: false } : {};
}

/** Facts of a cell: "12 jar = 1 crate; 1 bale = 9.5 kg (measured)". */
export function readFactsCell(text: string): Fact[] {
	return items(text).map((item) => {
		const { rest, flags } = withoutFlags(item);
		const sides = rest.split(/\s=\s/u);
		if (sides.length === 2) {
			const [left = '', right = ''] = sides;
			return { left: readQuantityCell(left), right: readQuantityCell(right), ...exactOf(flags) };
		}
		const read = readFactText(rest);
		if (!read.ok) throw new CellFault(read.fault.message);
		return { ...read.value, ...exactOf(flags) };
	});
}

export function factsCell(facts: readonly Fact[]): string {
	return facts
		.map(({ left, right, exact }) => `${quantityCell(left)} = ${quantityCell(right)}${exactFlag(exact)}`)
		.join(ITEMS);
}

function items(text: string): readonly string[] {
	return text.split(CUT_ITEMS).filter((item) => item.trim() !== '');
}

/** What a line starts from: one quantity, or one over another: "3.6 km over 12.5 min". */
export function readStartCell(text: string): Pick<Exercise, 'start' | 'until' | 'terms'> {
	const [top = '', bottom, ...more] = text.split(/\s+over\s+/u);
	if (bottom !== undefined && !more.length)
		return { start: { top: readQuantityCell(top), bottom: readQuantityCell(bottom) } };
	try {
		return { start: readQuantityCell(text) };
	} catch (fault) {
		// As a person types it: a range, a measure in parts, a sum.
		const read = readStarting(text);
		if (read.ok) return read.value;
		throw fault;
	}
}

export function startCell(start: Start): string {
	const { top, bottom } = sidesOfStart(start);
	return bottom ? `${quantityCell(top)} over ${quantityCell(bottom)}` : quantityCell(top);
}

/** The further parts of a sum, and the units of a measure in parts. */
export function readTermsCell(text: string): Quantity[] {
	return items(text).map(readQuantityCell);
}

export function termsCell(terms: readonly Quantity[]): string {
	return terms.map(quantityCell).join(ITEMS);
}

/** Factors of a line: "60 min / 1 h; 1 ft / 12 in (power 2)". */
export function readLineCell(text: string): Factor[] {
	return items(text).map((item) => {
		const { rest, flags } = withoutFlags(item);
		const [top = '', bottom, ...more] = rest.split(/\s+(?:\/|over)\s+/u);
		if (bottom === undefined || more.length)
			throw new CellFault(`“${rest}” is no factor: one quantity, a stroke with spaces round it, and another`);
		const aside = flags.get('aside');
		const from = flags.get('from');
		return {
			top: readQuantityCell(top),
			bottom: readQuantityCell(bottom),
			...exactOf(flags),
			...(flags.has('given') ? { given: true } : flags.has('stated') ? { given: false } : {}),
			...numberFlag(flags, 'power'),
			...numberFlag(flags, 'figures'),
			...(flags.has('then') ? { shift: flags.get('then') as string } : {}),
			...(aside === undefined
				? {}
				: { aside: { ...readQuantityCell(aside), ...(from === undefined ? {} : { from }) } }),
			...(flags.has('plus') ? { term: readQuantityCell(flags.get('plus') as string) } : {}),
		};
	});
}

function numberFlag<K extends 'power' | 'figures'>(flags: ReadonlyMap<string, string>, name: K): { [N in K]?: number } {
	const text = flags.get(name);
	if (text === undefined) return {};
	if (!/^-?\d{1,3}$/.test(text)) throw new CellFault(`“${text}” is no whole number for ${name}`);
	return { [name]: Number(text) } as { [N in K]?: number };
}

export function lineCell(line: readonly Factor[]): string {
	return line
		.map(({ top, bottom, exact, given, power, figures, shift, aside, term }) =>
			[
				`${quantityCell(top)} / ${quantityCell(bottom)}`,
				exactFlag(exact),
				given === undefined ? '' : given ? ' (given)' : ' (stated)',
				power === undefined ? '' : ` (power ${power})`,
				figures === undefined ? '' : ` (figures ${figures})`,
				shift === undefined ? '' : ` (then ${shift})`,
				aside === undefined ? '' : ` (aside ${quantityCell(aside)})`,
				aside?.from === undefined ? '' : ` (from ${aside.from})`,
				term === undefined ? '' : ` (plus ${quantityCell(term)})`,
			].join(''),
		)
		.join(ITEMS);
}

const ROLES: ReadonlySet<string> = new Set<Role>(['start', 'fact', 'spare']);

/** The places of a text, from and to in UTF-16 units, with what stands there: "10-18 start; 30-35 fact". */
export function readMarksCell(text: string): Mark[] {
	return items(text).map((item) => {
		const found = /^(\d{1,6})-(\d{1,6}) ([a-z]+)$/.exec(item);
		if (!found || !ROLES.has(found[3] as string)) throw new CellFault(`“${item}” is no place such as 10-18 start`);
		return { at: [Number(found[1]), Number(found[2])], role: found[3] as Role };
	});
}

export function marksCell(marks: readonly Mark[]): string {
	return marks.map(({ at: [from, to], role }) => `${from}-${to} ${role}`).join(ITEMS);
}

/** What is wanted, but for its form: a row for each kind of answer. */
type WantCell = {
	readonly begins: string;
	readonly read: (rest: string) => Want;
	/** The same written; null for a want of another kind. */
	readonly write: (want: Want) => string | null;
};

const WANT_CELLS: readonly WantCell[] = [
	{
		begins: 'factor to ',
		read: (factor) => ({ factor }),
		write: (want) => ('factor' in want ? want.factor : null),
	},
	{
		begins: 'figures of ',
		read: (figures) => ({ figures }),
		write: (want) => ('figures' in want ? want.figures : null),
	},
	{
		begins: 'wrong block of ',
		read: (text) => ({ slip: readChainCell(text) }),
		write: (want) => ('slip' in want ? chainCell(want.slip) : null),
	},
];

/** What is wanted: "ft/s", "ft and in", "factor to kJ", "figures of 0.00450", "wrong block of 2.5 h × 60 min / 1 h". */
export function readWantCell(text: string): Want {
	const cell = text.trim();
	const row = WANT_CELLS.find(({ begins }) => cell.startsWith(begins));
	if (row) return row.read(cell.slice(row.begins.length));
	const parts = cell.split(/\s*(?:,|&|\band\b)\s*/u);
	if (parts.length > 1) return { mixed: parts };
	// A plain number has no unit to name it by.
	return { unit: cell === PLAIN_NUMBER ? '' : cell };
}

const PLAIN_NUMBER = 'a plain number';

export function wantCell(want: Want): string {
	for (const { begins, write } of WANT_CELLS) {
		const written = write(want);
		if (written !== null) return begins + written;
	}
	if ('mixed' in want) return want.mixed.join(' and ');
	return 'unit' in want ? want.unit || PLAIN_NUMBER : '';
}

/** A whole line: "2.5 h (exact) × 60 min / 1 h → min"; what is said of its start stands behind that. */
function readChainCell(text: string): Chain {
	const [line = '', want] = text.split(/\s*→\s*/u);
	const [first = '', ...factors] = line.split(/\s+×\s+/u);
	const { rest, flags } = withoutFlags(first);
	const { start } = readStartCell(rest);
	if (!start) throw new CellFault('its line starts from nothing');
	const { figures } = numberFlag(flags, 'figures');
	return {
		start,
		...(flags.has('exact') ? { exactStart: true } : {}),
		...(figures === undefined ? {} : { startFigures: figures }),
		factors: factors.flatMap(readLineCell),
		...(want === undefined ? {} : { want }),
	};
}

function chainCell({ start, exactStart, startFigures, factors, want }: Chain): string {
	const first = `${startCell(start)}${exactFlag(exactStart)}${startFigures === undefined ? '' : ` (figures ${startFigures})`}`;
	const line = [first, ...factors.map((factor) => lineCell([factor]))].join(' × ');
	return want === undefined ? line : `${line} → ${want}`;
}

/** Ways to write how an answer is rounded; the first that fits is taken. */
const ROUNDINGS: readonly (readonly [RegExp, (found: RegExpExecArray) => Rounding])[] = [
	[/^(?:figures|)$/u, () => 'figures'],
	[/^none$/u, () => 'none'],
	[/^(\d{1,3}) *(?:significant )?(?:figures?|s\.? ?f\.?)$/u, ([, count]) => ({ significant: Number(count) })],
	[/^place (-?\d{1,3})$/u, ([, place]) => ({ place: Number(place) })],
	[/^(\d{1,3}) *(?:decimal places?|d\.? ?p\.?)$/u, ([, places]) => ({ place: 0 - Number(places) })],
];

/** How an answer is rounded: "figures" (as the inputs give), "none", "3 figures", "place -1" (tenths), "1 decimal place". */
export function readRoundingCell(text: string): Rounding {
	const cell = text.trim().toLowerCase();
	for (const [pattern, of] of ROUNDINGS) {
		const found = pattern.exec(cell);
		if (found) return of(found);
	}
	throw new CellFault(`“${text}” is no rounding; write figures, none, 3 figures or place -1`);
}

export function roundingCell(rounding: Rounding): string {
	if (typeof rounding === 'string') return rounding;
	return 'significant' in rounding
		? `${rounding.significant} ${rounding.significant === 1 ? 'figure' : 'figures'}`
		: `place ${rounding.place}`;
}

/** What a class goes by, but for its facts: "ties even; tables prefixes, time; support light; numbers covered". */
export function readGoesByCell(text: string): Omit<GoesBy, 'facts'> {
	const by: { -readonly [K in keyof GoesBy]: GoesBy[K] } = {};
	for (const item of items(text)) {
		const [, name = '', says = ''] = /^(\S+)\s*(.*)$/u.exec(item) ?? [];
		if (name === 'ties') by.ties = oneOf(says, ['away', 'even'] as const);
		else if (name === 'support') by.support = oneOf(says, ['close', 'light', 'none'] as const);
		else if (name === 'numbers') by.numbers = oneOf(says, ['worked', 'laid-out', 'covered'] as const);
		else if (name === 'tables')
			by.tables = says
				.split(/\s*,\s*/u)
				.filter(Boolean)
				.map((table) => oneOf<TableName>(table, TABLE_NAMES));
		else throw new CellFault(`a class does not go by “${name}”; it goes by ties, tables, support and numbers`);
	}
	return by;
}

function oneOf<T extends string>(said: string, all: readonly T[]): T {
	const found = all.find((one) => one === said);
	if (!found) throw new CellFault(`“${said}” is none of ${all.join(', ')}`);
	return found;
}

export function goesByCell({ ties, tables, support, numbers }: GoesBy): string {
	return [
		tables && `tables ${tables.join(', ')}`,
		ties && `ties ${ties}`,
		support && `support ${support}`,
		numbers && `numbers ${numbers}`,
	]
		.filter(Boolean)
		.join(ITEMS);
}
