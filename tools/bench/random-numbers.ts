import { BOOK, type Exercise, type Rational, round, writtenQuantity } from '../../core/src';
import { keyOf } from '../../core/src/key/key';
import { printRounded } from '../../core/src/numeral/print';
import { rational } from '../../core/src/numeral/rational';
import { check, fresh, SKILLS } from '../../core/src/practice';

/** How many exercises, and how many random numbers for all of them together. */
const EXERCISES = 40;
const NUMBERS = 2000;
/** How near a random number is to the key; and how far one that is further off may be, either way. */
const NEAR = 0.15;
const FAR = 30;

/** Numbers from 0 to 1, the same in each run (Park and Miller's generator). */
function seeded(seed: number): () => number {
	let state = seed;
	return () => {
		state = (state * 16_807) % 2_147_483_647;
		return state / 2_147_483_647;
	};
}

/** Exercises whose answer is one number with a unit: those of the book, then fresh ones. */
function exercises(): readonly Exercise[] {
	const isOne = ({ want, until, rounding }: Exercise) => 'unit' in want && !want.form && !until && rounding !== 'none';
	const book = BOOK.filter(isOne);
	const more = SKILLS.flatMap(({ skill }) => {
		const made = fresh({ skill, seed: 'random', level: 2, count: 2 });
		return made.ok ? made.value.filter(isOne) : [];
	});
	return [...book, ...more].slice(0, EXERCISES);
}

function numberAt(value: Rational, by: number): Rational {
	return value.mul(rational(BigInt(Math.round(by * 1e9)), 1_000_000_000n));
}

/**
 * How often a random wrong number is given the name of a slip that nobody made, in per cent, and by which names.
 * @param isNear whether the numbers lie within 15 % of the key; else further off.
 */
export function namedByChance(isNear: boolean, seed = 29) {
	const random = seeded(seed);
	const names = new Map<string, number>();
	let [asked, named] = [0, 0];
	for (const exercise of exercises()) {
		const key = keyOf(exercise as Parameters<typeof keyOf>[0]);
		if (!key.ok || key.value.value.sign === 0) continue;
		const { value, asked: figures, unit } = key.value;
		const target =
			figures?.kind === 'place'
				? { place: figures.place }
				: { significant: figures?.kind === 'count' ? figures.from : 3 };
		for (let i = 0; i < NUMBERS / EXERCISES; i++) {
			let by = 1;
			while (isNear ? by === 1 : Math.abs(by - 1) < NEAR)
				by = isNear ? 1 - NEAR + 2 * NEAR * random() : FAR ** (2 * random() - 1);
			const { text } = printRounded(round(numberAt(value, by), target));
			const made = check(exercise, writtenQuantity({ number: text, unit: unit.text }));
			if (!made.ok || made.value.value.verdict !== 'wrong') continue;
			asked += 1;
			const [first] = made.value.slips;
			if (!first) continue;
			named += 1;
			names.set(first.code, (names.get(first.code) ?? 0) + 1);
		}
	}
	return { asked, named: (100 * named) / asked, names: [...names].sort(([, a], [, b]) => b - a) };
}
