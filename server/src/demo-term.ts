import {
	BOOK,
	type Chain,
	type Exercise,
	type Factor,
	roundName,
	solutionOf,
	turnedFactor,
	workChain,
} from '@tidy-sum/core';
import { unroundedText } from '@tidy-sum/core/help';
import {
	begunRounds,
	check,
	levelFor,
	pickSkills,
	practisedIn,
	roundCode,
	roundExercises,
	skillStates,
} from '@tidy-sum/core/practice';
import type { KeptTry, Step, WorkBody } from '@tidy-sum/schema';

const MINUTE_MS = 60_000;
const DAY_MS = 86_400_000;

/** How many weeks a term has, the days of each on which somebody practises (from its end back), and how long a Round is. */
const WEEKS = 14;
const DAYS = [5, 3, 1] as const;
const COUNT = 5;

/** Exercises of the book that are worked in turn; the first of all is left half done (`demo`). */
const OF_THE_BOOK = BOOK.slice(1);

type Sent = { readonly answer: string; readonly chain: Chain | null; readonly nudges: number };

/** What comes of sending something to the check: as the Desk keeps it. */
function tryOf(exercise: Exercise, sent: Sent, when: number, seconds: number): KeptTry | null {
	const made = check(exercise, sent.answer, sent.chain ?? undefined);
	if (!made.ok) return null;
	const { slips, right } = made.value;
	return {
		when,
		seconds,
		right,
		slips: right ? [] : slips.slice(0, 3).map(({ code }) => code),
		nudges: sent.nudges,
		shown: false,
		answer: sent.answer,
		start: sent.chain?.factors.length ? sent.chain.start : null,
		factors: sent.chain?.factors ?? [],
	};
}

/** The ways a piece of work goes wrong at first, in turn: a factor upside down, the unit forgotten, all digits written. */
function slipped(answer: string, chain: Chain | null, turn: number): Omit<Sent, 'nudges'> | null {
	if (!chain?.factors.length) return null;
	const [number, unit, ...more] = answer.split(' ');
	if (turn % 3 === 1 && number && unit && !more.length) return { answer: number, chain };
	const factors =
		turn % 3 === 2
			? chain.factors
			: chain.factors.map((factor, i) => (i === turn % chain.factors.length ? turnedFactor(factor) : factor));
	const made = workChain({ ...chain, factors });
	return made.ok ? { answer: unroundedText(made.value), chain: { ...chain, factors } } : null;
}

function placing(factors: readonly Factor[]): Step[] {
	return factors.map((factor, i) => ({ do: 'place', block: `b${i}`, factor }));
}

/** An exercise as somebody works it: to its answer, often at once and less often after a slip, which becomes rarer. */
function worked(
	exercise: Exercise,
	began: number,
	turn: number,
	week: number,
): Pick<WorkBody, 'steps' | 'tries'> | null {
	const solved = solutionOf(exercise);
	if (!solved.ok) return null;
	const { answer, chain = null } = solved.value;
	const wrong = (turn * 5 + 2) % (5 + week) < 3 ? slipped(answer, chain, turn) : null;
	const nudges = turn % 11 === 4 ? 2 : 0;
	const seconds = 25 + ((turn * 37) % 90) + Math.max(0, 40 - 3 * week);
	const tries: KeptTry[] = [];
	const steps: Step[] = placing((wrong ?? { chain }).chain?.factors ?? []);
	if (wrong) {
		const first = tryOf(exercise, { ...wrong, nudges: 0 }, began + seconds * 1000, seconds);
		steps.push({ do: 'answer', text: wrong.answer }, { do: 'check' });
		if (first) tries.push(first);
		for (const [i, factor] of (wrong.chain?.factors ?? []).entries())
			if (factor !== chain?.factors[i]) steps.push({ do: 'turn', block: `b${i}` });
	}
	if (nudges) steps.push({ do: 'nudge', steps: nudges });
	steps.push({ do: 'answer', text: answer }, { do: 'check' });
	const last = tryOf(exercise, { answer, chain, nudges }, began + 2 * seconds * 1000, seconds);
	if (last) tries.push(last);
	return { steps, tries };
}

/**
 * A term's work of somebody who practises three times a week, as the core would have it: what each Round holds is what was
 * due then, and each answer went through the check.
 * @param now the end of the term, in milliseconds since 1970.
 */
export function termWork(now: number): readonly (readonly [id: string, body: WorkBody])[] {
	const pieces: (readonly [string, WorkBody])[] = [];
	let turn = 0;
	const keep = (name: string, exercise: Exercise, began: number, week: number, posed: boolean) => {
		turn += 1;
		const done = worked(exercise, began, turn, week);
		if (done?.tries?.length)
			pieces.push([
				`term-${`${pieces.length}`.padStart(4, '0')}`,
				{ exercise: name, ...(posed ? { posed: exercise } : {}), ...done },
			]);
	};
	for (let week = 0; week < WEEKS; week++)
		for (const [sitting, day] of DAYS.entries()) {
			const began = now - ((WEEKS - 1 - week) * 7 + day) * DAY_MS;
			const states = skillStates(practisedIn(begunRounds(pieces.map(([, body]) => body))), began);
			const skills = pickSkills(states, began).map(({ skill }) => skill);
			const seed = 100 + week * DAYS.length + sitting;
			const plan = { skills, level: levelFor(states, skills), count: COUNT, seed } as const;
			const made = roundExercises(plan);
			if (!made.ok) continue;
			const code = roundCode(plan);
			for (const [place, { skill: _, ...exercise }] of made.value.entries())
				keep(roundName(code, place), exercise, began + place * 4 * MINUTE_MS, week, true);
			const book = OF_THE_BOOK[(week * DAYS.length + sitting) % OF_THE_BOOK.length];
			if (book) keep(book.name, book, began + 30 * MINUTE_MS, week, false);
		}
	return pieces;
}
