import { useState } from 'react';
import type { Token } from './tokens';
import { unitAt } from './unit-at';

/** How much of a text may be chosen at once and given a place. */
const CHOSEN_LIMIT = 80;

/** The token or the unit that was touched, or the words that were marked; as long as they are still in the same place. */
export function useChosen(tokens: readonly Token[], text: string) {
	const [last, choose] = useState<Token | null>(null);
	const token = tokens.find(({ at }) => at[0] === last?.at[0]);
	const isThere = last !== null && text.slice(...last.at) === last.text;
	const onTouch = (from: number, to: number) => {
		const touched = tokens.find(({ at }) => at[0] <= from && from < at[1]);
		if (to > from && to - from <= CHOSEN_LIMIT) choose({ at: [from, to], text: text.slice(from, to), place: null });
		else if (to === from) {
			// A unit that the text names may be what it asks for.
			const unit = touched ? null : unitAt(text, from);
			if (touched) choose(touched);
			else if (unit) choose({ ...unit, place: null });
		}
	};
	return { chosen: isThere ? (token ?? last) : null, choose, onTouch };
}
