import { type Chain, type Exercise, judge, plainCode, type Slip } from '@tidy-sum/core';
import {
	begunRounds,
	levelFor,
	nameSlips,
	pickSkills,
	practisedIn,
	type RoundState,
	readRoundCode,
	roundCode,
	roundExercises,
	roundStates,
	seedFrom,
	skillNamed,
	skillStates,
	slipNamed,
	type Tried,
	unfinishedRound,
} from '@tidy-sum/core/practice';
import { readProblem, readSheet, readWorking, type SheetRead } from '@tidy-sum/core/problem';
import { dueDays, skillTimes, skillWeeks, slipRecords, type WeekDays, weekDays, workedIn } from '@tidy-sum/core/record';
import type { Told } from '@tidy-sum/schema';
import { type AllTries, triedIn } from './kept-tries';
import type { RecordMade } from './record-parts';
import { toldOf } from './told-of';
import { zoneAt } from './zone-now';

/** A slip with its name for people and the nudge that helps. */
export type NamedSlip = Slip & { readonly title: string; readonly nudge: string };

/** What is named behind a check that is not right. */
export type Naming = { readonly slips: readonly NamedSlip[]; readonly rulesOut: string | null };

/** What a pasted text is: a page of problems, what was read of it as one problem, and whether it is somebody's working. */
export type Brought = SheetRead & { readonly told: Told; readonly isWorking: boolean };

/** What is due now and why, as a Round that is ready to begin, and the days of this week. */
export type TodayMade = {
	readonly due: readonly { readonly skill: string; readonly title: string; readonly why: string }[];
	/** The code of the Round, as addresses have it, and how many exercises it has. */
	readonly round: string;
	readonly count: number;
	/** The Round that was worked on last, where something of it is still to be got right. */
	readonly unfinished: { readonly code: string; readonly states: readonly RoundState[] } | null;
	/** Whether anything was ever practised. */
	readonly practised: boolean;
	readonly week: WeekDays;
};

/** How many exercises the Round of what is due has. */
const DUE_COUNT = 5;

/** How a problem asks; a working asks nothing. */
const ASKS = /\?|_{2,}|\b(?:how\s+(?:many|much|long|far)|what|which|convert|find|express)\b/iu;

function isWorking(text: string): boolean {
	if (ASKS.test(text)) return false;
	const { start, factors, unread } = readWorking(text);
	const left = unread.reduce((sum, [from, to]) => sum + to - from, 0);
	return start !== null && factors.length > 0 && 2 * left < text.trim().length;
}

function named(code: string): { readonly title: string; readonly nudge: string } {
	const { title = code, nudge = '' } = slipNamed(code) ?? {};
	return { title, nudge };
}

type RecordParts = { readonly [P in keyof RecordMade]: () => RecordMade[P] };

function partsOfRecord(
	tried: readonly Tried[],
	worked: ReturnType<typeof workedIn>,
	now: number,
	zone: number,
): RecordParts {
	return {
		skills: () => skillWeeks(worked, zone),
		slips: () => slipRecords(worked),
		times: () => skillTimes(worked),
		due: () => dueDays(skillStates(practisedIn(begunRounds(tried)), now, zoneAt), now, zone),
	};
}

/** The Record that is being worked out. */
let recording: { readonly token: number; readonly parts: RecordParts } = {
	token: 0,
	parts: partsOfRecord([], [], 0, 0),
};

/** What is worked away from the screen. */
export const coreJobs = {
	/** The exercises of a Round by its code. */
	round(code: string) {
		const plan = readRoundCode(code);
		return plan.ok ? roundExercises(plan.value) : plan;
	},
	/** Reads a text that was brought, whole. */
	bring(text: string): Brought {
		return { ...readSheet(text), told: toldOf(readProblem(text)), isWorking: isWorking(text) };
	},
	/** Reads problems one by one. */
	tell(texts: readonly string[]): readonly Told[] {
		return texts.map((text) => toldOf(readProblem(text)));
	},
	/**
	 * Begins to work out the Record from the tries that are kept; `zone` is the minutes the device's clock is ahead of UTC.
	 * @returns the token its parts are asked for with, and how many tries it uses; the next start replaces it.
	 */
	beginRecord(all: AllTries, now: number, zone: number): { readonly token: number; readonly tries: number } {
		const tried = triedIn(all);
		const worked = workedIn(tried);
		recording = { token: recording.token + 1, parts: partsOfRecord(tried, worked, now, zone) };
		return { token: recording.token, tries: tried.reduce((sum, { tries = [] }) => sum + tries.length, 0) };
	},
	/** A part of the Record; null if it was started again since. */
	recordPart<P extends keyof RecordMade>(token: number, part: P): Pick<RecordMade, P> | null {
		if (token !== recording.token) return null;
		return { [part]: recording.parts[part]() } as Pick<RecordMade, P>;
	},
	/**
	 * What Today says of practising; `zone` as for the Record.
	 * @param id any fresh text: the numbers of the Round follow from it.
	 */
	today(all: AllTries, now: number, zone: number, id: string): TodayMade {
		const tried = triedIn(all);
		const begun = begunRounds(tried);
		const states = skillStates(practisedIn(begun), now, zoneAt);
		const picked = pickSkills(states, now);
		const left = unfinishedRound(begun, now);
		const skills = picked.map(({ skill }) => skill);
		const plan = { skills, level: levelFor(states, skills), count: DUE_COUNT, seed: seedFrom(id) } as const;
		return {
			due: picked.map(({ skill, why }) => ({ skill, title: skillNamed(skill)?.title ?? skill, why })),
			round: plainCode(roundCode(plan)),
			count: DUE_COUNT,
			unfinished: left && { code: plainCode(left.code), states: roundStates(left) },
			practised: states.some(({ worked }) => worked > 0),
			week: weekDays(workedIn(tried), now, zone),
		};
	},
	/** The slips that would have given an answer, by it and by the line it came from; or what its value rules out. */
	slips(exercise: Exercise, answer: string, chain: Chain | undefined): Naming {
		const judged = judge(exercise, answer, chain);
		if (!judged.ok) return { slips: [], rulesOut: null };
		const { slips, rulesOut } = nameSlips(judged.value, chain);
		return {
			slips: slips.map((slip) => ({ ...named(slip.code), ...slip })),
			rulesOut,
		};
	},
};

export type CoreJobs = typeof coreJobs;
