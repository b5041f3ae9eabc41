import fc from 'fast-check';
import { placeInRound, plainCode, roundName, shownCode } from '../src';
import {
	begunRounds,
	EDITION,
	type Practised,
	pickSkills,
	practisedIn,
	ROUND_COUNTS,
	type RoundPlan,
	readRoundCode,
	roundCode,
	roundExercises,
	SEEDS,
	SKILLS,
	SKILLS_IN_ROUND,
	seedFrom,
	skillAt,
	skillStates,
	slipsIn,
	type Try,
	wentOf,
} from '../src/practice';

const DAY = 86_400_000;
const NOW = 1_800_000_000_000;

const PLAN: RoundPlan = { skills: ['areas', 'temperatures'], level: 2, count: 5, seed: 4711 };

const plans = fc.record({
	skills: fc.uniqueArray(fc.constantFrom(...SKILLS.map(({ skill }) => skill)), {
		minLength: 1,
		maxLength: SKILLS_IN_ROUND,
	}),
	level: fc.constantFrom(1 as const, 2 as const, 3 as const),
	count: fc.constantFrom(...ROUND_COUNTS),
	seed: fc.integer({ min: 0, max: SEEDS - 1 }),
});

describe('the code of a Round', () => {
	it('stands for its plan, however it is typed', () => {
		fc.assert(
			fc.property(plans, (plan) => {
				const code = roundCode(plan);
				expect(code).toMatch(/^[0-9a-z]{4}(-[0-9a-z]{1,4})+$/);
				const typed = code.toUpperCase().replace(/-/g, ' ').replace(/1/g, 'I').replace(/0/g, 'O');
				for (const text of [code, typed])
					expect(readRoundCode(text)).toEqual({ ok: true, value: { ...plan, edition: EDITION } });
			}),
		);
	});

	it('with one digit mistyped is refused, or two neighbours exchanged', () => {
		const code = roundCode(PLAN).replace(/-/g, '');
		for (let i = 0; i < code.length; i++) {
			const other = code[i] === '7' ? '8' : '7';
			expect(readRoundCode(code.slice(0, i) + other + code.slice(i + 1)).ok).toBe(false);
			const [a, b] = [code[i], code[i + 1]];
			if (b === undefined || a === b) continue;
			expect(readRoundCode(code.slice(0, i) + b + a + code.slice(i + 2)).ok).toBe(false);
		}
	});

	it.each([
		['', 'Type a code first'],
		['4k7m', 'missing'],
		['4k7m-9a!e', '“!”'],
		['zzzz-zzzz', 'No Round has this code'],
	])('“%s” is told what it lacks', (text, says) => {
		expect(readRoundCode(text)).toMatchObject({
			ok: false,
			fault: { code: 'unknown-code', message: expect.stringContaining(says), at: [0, text.length] },
		});
	});

	it('never throws, whatever is typed', () => {
		fc.assert(fc.property(fc.string(), (text) => expect(typeof readRoundCode(text).ok).toBe('boolean')));
	});
});

describe('the exercises of a Round', () => {
	it('are the same from the same code, its skills in turn', () => {
		const [one, two] = [roundExercises(PLAN), roundExercises(PLAN)];
		expect(one).toEqual(two);
		expect(one.ok && one.value.map(({ skill }) => skill)).toEqual([
			'areas',
			'temperatures',
			'areas',
			'temperatures',
			'areas',
		]);
		expect(roundExercises({ ...PLAN, seed: 4712 })).not.toEqual(one);
	});

	it('have seeds from anything that is new', () => {
		const seeds = Array.from({ length: 200 }, (_, i) => seedFrom(`id ${i}`));
		expect(new Set(seeds).size).toBeGreaterThan(195);
		expect(seeds.every((seed) => seed >= 0 && seed < SEEDS)).toBe(true);
	});
});

describe('the names of a Round and its exercises', () => {
	it.each(['4k7m-901a', '4K7M-9O1A', '4k7m9olA', ' 4k7m 90ia '])('%j is one and the same Round', (typed) => {
		expect(plainCode(typed)).toBe('4k7m901a');
		expect(roundName(typed, 2)).toBe('round-4k7m901a-03');
		expect(placeInRound(roundName(typed, 2))).toEqual({ code: '4k7m901a', place: 2 });
		expect(shownCode(typed)).toBe('4k7m-901a');
	});

	it('are none for any other name', () => {
		for (const name of [null, undefined, '', 'new-snow', 'round-4k7m', 'round-4k7m-3'])
			expect(placeInRound(name)).toBeNull();
	});

	it('lead to the plan however the code is typed', () => {
		fc.assert(
			fc.property(plans, (plan) => {
				const code = roundCode(plan);
				const typed = code.toUpperCase().replace(/0/g, 'O').replace(/1/g, 'l');
				expect(plainCode(typed)).toBe(plainCode(code));
				expect(readRoundCode(typed)).toEqual(readRoundCode(code));
			}),
			{ numRuns: 200 },
		);
	});
});

