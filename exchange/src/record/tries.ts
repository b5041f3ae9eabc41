import type { Slip } from '@tidy-sum/core';
import { tableText } from '../set/table';

/** A try at an exercise as it is taken along: when, at what, and what came of it. */
export type TryTaken = {
	readonly when: number;
	readonly exercise: string;
	readonly title: string;
	readonly skill: string;
	readonly answer: string;
	readonly right: boolean;
	readonly seconds: number;
	readonly slips: readonly Slip['code'][];
	readonly nudges: number;
	readonly uncovered: number;
	readonly shown: boolean;
};

/** A column of the table of tries. To add one is to add a row. */
const COLUMNS: readonly (readonly [name: string, of: (one: TryTaken) => string])[] = [
	['when', ({ when }) => new Date(when).toISOString()],
	['exercise', ({ exercise }) => exercise],
	['title', ({ title }) => title],
	['skill', ({ skill }) => skill],
	['answer', ({ answer }) => answer],
	['right', ({ right }) => (right ? 'yes' : 'no')],
	['seconds', ({ seconds }) => `${seconds}`],
	['slips', ({ slips }) => slips.join('; ')],
	['nudges', ({ nudges }) => `${nudges}`],
	['numbers uncovered', ({ uncovered }) => `${uncovered}`],
	['line shown', ({ shown }) => (shown ? 'yes' : 'no')],
];

/** What one has worked as comma-separated values, a row a try, the oldest first. It is only written. */
export function triesCsv(tries: readonly TryTaken[]): string {
	return tableText([COLUMNS.map(([name]) => name), ...inOrder(tries).map((one) => COLUMNS.map(([, of]) => of(one)))]);
}

/** The same as JSON; times are written as ISO 8601 has them. */
export function triesJson(tries: readonly TryTaken[]): string {
	const all = inOrder(tries).map(({ when, ...one }) => ({ when: new Date(when).toISOString(), ...one }));
	return `${JSON.stringify({ tries: all }, null, '\t')}\n`;
}

function inOrder(tries: readonly TryTaken[]): readonly TryTaken[] {
	return [...tries].sort((a, b) => a.when - b.when);
}
