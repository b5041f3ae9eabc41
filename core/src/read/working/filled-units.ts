import type { Factor } from '../../chain/chain';
import { factsHolding } from '../../fact/facts-holding';
import { parseNumeral } from '../../numeral/parse-numeral';
import type { Quantity } from '../../quantity/quantity';
import { parseUnit } from '../../unit/parse-unit';

/** A unit above and one below, as a line has them on its way; below is empty where nothing is. */
type At = { readonly top: string; readonly bottom: string };

/** The most factors whose units are looked for. */
const FACTORS_LIMIT = 4;

/** The one unit above and the one below of a unit that has no more. */
function sidesOf(text: string): At | null {
	const read = parseUnit(text);
	if (!read.ok) return null;
	const [top = '', bottom = '', ...more] = read.value.text.split('/');
	return more.length || /[·²³^]/u.test(read.value.text) || top === '' ? null : { top, bottom };
}

function isNumber(text: string, other: string): boolean {
	const [a, b] = [parseNumeral(text), parseNumeral(other)];
	return a.ok && b.ok && a.value.value.equals(b.value.value);
}

/** The units v with 1 of a unit = so many v, and those with 1 v = so many of the unit. */
function partners(
	unit: string,
	number: string,
): { readonly smaller: readonly string[]; readonly larger: readonly string[] } {
	const [smaller, larger] = [new Set<string>(), new Set<string>()];
	for (const { left, right } of factsHolding(unit))
		for (const [mine, other] of [
			[left, right],
			[right, left],
		] as const) {
			if (mine.unit !== unit) continue;
			if (isNumber(mine.number, '1') && isNumber(other.number, number)) smaller.add(other.unit);
			if (isNumber(other.number, '1') && isNumber(mine.number, number)) larger.add(other.unit);
		}
	return { smaller: [...smaller], larger: [...larger] };
}

type Step = { readonly factor: Factor; readonly at: At };

/** What a bare number may be on the way: × 12 of feet gives inches, ÷ 60 of seconds gives minutes; below the bar the other way. */
function stepsFrom(at: At, number: string, isTimes: boolean): readonly Step[] {
	const over = (top: Quantity, bottom: Quantity): Factor => ({ top, bottom });
	const many = (unit: string): Quantity => ({ number, unit });
	const one = (unit: string): Quantity => ({ number: '1', unit });
	const above = partners(at.top, number);
	const below = at.bottom === '' ? { smaller: [], larger: [] } : partners(at.bottom, number);
	return isTimes
		? [
				...above.smaller.map((unit) => ({ factor: over(many(unit), one(at.top)), at: { ...at, top: unit } })),
				...below.larger.map((unit) => ({ factor: over(many(at.bottom), one(unit)), at: { ...at, bottom: unit } })),
			]
		: [
				...above.larger.map((unit) => ({ factor: over(one(unit), many(at.top)), at: { ...at, top: unit } })),
				...below.smaller.map((unit) => ({ factor: over(one(at.bottom), many(unit)), at: { ...at, bottom: unit } })),
			];
}

/**
 * Factors written as bare numbers, with their units put in: 4.5 ft × 12 × 2.54 = 137 cm. Null where the units of the two ends leave
 * no reading, or more than one.
 */
export function filledUnits(start: Quantity, factors: readonly Factor[], end: string): readonly Factor[] | null {
	const [from, to] = [sidesOf(start.unit), sidesOf(end)];
	if (!from || !to || factors.length > FACTORS_LIMIT) return null;
	let ways: readonly { readonly factors: readonly Factor[]; readonly at: At }[] = [{ factors: [], at: from }];
	for (const { top, bottom } of factors) {
		const isTimes = isNumber(bottom.number, '1');
		if (!isTimes && !isNumber(top.number, '1')) return null;
		const number = isTimes ? top.number : bottom.number;
		ways = ways.flatMap((way) =>
			stepsFrom(way.at, number, isTimes).map(({ factor, at }) => ({ factors: [...way.factors, factor], at })),
		);
	}
	const whole = ways.filter(({ at }) => at.top === to.top && at.bottom === to.bottom);
	return whole.length === 1 ? (whole[0]?.factors ?? null) : null;
}
