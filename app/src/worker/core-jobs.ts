import { type Chain, type Exercise, judge, type Slip } from '@tidy-sum/core';
import {
	begunRounds,
	nameSlips,
	practisedIn,
	readRoundCode,
	roundExercises,
	skillStates,
	slipNamed,
	type Tried,
} from '@tidy-sum/core/practice';
import { cutSheet, readProblem, readWorking, type SheetProblem } from '@tidy-sum/core/problem';
import {
	type DueDay,
	dueDays,
	type SkillTimes,
	type SkillWeeks,
	type SlipRecord,
	skillTimes,
	skillWeeks,
	slipRecords,
	workedIn,
} from '@tidy-sum/core/record';
import type { Told } from '@tidy-sum/schema';
import { toldOf } from './told-of';

/** A slip with its name for people and the nudge that helps. */
export type NamedSlip = Slip & { readonly title: string; readonly nudge: string };

/** What is named behind a check that is not right. */
export type Naming = { readonly slips: readonly NamedSlip[]; readonly rulesOut: string | null };

/** What a pasted text is: its problems, what was read of it as one problem, and whether it is somebody's working. */
export type Brought = {
	readonly problems: readonly SheetProblem[];
	readonly told: Told;
	readonly isWorking: boolean;
};

/** What follows from the tries that are kept. */
export type RecordMade = {
	readonly skills: readonly SkillWeeks[];
	readonly slips: readonly SlipRecord[];
	readonly times: readonly SkillTimes[];
	readonly due: readonly DueDay[];
};

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

/** What is worked away from the screen. */
export const coreJobs = {
	/** The exercises of a Round by its code. */
	round(code: string) {
		const plan = readRoundCode(code);
		return plan.ok ? roundExercises(plan.value) : plan;
	},
	/** Reads a text that was brought, whole. */
	bring(text: string): Brought {
		return { problems: cutSheet(text), told: toldOf(readProblem(text)), isWorking: isWorking(text) };
	},
	/** Reads problems one by one. */
	tell(texts: readonly string[]): readonly Told[] {
		return texts.map((text) => toldOf(readProblem(text)));
	},
	/** What was learned, by the tries that are kept; `zone` is the minutes the device's clock is ahead of UTC. */
	record(tried: readonly Tried[], now: number, zone: number): RecordMade {
		const worked = workedIn(tried);
		const states = skillStates(practisedIn(begunRounds(tried)), now);
		return {
			skills: skillWeeks(worked, zone),
			slips: slipRecords(worked),
			times: skillTimes(worked),
			due: dueDays(states, now, zone),
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
