import { type Chain, type Start, sidesOfStart } from '../chain/chain';
import type { Exercise } from '../exercise/exercise';
import { parseUnit } from '../unit/parse-unit';
import { readMixedAnswer } from './read-parts';

function ofStart(start: Start): readonly string[] {
	const { top, bottom } = sidesOfStart(start);
	return bottom ? [top.unit, bottom.unit] : [top.unit];
}

function ofChain({ start, factors, want }: Chain): readonly string[] {
	return [
		...ofStart(start),
		...factors.flatMap(({ top, bottom }) => [top.unit, bottom.unit]),
		...(want === undefined ? [] : [want]),
	];
}

function ofWant(want: Exercise['want']): readonly string[] {
	if ('unit' in want) return [want.unit];
	if ('mixed' in want) return want.mixed;
	if ('factor' in want) return [want.factor];
	return 'slip' in want ? ofChain(want.slip) : [];
}

/** The words of an exercise, a line and an answer that are taken for counted things, each once. */
export function countedWords(exercise: Exercise, answer: string, chain?: Chain): readonly string[] {
	const { start, until, terms = [], facts, line = [], want } = exercise;
	const units = [
		...(start ? ofStart(start) : []),
		...(until ? [until.unit] : []),
		...terms.map(({ unit }) => unit),
		...facts.flatMap(({ left, right }) => [left.unit, right.unit]),
		...line.flatMap(({ top, bottom }) => [top.unit, bottom.unit]),
		...ofWant(want),
		...(chain ? ofChain(chain) : []),
	].map((unit) => parseUnit(unit, { counted: true }));
	const parts = 'unit' in want || 'mixed' in want ? readMixedAnswer(answer) : null;
	const inAnswer = parts?.ok ? parts.value.flatMap(({ unit }) => unit?.counted ?? []) : [];
	return [...new Set([...units.flatMap((unit) => (unit.ok ? unit.value.counted : [])), ...inAnswer])];
}
