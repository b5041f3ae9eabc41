import type { Start } from '../../chain/chain';
import type { Role, Rounding } from '../../exercise/exercise';
import type { Fact } from '../../fact/fact';
import type { Span } from '../../numeral/fault';
import type { Quantity } from '../../quantity/quantity';
import { factsIn, ratesAsFacts } from './links';
import { numbersIn, unitOf } from './numbers';
import { startAmong } from './roles';
import { roundingIn } from './rounding';
import { wantIn } from './wanted';

/** A quantity found in a text: its span, number and unit as read, and what it is there for; null where that cannot be told. */
export type FoundQuantity = Quantity & { readonly at: Span; readonly role: Role | null };

/** What can be told from the text of a problem; null where it cannot. */
export type ProblemRead = {
	readonly numbers: readonly FoundQuantity[];
	readonly facts: readonly Fact[];
	readonly start: Start | null;
	readonly want: { readonly unit: string } | null;
	readonly rounding: Rounding | null;
};

/** How much of a text is read, in UTF-16 units. */
export const PROBLEM_LIMIT = 4000;

/**
 * Reads what the text of a problem tells: every quantity, the facts that link two, what the line starts from,
 * what is wanted and how it is to be rounded (contract, "read"). What cannot be told is null.
 */
export function readProblem(text: string): ProblemRead {
	const found = numbersIn(text.slice(0, PROBLEM_LIMIT));
	const things = new Set(found.flatMap((quantity) => unitOf(quantity)?.counted ?? []));
	const want = wantIn(text.slice(0, PROBLEM_LIMIT), things);
	const linked = ratesAsFacts(found, factsIn(text, found, new Set([...things, ...(want === null ? [] : [want])])));
	const chosen = startAmong(found, linked, want);
	const inFact = new Set(chosen.facts.flatMap(({ of }) => of));
	const numbers = found.map((quantity, i): FoundQuantity => {
		const role: Role | null = chosen.of.includes(i)
			? 'start'
			: inFact.has(i)
				? 'fact'
				: chosen.start && want !== null
					? 'spare'
					: null;
		return { ...quantity, role };
	});
	return {
		numbers,
		facts: chosen.facts.map(({ fact }) => fact),
		start: chosen.start,
		want: want === null ? null : { unit: want },
		rounding: roundingIn(text),
	};
}
