import { goalOf, printValue, solutionOf, type WorkedChain, workChain, writtenQuantity } from '../src';
import { withPi } from '../src/numeral/pi';
import { printInPlain } from '../src/numeral/print';
import { round } from '../src/numeral/round';
import { check, fresh, SKILLS } from '../src/practice';

/** How many fresh exercises of each skill and level. */
const COUNT = 24;

/** What a line says its result is, with the figures it says it may have. */
function resultOf({ value, significant, place, unit }: WorkedChain): string | null {
	if (!value || significant === null) return null;
	const number =
		place === null
			? printValue(value.value, value.pi, significant).text
			: printInPlain(round(withPi(value.value, value.pi), { place })).text;
	return writtenQuantity({ number, unit: unit.text });
}

describe('what the line says and what the check says', () => {
	it('agree on fresh exercises of every skill: the line closes, and its result with its figures is right', () => {
		const apart: string[] = [];
		let compared = 0;
		for (const { skill } of SKILLS)
			for (const level of [1, 2, 3] as const) {
				const made = fresh({ skill, seed: `agree ${level}`, level, count: COUNT });
				if (!made.ok) throw new Error(made.fault.message);
				for (const exercise of made.value) {
					const solved = solutionOf(exercise);
					const goal = goalOf(exercise);
					if (!solved.ok || !solved.value.chain || goal === null) continue;
					const { chain, answer } = solved.value;
					const worked = workChain({ ...chain, want: goal });
					const judged = check(exercise, answer, chain);
					compared += 1;
					if (!worked.ok || !judged.ok || worked.value.reached !== true || !judged.value.right) {
						apart.push(`${skill}: ${exercise.prompt}: ${answer}`);
						continue;
					}
					const result = resultOf(worked.value);
					const isPlain =
						'unit' in exercise.want && !exercise.want.form && exercise.rounding === 'figures' && !exercise.until;
					if (!result || !isPlain) continue;
					const own = check(exercise, result, chain);
					if (!own.ok || !own.value.right) apart.push(`${skill}: ${exercise.prompt}: ${result}, by the line`);
				}
			}
		expect(apart).toEqual([]);
		expect(compared).toBeGreaterThan(1000);
	});
});
