import fc from 'fast-check';
import { BOOK, roundName } from '../src';
import {
	begunRounds,
	roundCode,
	roundStates,
	SKILLS,
	skillNamed,
	skillStates,
	type Try,
	unfinishedRound,
} from '../src/practice';
import {
	daysFrom,
	dueDays,
	skillOfName,
	skillTimes,
	skillWeeks,
	slipRecords,
	weekDays,
	weekOf,
	weeksBetween,
	workedIn,
} from '../src/record';

const DAY = 86_400_000;
/** A Wednesday, in the morning. */
const WEDNESDAY = Date.UTC(2026, 10, 25, 9);
const MONDAY = Date.UTC(2026, 10, 23);

const tried = (when: number, more: Partial<Try> = {}): Try => ({
	when,
	seconds: 60,
	right: true,
	slips: [],
	nudges: 0,
	shown: false,
	...more,
});

const CODE = roundCode({ skills: ['one-prefix', 'areas'], level: 1, count: 5, seed: 7 });

/** Three exercises of two skills, one of them of one's own. */
const ALL = [
	{ exercise: roundName(CODE, 0), tries: [tried(WEDNESDAY)] },
	{
		exercise: roundName(CODE, 1),
		tries: [tried(WEDNESDAY - 8 * DAY, { right: false, slips: ['power-missed'] }), tried(WEDNESDAY - 8 * DAY + 1000)],
	},
	{ exercise: 'own-abc', tries: [tried(WEDNESDAY - DAY, { right: false, slips: ['digits-many'] })] },
	{ exercise: 'wind-gust', tries: [] },
];

describe('weeks', () => {
	it('begin on Monday in the zone of the device', () => {
		expect(weekOf(WEDNESDAY, 0)).toBe(MONDAY);
		expect(weekOf(MONDAY, 0)).toBe(MONDAY);
		expect(weekOf(MONDAY - 1, 0)).toBe(MONDAY - 7 * DAY);
		// An hour before midnight on Sunday it is Monday two hours further east.
		expect(weekOf(MONDAY - 3_600_000, 120)).toBe(MONDAY - 2 * 3_600_000);
		expect(daysFrom(WEDNESDAY, WEDNESDAY + DAY, 0)).toBe(1);
		expect(daysFrom(WEDNESDAY, MONDAY, 0)).toBe(-2);
	});

	it('lie behind every moment, by less than seven days, and are Mondays', () => {
		const zone = fc.integer({ min: -12 * 60, max: 14 * 60 });
		fc.assert(
			fc.property(fc.integer({ min: -1e12, max: 4e12 }), zone, (when, minutes) => {
				const week = weekOf(when, minutes);
				expect(when - week).toBeGreaterThanOrEqual(0);
				expect(when - week).toBeLessThan(7 * DAY);
				expect(new Date(week + minutes * 60_000).getUTCDay()).toBe(1);
			}),
		);
	});

	it('follow each other, those in which nothing happened too', () => {
		expect(weeksBetween(MONDAY - 14 * DAY, MONDAY)).toEqual([MONDAY - 14 * DAY, MONDAY - 7 * DAY, MONDAY]);
	});
});

describe('what was worked', () => {
	it('names its skill: of a Round, of the book, or one’s own', () => {
		expect(skillOfName(roundName(CODE, 1))).toBe('areas');
		expect(skillOfName('wind-gust')).toBe('rate-both-ends');
		expect(skillOfName('own-abc')).toBe('own');
		for (const { name, skill } of BOOK)
			expect({ name, known: skillNamed(skill ?? '') !== undefined }).toEqual({ name, known: true });
	});

	it('is each exercise once, those begun last at the end', () => {
		expect(workedIn(ALL).map(({ skill, tries }) => `${skill} ${tries.length}`)).toEqual([
			'areas 2',
			'own 1',
			'one-prefix 1',
		]);
	});
});

