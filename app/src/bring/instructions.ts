/** A problem of a list without the instruction it shares with those beside it; that is said at the first of them alone. */
export type Instructed = { readonly instruction: string | null; readonly own: string };

/** The shortest beginning that is taken for an instruction. */
const SHORTEST = 8;

/** The whole sentences with which two texts both begin. */
function shared(a: string, b: string): string {
	let same = 0;
	while (same < a.length && same < b.length && a[same] === b[same]) same += 1;
	const ends = [...a.slice(0, same).matchAll(/(?:[.:](?=\s)|(?=\n))\s*/gu)];
	const end = ends.at(-1);
	const length = end ? end.index + end[0].length : 0;
	return length >= SHORTEST && length < a.length && length < b.length ? a.slice(0, length) : '';
}

/**
 * Problems with the instruction that holds for several once, at the first of them.
 * @example instructed(['Change to m: 3 km', 'Change to m: 45 cm'])
 * // [{ instruction: 'Change to m:', own: '3 km' }, { instruction: null, own: '45 cm' }]
 */
export function instructed(texts: readonly string[]): readonly Instructed[] {
	const leads = texts.map((text, i) => {
		const [before, behind] = [shared(text, texts[i - 1] ?? ''), shared(text, texts[i + 1] ?? '')];
		return before.length > behind.length ? before : behind;
	});
	return texts.map((text, i) => {
		const lead = leads[i] ?? '';
		const isSaid = lead === '' || leads[i - 1] === lead;
		return { instruction: isSaid ? null : lead.trim(), own: text.slice(lead.length) };
	});
}
