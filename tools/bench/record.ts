import { BOOK, roundName } from '../../core/src';
import { begunRounds, practisedIn, roundCode, SKILLS, skillStates, type Try } from '../../core/src/practice';
import { dueDays, skillTimes, skillWeeks, slipRecords, workedIn } from '../../core/src/record';
import { median, type Row, row } from './measure';

const TRIES = 5000;
const HOUR_MS = 3_600_000;

/** A term's work and more: tries at Rounds of every skill and at the book, with slips and help. */
export function manyTries(): readonly { readonly exercise: string; readonly tries: readonly Try[] }[] {
	const codes = SKILLS.map(({ skill }, i) => roundCode({ skills: [skill], level: 1, count: 20, seed: i + 1 }));
	const names = [
		...codes.flatMap((code) => Array.from({ length: 20 }, (_, i) => roundName(code, i))),
		...BOOK.map(({ name }) => name),
	];
	const tries = new Map<string, Try[]>();
	for (let i = 0; i < TRIES; i++) {
		const name = names[(i * 7) % names.length] as string;
		const right = i % 3 !== 0;
		const slips = right ? [] : [['digits-many', 'flipped-factor', 'unit-missing', 'place-slip'][i % 4] as string];
		const one: Try = {
			when: 1.7e12 + i * HOUR_MS,
			seconds: 20 + (i % 160),
			right,
			slips,
			nudges: i % 5 ? 0 : 1,
			shown: false,
		};
		tries.set(name, [...(tries.get(name) ?? []), one]);
	}
	return [...tries].map(([exercise, all]) => ({ exercise, tries: all }));
}

/** How long the Record takes, of 5 000 tries. */
export function record(): Row {
	const all = manyTries();
	const now = 1.7e12 + TRIES * HOUR_MS;
	const times = Array.from({ length: 7 }, () => {
		const began = performance.now();
		const worked = workedIn(all);
		skillWeeks(worked, 60);
		slipRecords(worked);
		skillTimes(worked);
		dueDays(skillStates(practisedIn(begunRounds(all)), now), now, 60);
		return performance.now() - began;
	});
	return row('the Record of 5 000 tries', median(times), { most: 150 }, 'ms');
}
