import { pageRoundSchema } from '@tidy-sum/schema/page';
import { keepRound } from '../work/made-rounds';

/** Puts a Round that came with the page where the Desk finds it; one that cannot be read is left, and made anew. */
export function layRound(came: unknown): void {
	const round = pageRoundSchema.safeParse(came);
	if (round.success) keepRound(round.data.code, round.data.exercises);
}
