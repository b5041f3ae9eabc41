import type { SkillState } from '../practice/schedule';
import { daysFrom } from './weeks';

/** The days a calendar of what is due shows: two weeks. */
export const DUE_DAYS = 14;

/** A day from today on, and the skills that are due on it; what is overdue stands on today. */
export type DueDay = { readonly day: number; readonly skills: readonly string[] };

/** What is due when, today and on the days of the next two weeks. */
export function dueDays(states: readonly SkillState[], now: number, zone: number): readonly DueDay[] {
	return Array.from({ length: DUE_DAYS }, (_, day) => ({
		day,
		skills: states
			.filter(({ due }) => due !== null && Math.max(0, daysFrom(now, due, zone)) === day)
			.map(({ skill }) => skill),
	}));
}
