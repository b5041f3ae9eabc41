import { printWritten } from '../say/say';
import type { Dice } from './dice';

/** A number drawn for a problem: as the student would type it, and in a word why it lies where it does. */
export type Draw = ((dice: Dice) => string) & { readonly why: string };

function drawn(draw: (dice: Dice) => string, why: string): Draw {
	return Object.assign(draw, { why });
}

/**
 * A number between two, as fine as the first is written: between('2.00', '9.75', 'a small jar') gives hundredths. A
 * whole number never ends in a zero, which would leave its figures unclear.
 * @param why what it measures there, which keeps the range in what could be true.
 */
export function between(from: string, to: string, why: string): Draw {
	const places = (from.split('.')[1] ?? '').length;
	const [low, high] = [from, to].map((text) => Math.round(Number(text) * 10 ** places)) as [number, number];
	return drawn((dice) => {
		for (;;) {
			const steps = dice.whole(low, high);
			if (places === 0 && steps % 10 === 0 && high > low) continue;
			return (steps / 10 ** places).toFixed(places);
		}
	}, why);
}

/** One of some numbers, with the reason for these. */
export function oneOf(why: string, ...texts: readonly string[]): Draw {
	return drawn((dice) => dice.pick(texts), why);
}

/** A number whose last digit is not 0, where nothing would show that it counts. */
export function notRound(draw: Draw): Draw {
	return drawn((dice) => {
		for (;;) {
			const number = draw(dice);
			if (!number.endsWith('0')) return number;
		}
	}, draw.why);
}

/** A drawn number with something written after it: zeros that stay unclear, a point that makes them count, a power of ten. */
export function followed(draw: Draw, ...by: readonly string[]): Draw {
	return drawn((dice) => draw(dice) + dice.pick(by), draw.why);
}

/** Each drawn number in place of its name in angle brackets, as typed or as print has it. */
export function filled(text: string, numbers: Readonly<Record<string, string>>, printed: boolean): string {
	return text.replace(/<(\w+)>/g, (_, name: string) => {
		const number = numbers[name] ?? '';
		return printed && /^-|e/.test(number) ? printWritten(number) : number;
	});
}
