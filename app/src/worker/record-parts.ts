import type { DueDay, SkillTimes, SkillWeeks, SlipRecord } from '@tidy-sum/core/record';

/** What follows from the tries that are kept. */
export type RecordMade = {
	readonly skills: readonly SkillWeeks[];
	readonly slips: readonly SlipRecord[];
	readonly times: readonly SkillTimes[];
	readonly due: readonly DueDay[];
};

/** The parts of the Record, in the order they are worked out. */
export const RECORD_PARTS = ['skills', 'slips', 'times', 'due'] as const satisfies readonly (keyof RecordMade)[];
