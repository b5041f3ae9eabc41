/** A word of a text that was read from a picture with doubt, with a picture of it as an address; null if it has no picture. */
export type Doubt = { readonly id: number; readonly at: readonly [number, number]; readonly strip: string | null };

/** How many signs two texts have in common at their beginning. */
function inCommon(a: string, b: string, most: number): number {
	let at = 0;
	while (at < most && a[at] === b[at]) at += 1;
	return at;
}

const backwards = (text: string): string => [...text].reverse().join('');

/**
 * The doubts that are left once a text was changed: those in what was changed are settled, those behind it move along.
 * @example doubtsAfter('5 m1 of', '5 mL of', [{ id: 1, at: [2, 4], strip: null }]) // []
 */
export function doubtsAfter(before: string, after: string, doubts: readonly Doubt[]): readonly Doubt[] {
	if (before === after) return doubts;
	const most = Math.min(before.length, after.length);
	const from = inCommon(before, after, most);
	const behind = inCommon(backwards(before), backwards(after), most - from);
	const to = before.length - behind;
	return doubts.flatMap((doubt) => {
		const [begin, end] = doubt.at;
		if (end <= from) return [doubt];
		if (begin >= to)
			return [{ ...doubt, at: [begin + after.length - before.length, end + after.length - before.length] as const }];
		return [];
	});
}