describe('what was begun', () => {
	const CODE = roundCode(PLAN);
	const tries = (...right: boolean[]) => right.map((one, i) => tried(one, { when: NOW + i }));

	it('is each Round with the tries at its exercises, all lines of one together, the latest first', () => {
		const other = roundCode({ ...PLAN, seed: 12 });
		const begun = begunRounds([
			{ exercise: roundName(CODE, 0), tries: tries(false) },
			{ exercise: roundName(other, 0), tries: [tried(true, { when: NOW + DAY })] },
			{ exercise: roundName(CODE, 0), tries: tries(true) },
			{ exercise: roundName(CODE, 1), tries: tries(true) },
			{ exercise: roundName('zzzz-zzzz', 1), tries: tries(true) },
			{ exercise: 'new-snow', tries: tries(true) },
			{ exercise: roundName(CODE, 3) },
		]);
		expect(begun.map(({ code }) => code)).toEqual([other, CODE].map(plainCode));
		expect([...(begun[1]?.tries ?? [])].map(([place, of]) => [place, of.length])).toEqual([
			[0, 2],
			[1, 1],
		]);
		expect(practisedIn(begun).map(({ skill }) => skill)).toEqual(['areas', 'areas', 'temperatures']);
	});

	it('has the skill of each place in turn, as its exercises have', () => {
		const made = roundExercises(PLAN);
		expect(made.ok && made.value.map(({ skill }) => skill)).toEqual(
			Array.from({ length: PLAN.count }, (_, place) => skillAt(PLAN, place)),
		);
	});
});

function tried(right: boolean, more: Partial<Try> = {}): Try {
	return { when: NOW, seconds: 60, right, slips: right ? [] : ['flipped-factor'], nudges: 0, shown: false, ...more };
}

describe('how an exercise went', () => {
	it.each<[string, readonly Try[]]>([
		['untouched', []],
		['at-once', [tried(true)]],
		['after-nudge', [tried(true, { nudges: 2 })]],
		['after-try', [tried(false), tried(true)]],
		['shown', [tried(false), tried(true, { shown: true })]],
		['not-yet', [tried(false), tried(false)]],
		['at-once', [tried(true), tried(false)]],
	])('%s', (went, tries) => {
		expect(wentOf(tries)).toBe(went);
	});

	it('tells the slips by how often they came', () => {
		const tries = [tried(false), tried(false), tried(false, { slips: ['ee-slip', 'place-slip'] }), tried(true)];
		expect(slipsIn(tries)).toEqual([
			{ code: 'flipped-factor', times: 2 },
			{ code: 'ee-slip', times: 1 },
		]);
	});
});

function practised(skill: string, daysAgo: number, right: boolean, more: Partial<Practised> = {}): Practised {
	return { skill, level: 1, tries: [tried(right, { when: NOW - daysAgo * DAY })], ...more };
}

function stateOf(worked: readonly Practised[], skill = 'areas') {
	return skillStates(worked, NOW).find((one) => one.skill === skill);
}

