import { askedBy } from '../answer/answer-kinds';
import type { Chain } from '../chain/chain';
import { unitsOfChain, unitsOfStart } from '../chain/units-of-chain';
import type { Exercise } from '../exercise/exercise';
import { parseUnit } from '../unit/parse-unit';

/** The words of an exercise, a line and an answer that are taken for counted things, each once. */
export function countedWords(exercise: Exercise, answer: string, chain?: Chain): readonly string[] {
	const asked = askedBy(exercise);
	const { start, until, terms = [], facts, line = [] } = exercise;
	const units = [
		...(start ? unitsOfStart(start) : []),
		...(until ? [until.unit] : []),
		...terms.map(({ unit }) => unit),
		...facts.flatMap(({ left, right }) => [left.unit, right.unit]),
		...line.flatMap(({ top, bottom }) => [top.unit, bottom.unit]),
		...asked.units,
		...(chain ? unitsOfChain(chain) : []),
	].map((unit) => parseUnit(unit, { counted: true }));
	return [...new Set([...units.flatMap((unit) => (unit.ok ? unit.value.counted : [])), ...asked.countedIn(answer)])];
}
