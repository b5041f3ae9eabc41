import { useState } from 'react';
import type { Token } from './tokens';

/** How much of a text may be chosen at once and given a place. */
const CHOSEN_LIMIT = 80;

/** The token that was touched, or the words that were marked; as long as they stand where they stood. */
export function useChosen(tokens: readonly Token[], text: string) {
	const [last, choose] = useState<Token | null>(null);
	const token = tokens.find(({ at }) => at[0] === last?.at[0]);
	const isThere = last !== null && text.slice(...last.at) === last.text;
	const onTouch = (from: number, to: number) => {
		const touched = tokens.find(({ at }) => at[0] <= from && from < at[1]);
		if (to > from && to - from <= CHOSEN_LIMIT) choose({ at: [from, to], text: text.slice(from, to), place: null });
		else if (touched && to === from) choose(touched);
	};
	return { chosen: isThere ? (token ?? last) : null, choose, onTouch };
}
