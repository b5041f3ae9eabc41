import type { LinesCompared, WayCompared } from '../chain/compare-lines';

const WAYS: Readonly<Record<WayCompared, string>> = {
	same: 'Both take the same route, with the same units after each factor.',
	order: 'Both use the same factors, in a different order.',
	split: 'Both take the same route, but one of them uses more factors.',
	begun: 'Both begin with the same factors, but one of them goes further.',
	start: 'They start from different quantities.',
	route: 'They take different routes.',
};

function place(block: number): string {
	return block < 0 ? 'the start' : `factor ${block + 1}`;
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
			? `The values first differ at ${place(differs.first)} of ${mine}, and ${place(differs.second)} of ${other}.`
			: sameEnd
				? 'Both give the same value.'
				: 'Wherever both have the same unit, the values agree.',
		...(shorter === null ? [] : [`${capital(shorter === 'first' ? mine : other)} is shorter.`]),
	];
}
