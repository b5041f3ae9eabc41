import type { Fact } from '../../fact/fact';
import type { Quantity } from '../../quantity/quantity';
import { type Found, unitOf } from './found';
import type { Linked } from './linked';

/** A rate with its own name (M, mph) as an amount for one of its bottom unit. */
function shortRate({ number, unit }: Quantity): Fact | null {
	const read = unitOf({ number, unit });
	const [top, bottom] = read?.parts ?? [];
	if (read?.parts.length !== 2 || top?.power !== 1 || bottom?.power !== -1) return null;
	const [above = '', below = ''] = read.text.split('/');
	return { left: { number, unit: above }, right: { number: '1', unit: below } };
}

/** The bottom of a/b/c, and of a per b per c, as one unit: b·c. */
function wholeBottom(below: string): string {
	return below.replace(/\s*(?:\/|\bper\b)\s*/gu, '·');
}

/** The rates that are not part of a fact yet, each as an amount for one of its whole bottom. */
export function ratesIn(found: readonly Found[], linked: readonly Linked[]): readonly Linked[] {
	const taken = new Set(linked.flatMap(({ of }) => of));
	return found.flatMap((quantity, i): Linked[] => {
		const slash = quantity.unit.search(/\/|\bper\b/u);
		if (taken.has(i)) return [];
		if (slash <= 0) {
			const told = shortRate(quantity);
			return told ? [{ fact: told, of: [i] }] : [];
		}
		const below = wholeBottom(
			quantity.unit
				.slice(slash)
				.replace(/^(?:\/|per)\s*/u, '')
				.replace(/^\((.*)\)$/u, '$1'),
		);
		const left = { number: quantity.number, unit: quantity.unit.slice(0, slash).trim() };
		return [{ fact: { left, right: { number: '1', unit: below } }, of: [i] }];
	});
}

/** A rate among the quantities is a fact when another quantity is the start and the way to what is wanted needs it. */
export function ratesAsFacts(found: readonly Found[], linked: readonly Linked[]): readonly Linked[] {
	const taken = new Set(linked.flatMap(({ of }) => of));
	const rates = ratesIn(found, linked);
	const others = found.filter(
		(quantity, i) => !taken.has(i) && quantity.unit !== '' && !rates.some(({ of }) => of[0] === i),
	);
	return others.length ? [...linked, ...rates] : linked;
}
