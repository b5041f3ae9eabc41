import { type Chain, type Factor, type Start, termStep } from '../chain/chain';
import { scaleSteps } from '../chain/scale-steps';
import { unitOfStart } from '../chain/unit-of-start';
import type { Exercise } from '../exercise/exercise';
import { timesBlocks, unitTimes } from '../exercise/multiplied';
import { good, type Outcome } from '../numeral/fault';
import { exactRoute } from '../route/route';
import { routeByTies } from '../route/tied-route';
import { likeUnits } from '../unit/like-units';
import { parseUnit } from '../unit/parse-unit';
import type { Unit } from '../unit/unit';
import { keyChain } from './key';

function isReading(exercise: Exercise, from: Unit, to: Unit): boolean {
	return !exercise.difference && likeUnits(from, to) && (from.offset || to.offset);
}

/**
 * The line of an exercise from a start to a unit: its own, the steps between two scales, or a route with its terms added.
 * @returns the line, or a fault of a unit, or `no-route`.
 */
export function lineTo(exercise: Exercise, start: Start, want: string): Outcome<Chain> {
	if (exercise.line) return good(keyChain({ ...exercise, start, want: { unit: want } }, exercise.line));
	const [from, to] = [
		parseUnit(unitTimes(unitOfStart(start), exercise), { counted: true }),
		parseUnit(want, { counted: true }),
	];
	if (!from.ok) return from;
	if (!to.ok) return to;
	const lay = (factors: readonly Factor[]): Chain => ({
		start,
		...(exercise.exactStart ? { exactStart: true } : {}),
		...(exercise.parts === undefined ? {} : { parts: exercise.parts }),
		factors,
		want,
	});
	if (isReading(exercise, from.value, to.value)) return good(lay(scaleSteps(from.value, to.value)));
	const tables = exercise.goesBy?.tables;
	const tied = routeByTies(from.value, to.value, exercise.facts);
	const way = tied ? good({ factors: tied }) : exactRoute(from.value.text, to.value.text, exercise.facts, tables);
	if (!way.ok) return way;
	const added = (exercise.terms ?? []).flatMap((part): readonly Factor[] => {
		const unit = parseUnit(part.unit, { counted: true });
		const on = unit.ok ? exactRoute(unit.value.text, to.value.text, exercise.facts, tables) : unit;
		return [termStep(part), ...(on.ok ? on.value.factors : [])];
	});
	return good(
		lay([...timesBlocks(exercise), ...way.value.factors.map((factor) => ({ ...factor, given: true })), ...added]),
	);
}
