import type { Exercise } from '@tidy-sum/core';
import { judge } from '@tidy-sum/core';
import { check } from '@tidy-sum/core/practice';
import fc from 'fast-check';
import { rightAnswers } from '../../core/test/right-writings';
import { median } from './measure';

const q = (text: string) => {
	const [number = '', ...unit] = text.split(' ');
	return { number, unit: unit.join(' ') };
};

const factor = (text: string) => {
	const [top = '', bottom = ''] = text.split(' / ');
	return { top: q(top), bottom: q(bottom) };
};

/** Exercises as a class has them: the start, what is wanted, a line of the key, a right answer and a wrong one. */
const ASKED = [
	['18.5 mi/h', 'ft/s', '5280 ft / 1 mi; 1 h / 60 min; 1 min / 60 s', '27.1 ft/s', '26.4 ft/s'],
	['2.75 in/h', 'mm/min', '2.54 cm / 1 in; 10 mm / 1 cm; 1 h / 60 min', '1.16 mm/min', '1.61 mm/min'],
	['165 lb', 'kg', '0.45359237 kg / 1 lb', '74.8 kg', '364 kg'],
	['3.20 gal', 'L', '3.785411784 L / 1 gal', '12.1 L', '12.6 L'],
	['454 g', 'kg', '1 kg / 10^3 g', '0.454 kg', '454000 kg'],
	['1.50 wk', 'min', '7 d / 1 wk; 24 h / 1 d; 60 min / 1 h', '1.51e4 min', '252 min'],
	['0.420 m^2', 'cm^2', '10^4 cm^2 / 1 m^2', '4.20e3 cm^2', '42.0 cm^2'],
	['61.2 km/h', 'mi/h', '1 mi / 1.609344 km', '38.0 mi/h', '98.5 mi/h'],
] as const;

/** How often each is judged; every time with another number in front, so that nothing is only remembered. */
const TIMES = 150;

function timed(calls: readonly (() => unknown)[]): number {
	const took = calls.map((call) => {
		const began = performance.now();
		call();
		return performance.now() - began;
	});
	return median(took) * 1000;
}

/** How many of so many right answers, in random writings, are refused or accused of a slip. */
export function refused(count: number): number {
	let bad = 0;
	fc.assert(
		fc.property(rightAnswers, ({ exercise, answer }) => {
			const made = check(exercise, answer);
			if (!made.ok || !made.value.right || made.value.slips.length) bad += 1;
		}),
		{ numRuns: count, seed: 20 },
	);
	return bad;
}

/** Microseconds, by the median, that one answer takes to be judged. */
export function judging() {
	const calls = (line: boolean, wrong: boolean, whole: boolean) =>
		Array.from({ length: TIMES }, () => ASKED)
			.flat()
			.map(([start, unit, factors, right, other]) => {
				const exercise: Exercise = {
					prompt: '',
					start: q(start),
					facts: [],
					want: { unit },
					rounding: 'figures',
					...(line ? { line: factors.split('; ').map(factor) } : {}),
				};
				const answer = wrong ? other : right;
				return () => (whole ? check : judge)(exercise, answer);
			});
	const measure = (...of: Parameters<typeof calls>) => {
		timed(calls(...of));
		return timed(calls(...of));
	};
	return {
		right: measure(true, false, false),
		rightByRoute: measure(false, false, false),
		wrong: Math.max(measure(true, true, false), measure(false, true, false)),
		wrongNamed: Math.max(measure(true, true, true), measure(false, true, true)),
	};
}
