import type { Span } from '../numeral/fault';
import { cutPage, pageText, type SheetProblem } from './sheet';
import { NOISE } from './sheet-marks';

/** A line of a page that belongs to no problem, with its place, and whether it is only there to be filled in: Answer: ____. */
export type LeftOut = { readonly at: Span; readonly text: string; readonly toFillIn: boolean };

/** A page as it was read: its title, its problems, and the lines that belong to no problem. */
export type SheetRead = {
	readonly title: string | null;
	readonly problems: readonly SheetProblem[];
	readonly about: readonly LeftOut[];
};

/** The longest line that may be a title. */
const TITLE_LIMIT = 80;

function linesOf(page: string): readonly LeftOut[] {
	let from = 0;
	return page.split('\n').flatMap((line) => {
		const text = line.trim();
		const at = from + line.indexOf(text);
		from += line.length + 1;
		// Of the lines that are no part of a problem only the number of a page has a digit.
		const toFillIn = NOISE.test(text) && !/\d/u.test(text);
		return text === '' ? [] : [{ at: [at, at + text.length] as const, text, toFillIn }];
	});
}

/** Whether a line that belongs to no problem may be the title of its page. */
function isTitle({ text }: LeftOut): boolean {
	const isShort = text.length <= TITLE_LIMIT && /\p{L}{3,}/u.test(text) && !/[?:=]\s*$/u.test(text);
	return isShort && !NOISE.test(text);
}

/**
 * A pasted page with its problems, its title, and what was left out: the lines that are in no problem and hold for none.
 * @example readSheet('Unit check\n1. 3 km to m\nPage 2').about // [{ at: [25, 31], text: 'Page 2', toFillIn: false }]
 */
export function readSheet(page: string): SheetRead {
	const { problems, leads } = cutPage(page);
	const taken = [...problems.map(({ at }) => at), ...leads];
	const isTaken = ({ at }: LeftOut) => taken.some(([from, to]) => at[0] < to && at[1] > from);
	const left = linesOf(pageText(page)).filter((line) => !isTaken(line));
	const first = problems[0]?.at[0] ?? 0;
	const title = problems.length > 1 ? left.find((line) => line.at[1] <= first && isTitle(line)) : undefined;
	return { title: title?.text ?? null, problems, about: left.filter((line) => line !== title) };
}
