import type { LinesCompared, WayCompared } from '../chain/compare-lines';

const WAYS: Readonly<Record<WayCompared, string>> = {
	same: 'Both take the same route: the same units stand after each block.',
	order: 'Both use the same blocks, in another order.',
	split: 'Both take the same route, and one of them takes a step in several blocks.',
	begun: 'Both begin with the same blocks, and one of them goes on.',
	start: 'They start from something else.',
	route: 'They take different routes.',
};

function place(block: number): string {
	return block < 0 ? 'the start' : `block ${block + 1}`;
}

function capital(text: string): string {
	return `${text[0]?.toUpperCase()}${text.slice(1)}`;
}

/**
 * What two lines have in common and where they part, in a few sentences.
 * @param other what the second one is called: "the worked line".
 * @param mine what the first one is called, where it is not the student's own.
 * @example sayCompared(compareLines(mine, theirs), 'the worked line')[0] // 'They take different routes.'
 */
export function sayCompared(
	{ way, differs, shorter, sameEnd }: LinesCompared,
	other: string,
	mine = 'yours',
): readonly string[] {
	return [
		WAYS[way],
		differs
			? `The value first differs at ${place(differs.first)} of ${mine}, and ${place(differs.second)} of ${other}. Look there.`
			: sameEnd
				? 'Both come to the same value.'
				: 'Wherever both stand at the same unit, the values agree.',
		...(shorter === null ? [] : [`${capital(shorter === 'first' ? mine : other)} is shorter.`]),
	];
}
