import { type Chain, type Exercise, withStatedFigures, workChain } from '../src';
import { isExactFact } from '../src/help';
import { check } from '../src/practice';

const q = (text: string) => ({ number: text.split(' ')[0] as string, unit: text.split(' ')[1] ?? '' });
const over = (top: string, bottom: string) => ({ top: q(top), bottom: q(bottom) });

const JARS: Exercise = {
	prompt: '',
	start: q('3.125 kg'),
	facts: [{ left: q('1.25 kg'), right: q('4.00 jar') }],
	want: { unit: 'jar' },
	rounding: 'figures',
};

/** How many figures the Desk gives a line, and what the check says of an answer with as many. */
function figures(exercise: Exercise, ...factors: Chain['factors']) {
	const chain = withStatedFigures({ start: exercise.start as never, factors, want: 'jar' }, exercise);
	const worked = workChain(chain);
	return worked.ok ? worked.value.significant : worked.fault.message;
}

describe('a block that states a fact of the problem', () => {
	it('has the figures of the fact, however it is written', () => {
		expect(figures(JARS, over('4.00 jar', '1.25 kg'))).toBe(3);
		expect(figures(JARS, over('8 jar', '2.5 kg'))).toBe(3);
		const made = check(JARS, '10.0 jar', { start: q('3.125 kg'), factors: [over('8 jar', '2.5 kg')] });
		expect(made.ok && made.value.right).toBe(true);
	});

	it('is exact where the fact is told to be, and measured where it is told so', () => {
		const told = (exact: boolean) => ({ ...JARS, facts: JARS.facts.map((fact) => ({ ...fact, exact })) });
		expect(figures(told(true), over('4.00 jar', '1.25 kg'))).toBe(4);
		expect(figures(told(false), over('4.00 jar', '1.25 kg'))).toBe(3);
	});

	it('leaves a line alone that says so itself, or states none of them', () => {
		const chain: Chain = { start: q('3.125 kg'), factors: [{ ...over('8 jar', '2.5 kg'), exact: true }] };
		expect(withStatedFigures(chain, JARS)).toBe(chain);
		const other: Chain = { start: q('3.125 kg'), factors: [over('1000 g', '1 kg')] };
		expect(withStatedFigures(other, JARS)).toBe(other);
	});
});

describe('a fact a problem states', () => {
	it.each([
		['12 jar', '1 crate', undefined, true],
		['1.5 g', '1 mL', undefined, false],
		['1.5 g', '1 mL', true, true],
		['1 h', '60 min', undefined, true],
		['12 jar', '1 crate', false, false],
	])('%s for %s, told exact %s: exact is %s', (left, right, exact, is) => {
		expect(isExactFact({ left: q(left), right: q(right), ...(exact === undefined ? {} : { exact }) })).toBe(is);
	});
});
