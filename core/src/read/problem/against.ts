import type { Found } from './found';
import type { Linked } from './linked';
import { type Attempt, canBeWorked, type Reading, type Source } from './readings';
import { isAlike, unitNamed } from './unit-kinds';

/** A reading with how it was come by: facts it supposes, whether its start is tried, and which of the named units it asks for. */
export type Candidate = Attempt & { readonly reading: Reading; readonly isWorked: boolean; readonly named: number };

/** What speaks against a reading: how often, with how it weighs. The reading with the least against it is taken. */
const AGAINST: readonly {
	readonly example: string;
	readonly weight: number;
	readonly times: (candidate: Candidate, source: Source) => number;
}[] = [
	{ example: 'no line leads from 3 kg to litres', weight: 10, times: ({ isWorked }) => Number(!isWorked) },
	{
		example: 'a number that no line uses',
		weight: 1,
		times: ({ reading }, { found }) => unused(reading, found).length,
	},
	{
		example: 'what is the mass in grams of 5 tiles, from the mass of a box',
		weight: 0.7,
		times: ({ reading }, source) => unusedInQuestion(reading, source).length,
	},
	{
		example: '2 pages make a sheet, and the line goes from g to kg',
		weight: 0.5,
		times: ({ reading }) => idleFacts(reading),
	},
	{ example: 'from metres to metres', weight: 0.8, times: ({ reading }) => Number(endsWhereItStarts(reading)) },
	{ example: 'from 1 mL of a density', weight: 1.2, times: ({ reading }) => Number(startsFromOne(reading)) },
	{ example: 'a book of 320 pages, where no line needs the book', weight: 10, times: idleSuppositions },
	{ example: 'a fact that is not stated as one', weight: 0.4, times: ({ supposed = [] }) => supposed.length },
	{ example: 'a start that no pattern speaks for', weight: 0.4, times: ({ from }) => Number(from !== undefined) },
	{ example: 'a unit that is named, not asked for', weight: 1.5, times: ({ named }) => named },
];

/** How much speaks against a reading. */
export function against(candidate: Candidate, source: Source): number {
	return AGAINST.reduce((sum, { weight, times }) => sum + weight * times(candidate, source), 0);
}

/** The quantities of a text that a reading does not use. */
export function unused(reading: Reading, found: readonly Found[]): readonly number[] {
	return found.flatMap((one, i) => (one.unit === '' || isUsed(reading, i) ? [] : [i]));
}

/** Those in the sentence that asks last, where the start is from another one. */
export function unusedInQuestion(reading: Reading, { found, question }: Source): readonly number[] {
	const [first] = reading.chosen.of;
	const isIn = (i: number) => {
		const from = found[i]?.at[0] ?? -1;
		return question !== null && from >= question[0] && from < question[1];
	};
	return first === undefined || isIn(first) ? [] : unused(reading, found).filter(isIn);
}

function startsFromOne({ chosen: { start } }: Reading): boolean {
	return start !== null && ('top' in start ? start.bottom : start).number === '1';
}

function isUsed({ chosen }: Reading, i: number): boolean {
	return chosen.of.includes(i) || chosen.facts.some(({ of }) => of.includes(i));
}

/** The unit of a start that is one quantity. */
function startUnit({ chosen, untold }: Reading): string | null {
	const start = chosen.start ?? untold;
	return start && !('top' in start) ? start.unit : null;
}

/** How many facts tie two kinds while the line stays within one. */
function idleFacts(reading: Reading): number {
	const [from, to] = [startUnit(reading), reading.asked?.unit ?? null];
	if (from === null || to === null || !isAlike(from, to)) return 0;
	return reading.chosen.facts.filter(({ fact: { left, right } }) => !isAlike(left.unit, right.unit)).length;
}

/** How many of the facts that a reading supposes its line can do without. */
function idleSuppositions({ reading, supposed = [] }: Candidate): number {
	const { chosen } = reading;
	const without = (one: Linked) => ({
		...reading,
		chosen: { ...chosen, facts: chosen.facts.filter((fact) => fact !== one) },
	});
	// Of a tie between like units, as in 2.5 mg for each kg, the dimensions do not say whether it is needed.
	const isPlain = ({ fact: { left, right } }: Linked) => !isAlike(left.unit, right.unit);
	return supposed.filter((one) => isPlain(one) && canBeWorked(without(one))).length;
}

function endsWhereItStarts(reading: Reading): boolean {
	const [from, to] = [startUnit(reading), reading.asked?.unit ?? null];
	return from !== null && to !== null && unitNamed(from)?.text === unitNamed(to)?.text;
}
