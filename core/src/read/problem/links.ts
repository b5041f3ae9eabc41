import type { Fact } from '../../fact/fact';
import type { Quantity } from '../../quantity/quantity';
import { singular } from '../../unit/singular';
import { type Found, unitOf } from './numbers';
import { isUnit, JOINS } from './words';

/** What may stand between the two halves of a fact: "for each", "to a", "of honey in", "is", "=". */
const LINKS =
	/^\s*(?:of\s+(?:[\p{L}-]+\s+){1,3})?(?:=|is|are|equals?|makes?|for|to|in|per|at|goes? into|go into|holds?|contains?|gives?|weighs?|has|have|each|every|in every|for every)\s*(?:about|only)?\s*(?:each|every|one|a|an)?\s*$/iu;

/** A fact whose other half is one thing without a number: "12 jars to a crate", "2 seeds in each cell". */
const ONE_OF =
	/^\s*(?:of\s+(?:[\p{L}-]+\s+){1,3})?(?:(?:to|in|for|on|per|with|at)\s+)?(?:a|an|each|every|one)\s+([\p{L}³²/]+)/iu;

/** One thing that holds a quantity: "each jar holds 454 g", "one crate has 12 jars". */
const ONE_HOLDS =
	/\b(each|every|one|an?|the)\s+([\p{L}-]+)\s+(?:of\s+[\p{L}-]+\s+)?(?:holds?|has|contains?|weighs?|takes?|gives?|is|needs?|makes?)\s*(?:about\s*)?$/iu;

function isRate({ unit }: Quantity): boolean {
	return /\/|\bper\b/u.test(unit);
}

/** A quantity without its place. */
export function plain({ number, unit }: Quantity): Quantity {
	return { number, unit };
}

/** A fact a text states, with the quantities it is made of by their place in the list. */
export type Linked = { readonly fact: Fact; readonly of: readonly number[] };

/** The facts a text states, with the quantities each is made of. */
export function factsIn(text: string, found: readonly Found[], things: ReadonlySet<string>): readonly Linked[] {
	const facts: Linked[] = [];
	const used = new Set<number>();
	for (const [i, one] of found.entries()) {
		if (used.has(i) || one.unit === '') continue;
		const next = found[i + 1];
		const between = next ? text.slice(one.at[1], next.at[0]) : '';
		if (
			next &&
			next.unit !== '' &&
			!isRate(one) &&
			!isRate(next) &&
			LINKS.test(between) &&
			unitOf(one)?.text !== unitOf(next)?.text
		) {
			facts.push({ fact: { left: plain(one), right: plain(next) }, of: [i, i + 1] });
			used.add(i + 1);
			continue;
		}
		const unit = oneBeside(text, one, things);
		if (unit !== null && unitOf({ number: '1', unit })?.text !== unitOf(one)?.text)
			facts.push({ fact: { left: plain(one), right: { number: '1', unit } }, of: [i] });
	}
	return facts;
}

/** The one thing a quantity goes with, where the text says so: "to a crate", "each jar holds", "trays of". */
function oneBeside(text: string, one: Found, things: ReadonlySet<string>): string | null {
	const before = text.slice(0, one.at[0]);
	const named = (word: string | undefined) => {
		if (!word || JOINS.has(word.toLowerCase())) return null;
		return isUnit(word) ? word : singular(word.toLowerCase());
	};
	const after = named(ONE_OF.exec(text.slice(one.at[1]))?.[1]);
	if (after !== null) return after;
	const holds = ONE_HOLDS.exec(before);
	const holder = named(holds?.[2]);
	// “A hive gives 24 kg” tells of one hive; it is a fact only where hives are met elsewhere.
	if (holder !== null && (/^(?:each|every)$/iu.test(holds?.[1] ?? '') || things.has(holder))) return holder;
	const of = /([\p{L}-]+s)\s+of\s+(?:about\s+)?$/u.exec(before)?.[1];
	const group = named(of);
	return group !== null && (isUnit(of as string) || things.has(group)) ? group : null;
}

/** A rate among the quantities is a fact when another quantity is the start and the way to what is wanted needs it. */
export function ratesAsFacts(found: readonly Found[], linked: readonly Linked[]): readonly Linked[] {
	const taken = new Set(linked.flatMap(({ of }) => of));
	const rates = found.flatMap((quantity, i): Linked[] => {
		const slash = quantity.unit.search(/\/|\bper\b/u);
		if (taken.has(i) || slash <= 0) return [];
		const below = quantity.unit
			.slice(slash)
			.replace(/^(?:\/|per)\s*/u, '')
			.replace(/^\((.*)\)$/u, '$1');
		const left = { number: quantity.number, unit: quantity.unit.slice(0, slash).trim() };
		return [{ fact: { left, right: { number: '1', unit: below } }, of: [i] }];
	});
	const others = found.filter(
		(quantity, i) => !taken.has(i) && quantity.unit !== '' && !rates.some(({ of }) => of[0] === i),
	);
	return others.length ? [...linked, ...rates] : linked;
}
