import fc from 'fast-check';
import { printValue, solutionOf, type UnitExercise, workChain } from '../src';
import { check } from '../src/practice';
import { rightAnswers } from './right-writings';

const q = (text: string) => ({ number: text.split(' ')[0] as string, unit: text.split(' ')[1] ?? '' });

function exercise(start: string, unit: string): UnitExercise {
	return { prompt: '', start: q(start), facts: [], want: { unit }, rounding: 'figures' };
}

function codes(of: UnitExercise, answer: string): readonly string[] {
	const made = check(of, answer);
	if (!made.ok) throw new Error(made.fault.message);
	return made.value.slips.map(({ code }) => code);
}

describe('a right answer', () => {
	/** The same number in the writings one meets. */
	function writings(text: string, scientific: string | null): readonly string[] {
		const plain = text.replace(/ × 10.*/, '');
		const [mantissa = '', power = ''] = (scientific ?? '').split('e');
		const powers = ['e', 'E', ' x 10^', ' × 10^', '*10^'].map((sign) => `${mantissa}${sign}${power}`);
		return [text, ...(scientific ? powers : []), ...(plain === text ? [` ${text} `, text.replace('−', '-')] : [])];
	}

	it('is taken and never accused, as people write it', () => {
		fc.assert(
			fc.property(rightAnswers, ({ exercise: of, answer }) => {
				const made = check(of, answer);
				expect([answer, made.ok && made.value.right, made.ok && made.value.slips]).toEqual([answer, true, []]);
			}),
			{ numRuns: 20_000 },
		);
	});

	it('is never accused, in any writing', () => {
		let asked = 0;
		fc.assert(
			fc.property(
				fc.integer({ min: 1000, max: 99_999 }),
				fc.integer({ min: -4, max: 4 }),
				fc.constantFrom('ft/s', 'm/s', 'km/h', 'in/min'),
				(n, power, unit) => {
					const of = exercise(`${n / 100}e${power} mi/h`, unit);
					const solved = solutionOf(of);
					if (!solved.ok || !solved.value.chain) throw new Error('this can be worked');
					const worked = workChain(solved.value.chain);
					const value = worked.ok && worked.value.value;
					if (!value) throw new Error('this has a value');
					const figures = worked.value.significant ?? 3;
					const { text, scientific } = printValue(value.value, value.pi, figures);
					for (const written of writings(text, scientific)) {
						asked += 1;
						expect([written, codes(of, `${written} ${unit}`)]).toEqual([written, []]);
					}
				},
			),
			{ numRuns: 9000 },
		);
		expect(asked).toBeGreaterThan(50_000);
	});
});