describe('the Record', () => {
	const worked = workedIn(ALL);

	it('counts by skill and week how exercises went, the skill worked last first', () => {
		const weeks = skillWeeks(worked, 0);
		expect(weeks.map(({ skill }) => skill)).toEqual(['one-prefix', 'own', 'areas']);
		expect(weeks[2]).toMatchObject({
			all: { 'after-try': 1 },
			weeks: [{ week: MONDAY - 7 * DAY, counts: { 'after-try': 1, 'at-once': 0 } }],
		});
		const later = skillWeeks(
			workedIn([...ALL, { exercise: roundName(CODE, 3), tries: [tried(WEDNESDAY + 7 * DAY)] }]),
			0,
		);
		const areas = later.find(({ skill }) => skill === 'areas');
		expect(areas?.weeks.map(({ counts }) => counts['at-once'] + counts['after-try'])).toEqual([1, 0, 1]);
	});

	it('tells of each slip where it came, and for how long it has stayed away', () => {
		expect(slipRecords(worked)).toMatchObject([
			{ code: 'digits-many', title: 'Too many figures', points: [{ exercise: 'own-abc', place: 0 }], awayFor: 0 },
			{ code: 'power-missed', points: [{ exercise: roundName(CODE, 1), place: 0 }], skills: ['areas'] },
		]);
		const since = workedIn([...ALL, { exercise: roundName(CODE, 3), tries: [tried(WEDNESDAY)] }]);
		expect(slipRecords(since).find(({ code }) => code === 'power-missed')?.awayFor).toBe(1);
	});

	it('spreads the times of a skill, all its tries until it was right, from three exercises on', () => {
		expect(skillTimes(worked)).toEqual([]);
		const many = [10, 20, 30, 40, 90].map((seconds, i) => ({
			exercise: `own-${i}`,
			tries: [tried(WEDNESDAY, { right: false, seconds: 5 }), tried(WEDNESDAY + 1, { seconds })],
		}));
		const never = { exercise: 'own-x', tries: [tried(WEDNESDAY, { right: false, seconds: 9999 })] };
		expect(skillTimes(workedIn([...many, never]))).toEqual([{ skill: 'own', count: 5, spread: [15, 25, 35, 45, 95] }]);
	});

	it('lays what is due on the days of two weeks; what is overdue on today', () => {
		const states = skillStates(
			[
				{ skill: 'areas', level: 1, tries: [tried(WEDNESDAY - 30 * DAY)] },
				{ skill: 'one-prefix', level: 1, tries: [tried(WEDNESDAY)] },
			],
			WEDNESDAY,
		);
		const days = dueDays(states, WEDNESDAY, 0);
		expect(days).toHaveLength(14);
		expect(days[0]?.skills).toEqual(['areas']);
		expect(days.slice(1).flatMap(({ skills }) => skills)).toEqual(['one-prefix']);
		expect(SKILLS.length).toBeGreaterThan(2);
	});
});

describe('a Round that was left', () => {
	const begun = (...tries: readonly (readonly Try[])[]) =>
		begunRounds(tries.map((of, place) => ({ exercise: roundName(CODE, place), tries: of })));
	const right = [tried(WEDNESDAY)];
	const wrong = [tried(WEDNESDAY, { right: false })];

	it('has how each of its exercises went, in their order', () => {
		const [round] = begun(right, wrong);
		expect(round && roundStates(round)).toEqual(['right', 'not-yet', 'not-tried', 'not-tried', 'not-tried']);
	});

	it('is one to go on with for two weeks, until all of it is right', () => {
		const left = begun(right, wrong);
		expect(unfinishedRound(left, WEDNESDAY + 13 * DAY)).toBe(left[0]);
		expect(unfinishedRound(left, WEDNESDAY + 15 * DAY)).toBeNull();
		expect(unfinishedRound(begun(right, right, right, right, right), WEDNESDAY)).toBeNull();
		expect(unfinishedRound([], WEDNESDAY)).toBeNull();
	});
});

describe('the slips', () => {
	it('come by how often they came in the last four weeks, and an old one comes last', () => {
		const slip = (code: string, daysAgo: number) => ({
			exercise: `${code}${daysAgo}`,
			skill: 'own',
			tries: [tried(WEDNESDAY - daysAgo * DAY, { right: false, slips: [code] })],
		});
		const often = [5, 6, 7].map((ago) => slip('power-missed', ago));
		const old = [40, 41, 42, 43].map((ago) => slip('unit-missing', ago));
		const order = slipRecords([slip('flipped-factor', 0), ...often, ...old]).map(({ code }) => code);
		expect(order).toEqual(['power-missed', 'flipped-factor', 'unit-missing']);
	});
});

describe('the days of this week', () => {
	// A Thursday; the device is an hour ahead of UTC.
	const NOW = Date.UTC(2026, 1, 5, 12);
	const at = (day: number, hour = 12): number => Date.UTC(2026, 1, 2 + day, hour);
	const tries = (...whens: number[]) =>
		whens.map((when) => ({ when, seconds: 9, right: true, slips: [], nudges: 0, shown: false }));
	const worked = (...days: (readonly number[])[]) =>
		days.map((whens, i) => ({ exercise: `e${i}`, skill: 'own', tries: tries(...whens) }));

	it('count each exercise on each day it was tried, from Monday in the device’s zone', () => {
		const days = weekDays(worked([at(0)], [at(0), at(0, 13)], [at(1), at(3)], [at(-1)], [at(7)]), NOW, 60);
		expect(days).toEqual({ counts: [2, 1, 0, 1, 0, 0, 0], atOnce: [2, 1, 0, 0, 0, 0, 0], today: 3 });
	});

	it('begin where the zone says', () => {
		// Sunday at 23:30 UTC is Monday where clocks are an hour ahead.
		expect(weekDays(worked([at(-1, 23) + 30 * 60_000]), NOW, 60).counts[0]).toBe(1);
		expect(weekDays(worked([at(-1, 23) + 30 * 60_000]), NOW, 0).counts[0]).toBe(0);
	});
});
