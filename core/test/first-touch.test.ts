import {
	askedBy,
	BOOK,
	balanceOf,
	type Chain,
	type Exercise,
	type Factor,
	fieldOf,
	mustGoOf,
	parseNumeral,
	solutionOf,
	turnedFactor,
	type WorkedChain,
	workChain,
} from '../src';
import { factsHolding } from '../src/fact/facts-holding';
import { offersFor } from '../src/help';
import { fresh, SKILLS } from '../src/practice';

function worked(chain: Chain): WorkedChain {
	const made = workChain(chain);
	if (!made.ok) throw new Error(made.fault.message);
	return made.value;
}

/** The two ways up of each fact that is shown where a unit is touched: those that hold it, or else the unit that must go. */
function factsShown(exercise: Exercise, line: WorkedChain, unit: string): readonly Factor[] {
	const { goal, units } = askedBy(exercise);
	const go = mustGoOf(balanceOf(line, goal ?? '', units.slice(0, -1))).map(({ base }) => base);
	const from = { problem: exercise.facts };
	const all = go.includes(unit) ? [unit] : [unit, ...go.slice(0, 1)];
	return all.flatMap((one) =>
		factsHolding(one, from).flatMap(({ left, right }) => [
			{ top: left, bottom: right },
			{ top: right, bottom: left },
		]),
	);
}

function ratio({ top, bottom }: Factor): string {
	const [a, b] = [parseNumeral(top.number), parseNumeral(bottom.number)];
	if (!a.ok || !b.ok || b.value.value.sign === 0) return '';
	const value = a.value.value.div(b.value.value);
	// A block of the tables names no substance, and cancels what does.
	const [above, below] = [top.unit, bottom.unit].map((unit) => unit.replace(/\{.*?\}/gu, ''));
	return `${value.n}/${value.d} π${a.value.pi - b.value.pi} ${above} ${below}`;
}

/** The same step as one of a line that leads there: the same factor, or the same step that is none. */
function isOf(line: readonly Factor[], step: Factor): boolean {
	const field = fieldOf(step);
	return line.some((other) =>
		field === null
			? ratio(other) !== '' && ratio(other) === ratio(step)
			: JSON.stringify(other[field]) === JSON.stringify(step[field]),
	);
}

/** How many units of the line must still change; fewer is nearer. */
function left(chain: Chain, exercise: Exercise): number {
	const line = worked(chain);
	const { goal, units } = askedBy(exercise);
	return balanceOf(line, goal ?? '', units.slice(0, -1)).reduce((sum, { kind, top, bottom }) => {
		const empty = [top, bottom].filter((cell) => cell && cell.piece === null && !cell.kept).length;
		const standing = [top, bottom].filter((cell) => cell?.piece).length;
		return sum + (kind === 'wanted' ? empty : kind === 'cancelled' ? 0 : standing);
	}, 0);
}

/** Whether a step that is offered leads nearer: it is one of the worked line, or fewer units must change after it. */
function leadsNearer(exercise: Exercise, chain: Chain, solution: readonly Factor[], step: Factor): boolean {
	if (isOf(solution, step)) return true;
	const next = workChain({ ...chain, factors: [...chain.factors, step] });
	return next.ok && left({ ...chain, factors: [...chain.factors, step] }, exercise) < left(chain, exercise);
}

/** The units of an exercise's start where a touch offers nothing that leads nearer. */
function stuckAt(exercise: Exercise): readonly string[] {
	const { start } = exercise;
	const { line: need, goal } = askedBy(exercise);
	const solved = solutionOf(exercise);
	if (need === 'none' || !start || goal === null || !solved.ok || !solved.value.chain) return [];
	const chain: Chain = { start, factors: [], want: goal };
	const line = worked(chain);
	// Where the unit is right as it stands, what is left is to write the answer.
	if (line.reached && askedBy(exercise).lacks(chain, line) === null) return [];
	const units = [...new Set(line.pieces.map(({ base }) => base))];
	return units.filter((unit) => {
		const offers = offersFor({ exercise, chain, worked: line, unit, fills: true }).flatMap(({ ways }) => ways);
		const steps = [...offers.map(({ factor }) => factor), ...factsShown(exercise, line, unit)];
		const solution = solved.value.chain?.factors ?? [];
		return !steps.some((step) => leadsNearer(exercise, chain, [...solution, ...solution.map(turnedFactor)], step));
	});
}

describe('the first touch on a unit offers a step that leads nearer', () => {
	it.each(BOOK.map((exercise) => [exercise.name, exercise] as const))('in %s of the book', (_, exercise) => {
		expect(stuckAt(exercise)).toEqual([]);
	});

	it('in a thousand fresh exercises', () => {
		const stuck: string[] = [];
		let made = 0;
		for (const { skill } of SKILLS)
			for (const level of [1, 2, 3]) {
				const set = fresh({ skill, seed: 20261127, level, count: 14 });
				for (const exercise of set.ok ? set.value : []) {
					made += 1;
					for (const unit of stuckAt(exercise)) stuck.push(`${skill}: ${unit} in ${exercise.prompt}`);
				}
			}
		expect(made).toBeGreaterThan(1000);
		expect(stuck).toEqual([]);
	});
});
