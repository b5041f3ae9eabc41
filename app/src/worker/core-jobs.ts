import { type Chain, type Exercise, judge, type Slip } from '@tidy-sum/core';
import { nameSlips, readRoundCode, roundExercises, slipNamed } from '@tidy-sum/core/practice';

/** A slip with its name for people and the nudge that helps. */
export type NamedSlip = Slip & { readonly title: string; readonly nudge: string };

/** What is named behind a check that is not right. */
export type Naming = { readonly slips: readonly NamedSlip[]; readonly rulesOut: string | null };

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
