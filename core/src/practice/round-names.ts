/** A code as names and addresses have it: no spaces and hyphens, and 0 and 1 for the letters that are taken for them. */
export function plainCode(text: string): string {
	return text.toLowerCase().replace(/[\s-]/g, '').replace(/o/g, '0').replace(/[il]/g, '1');
}

/** A code as people read it, in groups of four: "4k7m-9ae". */
export function shownCode(code: string): string {
	return plainCode(code).replace(/(.{4})(?=.)/g, '$1-');
}

/** The name an exercise of a Round is worked under: "round-4k7m9ae-03"; `place` from 0. */
export function roundName(code: string, place: number): string {
	return `round-${plainCode(code)}-${`${place + 1}`.padStart(2, '0')}`;
}

const NAME = /^round-([0-9a-z]+)-(\d{2})$/;

/** Which Round a name belongs to, and which of its exercises, from 0; null for any other name. */
export function placeInRound(
	name: string | null | undefined,
): { readonly code: string; readonly place: number } | null {
	const match = NAME.exec(name ?? '');
	return match ? { code: plainCode(match[1] as string), place: Number(match[2]) - 1 } : null;
}

/** What a Round is called. */
export function roundTitle(code: string): string {
	return `Round ${shownCode(code)}`;
}

/** What an exercise of a Round is called; `place` from 0. */
export function titleInRound(place: number, count: number): string {
	return `Exercise ${place + 1} of ${count}`;
}
