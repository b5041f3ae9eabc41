import type { Factor } from '../chain/chain';
import type { ReadStep, StepField } from '../chain/steps/step-kind';
import type { Running, WorkedChain } from '../chain/work-chain';
import { printUnrounded } from '../numeral/print';
import type { Quantity } from '../quantity/quantity';
import { listed } from './listed';
import { printQuantity, printWritten, sayQuantity } from './say';

/** How many digits of a value are shown and said before it is cut. */
const DIGITS = 6;

/** The value after a step, as a quantity: its number cut if it is long, '' while one is missing. */
export function standsAfter({ value, pi, unit }: Running): { readonly number: string; readonly unit: string } {
	const digits = value ? printUnrounded(value, DIGITS) : '';
	return { number: digits && pi ? `${digits} π` : digits, unit };
}

/** The same said aloud: a number that is cut is about so much; of a range both ends, "18 to 36 degrees Fahrenheit". */
export function sayStanding(running: Running, high?: Running): string {
	const { number, unit } = standsAfter(running);
	const about = number.endsWith('…') ? 'about ' : '';
	const said = number.replace(/…$/, '');
	const to = high?.value ? sayStanding(high) : '';
	return to ? `${about}${printWritten(said)} to ${to}` : `${about}${sayQuantity({ number: said, unit })}`;
}

/** How a kind of step is written and said; a row for each, and the compiler misses one that is not there. */
type StepWords = {
	/** The step in a printed line, with a space before it: " − 32", " − 8 ft", " + 12 min". */
	readonly print: (factor: Factor) => string;
	/** The step as the line writes it. */
	readonly shows: (step: ReadStep, written: Factor, before: Running) => string;
	/** The value after it, beside it on the line, as print has it; '' if its own blocks follow. */
	readonly after: (stands: string) => string;
	/** Whether what came before it and it are bracketed for a block that follows. */
	readonly brackets: boolean;
	/** The step said aloud, in one or two sentences. */
	readonly says: (step: ReadStep, written: Factor, before: Running, after: Running, high?: Running) => string;
};

/** A number with its sign apart: "− 32", "+ 273.15". */
function signed(text: string): string {
	const added = printWritten(text) || '?';
	return added.startsWith('−') ? `−\u00a0${added.slice(1)}` : `+\u00a0${added.replace(/^\+\s*/, '')}`;
}

function areOrIs(said: string, verb: readonly [string, string]): string {
	return `${said} ${/^(?:minus )?1 \S/.test(said) ? verb[0] : verb[1]}`;
}

/** The value now, in a sentence; both ends of a range. */
export function sayNow(after: Running, high?: Running): string {
	const said = sayStanding(after, high);
	return `${after.together ? 'Together' : 'Now'} there ${/^1 (?!to )\S/.test(said) ? 'is' : 'are'} ${said}.`;
}

const ARE = ['is', 'are'] as const;

/** The words of each kind of step. */
export const STEP_WORDS: { readonly [F in StepField]: StepWords } = {
	shift: {
		print: ({ shift = '' }) => ` ${signed(shift).replace('\u00a0', ' ')}`,
		shows: (_, { shift = '' }, { unit }) => `${signed(shift)}\u00a0${unit}`.trimEnd(),
		after: (stands) => `= ${stands}`,
		brackets: true,
		says: (_, { shift = '' }, __, after, high) => {
			const less = /^\s*[-−]/.test(shift);
			const size = shift.replace(/^\s*[-−+]/, '').trim() || 'a number to come';
			return `${less ? 'Subtract' : 'Add'} ${size}. ${sayNow(after, high)}`;
		},
	},
	aside: {
		print: ({ aside }) => (aside ? ` − ${printQuantity(aside)}` : ''),
		shows: (_, { aside }) => (aside ? `${printQuantity({ ...aside, number: aside.number || '?' })} aside` : ''),
		after: (stands) => `${stands} left`,
		brackets: false,
		says: (_, { aside = { number: '', unit: '' } }, before, after) => {
			const kept = sayQuantity(aside);
			const held = before.unit === aside.unit ? '' : `${areOrIs(sayStanding(before), ['holds', 'hold'])} ${kept}. `;
			return `${held}Set aside ${kept}; ${areOrIs(sayStanding(after), ARE)} left.`;
		},
	},
	term: {
		print: ({ term }) => (term ? ` + ${printQuantity(term)}` : ''),
		shows: (_, { term }) => (term ? `+\u00a0${printQuantity(term)}` : ''),
		after: () => '',
		brackets: false,
		says: (_, { term = { number: '', unit: '' } }, __, after) =>
			`Put ${sayQuantity(term)} beside it, to add later.${after.together ? ` ${sayNow(after)}` : ''}`,
	},
};

/** The value now, as print has it; both ends of a range: "18 to 36 °F". */
export function printStanding(low: Running, high?: Running): string {
	const [one, other] = [standsAfter(low), high ? standsAfter(high) : null];
	return other
		? `${printWritten(one.number)} to ${printQuantity({ ...other, number: other.number })}`
		: printQuantity(one);
}

/** What a line has set aside and what is left, in a sentence with a space before it; '' where nothing is. */
export function sayAside({ aside, running, parts }: WorkedChain): string {
	const last = running.at(-1);
	if (!aside.length || !last) return '';
	const kept = aside.map(({ value, pi, unit }) => printStanding({ value, pi, unit: unit.text }));
	const left = last.value ? ` ${parts > 1 ? 'On the line' : 'Left'}: ${printStanding(last)}.` : '';
	return ` Set aside: ${listed(kept)}.${left}`;
}

/** A step on a line as plain data. */
export type ShownStep = {
	/** What it does, the value after it ('' while that is not known or not shown), and a note on it. */
	readonly text: string;
	readonly after: string;
	readonly say: string;
	readonly brackets: boolean;
	/** For a further part, drawn like a start: its quantity; null if it is a word on the line. */
	readonly part: Quantity | null;
};

/**
 * The step on a block, as the line shows it.
 * @param high the other end of a range on the same line, where there is one.
 * @returns null where the block only multiplies.
 */
export function shownStep(worked: WorkedChain, index: number, high: WorkedChain | null = null): ShownStep | null {
	const factor = worked.read.factors[index];
	const [before, after] = [worked.running[index], worked.running[index + 1]];
	if (!factor?.step || !before || !after) return null;
	const { kind } = factor.step;
	const words = STEP_WORDS[kind.field];
	return {
		text: words.shows(factor.step, factor.written, before),
		after: after.value ? words.after(printStanding(after, high?.running[index + 1])) : '',
		say: words.says(factor.step, factor.written, before, after, high?.running[index + 1]),
		brackets: words.brackets,
		part: kind.begins ? (factor.written.term ?? null) : null,
	};
}
