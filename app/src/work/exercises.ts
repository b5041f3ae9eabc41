import { asWorked, BOOK, type BookExercise, bookExercise, type Exercise, placeInRound } from '@tidy-sum/core';
import type { Told } from '@tidy-sum/schema';
import { NOTHING, roundExercise } from './made-rounds';
import { readText } from './own-reader';
import * as words from './words';
import type { Work } from './work';

/** Problems of one's own have names that begin so. */
const OWN = 'own-';

/** Whether a name is that of a problem of one's own. */
export function isOwn(name: string): boolean {
	return name.startsWith(OWN);
}

/** The name of a problem of one's own, from a fresh id. */
export function ownName(id: string): string {
	return `${OWN}${id.toLowerCase().replace(/[^a-z0-9-]/g, '')}`;
}

/** The exercise one begins with: the first of the book. */
export const FIRST = BOOK[0] as BookExercise;

/** The exercise of this name, of the book or of a Round that lies ready; undefined where there is none. */
export function exerciseNamed(name: string): BookExercise | undefined {
	return bookExercise(name) ?? roundExercise(name);
}

/** What of the work a problem of one's own is made of. */
export const OWN_PARTS = [
	'text',
	'told',
	'title',
	'placed',
	'stated',
	'start',
	'until',
	'terms',
	'difference',
	'exactStart',
	'want',
	'asked',
	'rounding',
] as const satisfies readonly (keyof Work)[];

export type OwnParts = Pick<Work, (typeof OWN_PARTS)[number]>;

/** What of the work a problem of one's own is made of, and nothing else. */
export function ownPartsOf(work: Work): OwnParts {
	return Object.fromEntries(OWN_PARTS.map((part) => [part, work[part]])) as OwnParts;
}

/** An exercise of a Round as it was kept with the work on it; undefined where none was. */
export function posedExercise(name: string, posed: Exercise | null): BookExercise | undefined {
	const at = placeInRound(name);
	return posed && at
		? asWorked({ start: NOTHING, ...posed, name, title: words.exerciseOfItsRound(at.place + 1), trains: '' })
		: undefined;
}

/** How many words of a problem stand for its title, until it has one. */
const TITLE_WORDS = 5;

/** What a problem or a page is called: its title, else its first words. */
export function titleOf({ title, text }: { readonly title: string; readonly text: string }, instead: string): string {
	if (title.trim() !== '') return title;
	const words = text.trim().slice(0, 200).split(/\s+/).filter(Boolean);
	if (!words.length) return instead;
	return words.slice(0, TITLE_WORDS).join(' ') + (words.length > TITLE_WORDS ? ' …' : '');
}

/** The quantities of a text that was never read while it was typed: work kept before texts were. */
function marksIn(text: string) {
	return readText(text).numbers.map(({ at }) => ({ at, role: null }));
}

type Spans = readonly { readonly at: readonly [number, number] }[];

/** The places of a text that something was read at, and those given a place by hand, in the order they stand in. */
function spansOf(read: Spans, placed: Spans): readonly (readonly [number, number])[] {
	const spans = new Map([...read, ...placed].map(({ at }) => [`${at}`, at]));
	return [...spans.values()].sort((a, b) => a[0] - b[0]);
}

/** The line of the key a problem came with: it belongs to the start and the wanted it was told for. */
export function lineTold({ told, start, asked }: Pick<OwnParts, 'told' | 'start' | 'asked'>): Pick<Told, 'line'> {
	return told?.line && start === told.start && asked === told.want ? { line: told.line } : {};
}

/** What else was told of the start, as long as that is the one told: what multiplies it, and whether it is in parts. */
export function startTold({ told, start }: Pick<OwnParts, 'told' | 'start'>): Pick<Told, 'times' | 'parts'> {
	if (!told || start !== told.start) return {};
	const { times, parts } = told;
	return { ...(times?.length ? { times } : {}), ...(parts === undefined ? {} : { parts }) };
}

/** A problem of one's own as an exercise: what its text tells, and what the student has said. */
export function ownExercise(name: string, own: OwnParts): BookExercise {
	const { text, told, placed, stated, start, until, terms, difference, exactStart, want, asked, rounding } = own;
	const role = (at: readonly [number, number]) =>
		placed.find((one) => one.at[0] === at[0] && one.at[1] === at[1])?.role ?? 'spare';
	return asWorked({
		name,
		title: own.title || words.aProblemOfMyOwn,
		trains: '',
		prompt: text === '' && asked && 'figures' in asked ? words.howManySignificantFigures(asked.figures) : text,
		marks: spansOf(told?.marks ?? marksIn(text), placed).map((at) => ({ at, role: role(at) })),
		start: start ?? { number: '', unit: '' },
		...(exactStart ? { exactStart } : {}),
		...(until ? { until } : {}),
		...(terms.length ? { terms } : {}),
		...(difference ? { difference } : {}),
		facts: stated,
		want: asked ?? { unit: want ?? '' },
		rounding: rounding ?? (told ? null : readText(text).rounding) ?? 'figures',
		...lineTold(own),
		...startTold(own),
		...(told?.decimal ? { decimal: told.decimal } : {}),
		...(told?.goesBy ? { goesBy: told.goesBy } : {}),
	});
}

/** The exercise of this name, worked as far as it is; undefined where there is none of that name. */
export function exerciseOf(name: string, told: OwnParts & Pick<Work, 'posed'>): BookExercise | undefined {
	return isOwn(name) ? ownExercise(name, told) : (exerciseNamed(name) ?? posedExercise(name, told.posed));
}
