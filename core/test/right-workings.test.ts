import { type Chain, type Factor, printValue, type Quantity, solutionOf, workChain, writtenQuantity } from '../src';
import { fresh, SKILLS } from '../src/practice';
import { readWorking } from '../src/problem';

/** How a hand writes a line: the sign between factors, a fraction, and what it writes on the way. */
type Hand = {
	readonly times: string;
	readonly fraction: (top: string, bottom: string) => string;
	readonly steps: (line: readonly string[], values: readonly string[], answer: string) => string;
};

const inOne: Hand['steps'] = (line, _, answer) => `${line.join('')} = ${answer}`;
const onTheWay: Hand['steps'] = (line, values, answer) =>
	[line[0], ...line.slice(1).map((factor, i) => `${factor} = ${values[i]}`)].slice(0, -1).join('') +
	`${line.length > 1 ? line.at(-1) : ''} = ${answer}`;
const below: Hand['steps'] = (line, _, answer) => `${line.join('')}\n= ${answer}`;

const HANDS: readonly Hand[] = [
	{ times: ' × ', fraction: (top, bottom) => `${top}/${bottom}`, steps: inOne },
	{ times: ' x ', fraction: (top, bottom) => `(${top} / ${bottom})`, steps: inOne },
	{ times: ' * ', fraction: (top, bottom) => `(${top})/(${bottom})`, steps: below },
	{ times: ' · ', fraction: (top, bottom) => `${top} / ${bottom}`, steps: inOne },
	{ times: '', fraction: (top, bottom) => `(${top}/${bottom})`, steps: inOne },
	{ times: ' × ', fraction: (top, bottom) => `${top}/${bottom}`, steps: onTheWay },
	{ times: ' times ', fraction: (top, bottom) => `${top} per ${bottom}`, steps: inOne },
];

const written = ({ number, unit }: Quantity) => writtenQuantity({ number, unit: unit.replace(/\{.*?\}/g, '') });

function isPlain({ shift, aside, term }: Factor): boolean {
	return shift === undefined && aside === undefined && term === undefined;
}

/** A right line as a hand writes it, with its value after each factor; null for a line with steps that only add. */
function writtenBy({ times, fraction, steps }: Hand, chain: Chain, answer: string): string | null {
	if (!chain.factors.length || !chain.factors.every(isPlain)) return null;
	const start =
		'top' in chain.start ? fraction(written(chain.start.top), written(chain.start.bottom)) : written(chain.start);
	const factors = chain.factors.map(({ top, bottom, power }) => {
		const one = fraction(written(top), written(bottom));
		return `${times}${power === undefined || power === 1 ? one : `(${one})^${power}`}`;
	});
	const values = chain.factors.map((_, i) => {
		const worked = workChain({ ...chain, factors: chain.factors.slice(0, i + 1) });
		if (!worked.ok || !worked.value.value) return null;
		const { value, pi } = worked.value.value;
		return writtenQuantity({
			number: printValue(value, pi, 6).text,
			unit: worked.value.unit.text.replace(/\{.*?\}/g, ''),
		});
	});
	return values.includes(null) ? null : steps([start, ...factors], values as string[], answer);
}

describe('a right working', () => {
	it('is never said to fail, whoever writes it', () => {
		const accused: string[] = [];
		let read = 0;
		let lines = 0;
		for (const { skill } of SKILLS)
			for (const level of [1, 2, 3] as const) {
				const made = fresh({ skill, seed: `hands ${level}`, level, count: 8 });
				if (!made.ok) throw new Error(made.fault.message);
				for (const exercise of made.value) {
					const solved = solutionOf(exercise);
					if (!solved.ok || !solved.value.chain || 'factor' in exercise.want) continue;
					for (const hand of HANDS) {
						const text = writtenBy(hand, solved.value.chain, solved.value.answer);
						if (text === null) continue;
						lines += 1;
						const { first, factors } = readWorking(text);
						if (factors.length === solved.value.chain.factors.length) read += 1;
						if (first) accused.push(`${skill}: ${text} ${JSON.stringify(first)}`);
					}
				}
			}
		expect(accused).toEqual([]);
		expect(lines).toBeGreaterThan(2000);
		expect(read / lines).toBeGreaterThan(0.95);
	});
});
