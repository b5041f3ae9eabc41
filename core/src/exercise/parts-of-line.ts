import { type Chain, START, sidesOfStart } from '../chain/chain';
import { type Quantity, type ReadQuantity, readQuantity } from '../quantity/quantity';
import type { Exercise } from './exercise';
import { sameAmount } from './is-stated';

/** A line held against the parts a problem adds up. */
export type PartsOfLine = {
	/** The parts that are not on the line yet. */
	readonly missing: readonly Quantity[];
	/** Where the line has a part that the problem does not: a step, or -1 for the start. */
	readonly strange: readonly number[];
};

function read(quantity: Quantity): ReadQuantity | null {
	const made = readQuantity(quantity, { counted: true, mayLack: true });
	return made.ok ? made.value : null;
}

/** The parts a problem adds up: what its line starts from, and the terms; one alone where it adds none. */
export function partsAsked({ start, terms = [] }: Pick<Exercise, 'start' | 'terms'>): readonly Quantity[] {
	return [...(start && !('top' in start) ? [start] : []), ...terms];
}

/** Which parts of a sum are on a line, in whatever order and writing: each counts once. */
export function partsOfLine(exercise: Pick<Exercise, 'start' | 'terms'>, { start, factors }: Chain): PartsOfLine {
	const missing = [...partsAsked(exercise)];
	const strange: number[] = [];
	const onLine = [
		{ at: START, part: sidesOfStart(start).top },
		...factors.flatMap(({ term }, at) => (term ? [{ at, part: term }] : [])),
	];
	for (const { at, part } of onLine) {
		const mine = read(part);
		const found = missing.findIndex((one) => {
			const asked = read(one);
			return mine !== null && asked !== null && sameAmount(mine, asked);
		});
		if (found >= 0) missing.splice(found, 1);
		else strange.push(at);
	}
	return { missing, strange };
}

/** Whether parts are one single thing, as in "1 kg is". */
export function isOne(parts: readonly Quantity[]): boolean {
	return parts.length === 1 && parts[0]?.number.trim() === '1';
}