describe('what to practise next', () => {
	it('is new to someone who has not started: the first conversions, before counting figures', () => {
		const picked = pickSkills(skillStates([], NOW), NOW);
		expect(picked.map(({ skill }) => skill)).toEqual(['one-prefix', 'two-prefixes']);
		expect(picked.map(({ why }) => why)).toEqual(['new to you', 'new to you']);
	});

	it('comes back when it is about to be forgotten, later the better it is known', () => {
		const once = stateOf([practised('areas', 0, true)]);
		expect(once).toMatchObject({ isDue: false, worked: 1, atOnce: 1, why: '' });
		const known = stateOf([practised('areas', 30, true), practised('areas', 20, true), practised('areas', 8, true)]);
		const missed = stateOf([practised('areas', 30, true), practised('areas', 20, true), practised('areas', 8, false)]);
		expect((known?.due ?? 0) > (missed?.due ?? 0)).toBe(true);
		const late = stateOf([practised('areas', 90, true)]);
		expect(late?.isDue).toBe(true);
		expect(late?.why).toBe('last right 90 days ago');
		expect(stateOf([practised('areas', 40, false)])?.why).toBe('not right yet, last tried 40 days ago');
		expect(stateOf([practised('areas', 1, false)])?.why).toBe('not right yet, last tried yesterday');
	});

	it('hangs on the days of the device, and on no hour and no midnight elsewhere', () => {
		const HOUR = 3_600_000;
		// Two o'clock in the morning of a device ten hours ahead of Greenwich is the afternoon before, there.
		const ahead = () => 600;
		const morning = Date.UTC(2026, 10, 30, 16);
		const sitting = (...times: readonly number[]) =>
			skillStates(
				times.map((when) => ({ skill: 'areas', level: 1, tries: [tried(true, { when })] })),
				morning,
				ahead,
			).find(({ skill }) => skill === 'areas')?.due;
		// An hour before and an hour after midnight in Greenwich are one morning here: one sitting.
		const greenwich = Date.UTC(2026, 10, 30, 0);
		expect(sitting(greenwich - HOUR, greenwich + HOUR)).toBe(sitting(greenwich + HOUR));
		expect(sitting(greenwich - HOUR)).toBe(sitting(greenwich + HOUR));
		// Whatever the hour, it is due from the beginning of a day of the device.
		expect(((sitting(morning) ?? 0) + 600 * 60_000) % DAY).toBe(0);
	});

	it('counts days across a change of clocks', () => {
		// Clocks go back an hour in the night to 25 October: that day has 25 hours.
		const change = Date.UTC(2026, 9, 25, 1);
		const ahead = (when: number) => (when < change ? 120 : 60);
		const at = (month: number, day: number, hour: number) => {
			const local = Date.UTC(2026, month, day, hour);
			return local - ahead(local) * 60_000;
		};
		const dueOf = (when: number, now: number) =>
			skillStates([{ skill: 'areas', level: 1, tries: [tried(true, { when })] }], now, ahead).find(
				({ skill }) => skill === 'areas',
			);
		const late = dueOf(at(9, 24, 23), at(9, 24, 23));
		const early = dueOf(at(9, 24, 1), at(9, 24, 23));
		expect(late?.due).toBe(early?.due);
		const first = dueOf(at(9, 24, 23), at(9, 25, 0))?.isDue;
		expect(first).toBe(false);
		for (const hour of [0, 12, 23]) expect(dueOf(at(9, 1, 12), at(10, 30, hour))?.isDue).toBe(true);
	});

	it('is weighed by slips that recur, and says which', () => {
		const worked = [practised('areas', 0, false), practised('areas', 0, false), practised('volumes', 0, true)];
		const [first] = pickSkills(skillStates(worked, NOW), NOW);
		expect(first).toEqual({ skill: 'areas', why: expect.stringContaining('“A factor upside down” came twice') });
	});

	it('goes up a level after four in a row at once, and back after four that were not right', () => {
		const four = (right: boolean, level: 1 | 2) =>
			Array.from({ length: 4 }, () => practised('areas', 0, right, { level }));
		expect(stateOf(four(true, 1))?.level).toBe(2);
		expect(stateOf(four(false, 2))?.level).toBe(1);
		expect(stateOf(four(true, 1).slice(1))?.level).toBe(1);
	});

	it('is the next to be due where nothing is new and nothing is due', () => {
		const all = SKILLS.map(({ skill }) => practised(skill, 0, true));
		expect(pickSkills(skillStates(all, NOW), NOW)).toEqual([{ skill: expect.any(String), why: 'the next to be due' }]);
	});
});

describe('an edition of the scenes', () => {
	const plan = { skills: ['areas', 'doses'], level: 2, count: 10, seed: 777 } as const;

	it('stands in the code, so that the same code makes the same set or none', () => {
		const read = readRoundCode(roundCode(plan));
		expect(read).toMatchObject({ ok: true, value: { ...plan, edition: EDITION } });
		expect(read.ok && roundExercises(read.value).ok).toBe(true);
	});

	it('that is no longer here says so, and makes no other set', () => {
		// Codes from before there were editions have none, and are still read.
		const old = readRoundCode('00ks56fga');
		expect(old).toMatchObject({ ok: true, value: { skills: ['one-prefix', 'rate-both-ends', 'areas'], edition: 0 } });
		expect(old.ok && roundExercises(old.value)).toMatchObject({
			ok: false,
			fault: { code: 'unknown-code', message: expect.stringContaining('an older edition') },
		});
		const newer = readRoundCode(roundCode({ ...plan, edition: EDITION + 1 }));
		expect(newer.ok && roundExercises(newer.value)).toMatchObject({
			fault: { message: expect.stringContaining('newer version') },
		});
	});
});
