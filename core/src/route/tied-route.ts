import type { Factor } from '../chain/chain';
import { workChain } from '../chain/work-chain';
import type { Fact } from '../fact/fact';
import type { Quantity } from '../quantity/quantity';
import { labelsClash, likeUnits } from '../unit/like-units';
import { parseUnit } from '../unit/parse-unit';
import { printUnit } from '../unit/print-unit';
import type { Unit, UnitPart } from '../unit/unit';
import { unitOfParts } from '../unit/unit-of-parts';
import { exactRoute, route } from './route';

/** A fact that ties alike units: its two sides read, each of one unit. */
type Tie = { readonly fact: Fact; readonly left: UnitPart; readonly right: UnitPart };

function lonePart(text: string): { readonly unit: Unit; readonly part: UnitPart } | null {
	const read = parseUnit(text, { counted: true });
	const [part] = read.ok ? read.value.parts : [];
	return read.ok && part && read.value.parts.length === 1 ? { unit: read.value, part } : null;
}

function tieOf(fact: Fact): readonly Tie[] {
	const [left, right] = [lonePart(fact.left.unit), lonePart(fact.right.unit)];
	if (!left || !right || !likeUnits(left.unit, right.unit)) return [];
	const worked = workChain({
		start: { number: '1', unit: '' },
		factors: [{ top: fact.left, bottom: fact.right, given: true }],
	});
	const stated = worked.ok && worked.value.factors[0]?.equal === 'stated';
	return stated ? [{ fact, left: left.part, right: right.part }] : [];
}

const known = new WeakMap<readonly Fact[], readonly Tie[]>();

function tiesOf(facts: readonly Fact[]): readonly Tie[] {
	let ties = known.get(facts);
	if (!ties) {
		ties = facts.flatMap(tieOf);
		known.set(facts, ties);
	}
	return ties;
}

/**
 * The facts that tie two amounts of one kind which are not equal: 2.5 mg for each 1 kg of body, 1 cm on a map for
 * 2.5 km, grams of salt for grams of water. A line of the problem goes by them, never past them.
 */
export function tyingFacts(facts: readonly Fact[]): readonly Fact[] {
	return facts.length ? tiesOf(facts).map(({ fact }) => fact) : [];
}

/** The most ties of one problem that a way is looked for through. */
const TIES_LIMIT = 6;

/** The names that keep the two sides of a tie apart on the way; no unit is written with them. */
const MARK = /\{tie\d+[lr]\}/g;

function marked(part: UnitPart, mark: string): UnitPart {
	return part.label === undefined ? { ...part, label: mark } : part;
}

/** A unit with the parts that are of the kind of a tie marked as of one side of it. */
function markedUnit(unit: Unit, side: UnitPart, mark: string): Unit {
	const name = side.label ?? mark;
	const kind = unitOfParts([{ ...side, power: 1 }]).kind;
	const parts = unit.parts.map((part) =>
		unitOfParts([{ ...part, power: 1 }]).kind === kind ? marked(part, name) : part,
	);
	return { ...unit, parts, text: printUnit(parts) };
}

function markedQuantity(quantity: Quantity, side: UnitPart, mark: string): Quantity | null {
	const unit = parseUnit(quantity.unit, { counted: true });
	return unit.ok ? { ...quantity, unit: markedUnit(unit.value, side, mark).text } : null;
}

/** Whether a factor of a way is a tie, either way up. */
function isTie({ top, bottom }: Factor, { left, right }: Fact): boolean {
	const is = (a: Quantity, b: Quantity) => a.number === left.number && b.number === right.number;
	return is(top, bottom) || is(bottom, top);
}

function sideText(part: UnitPart, mark: string): string {
	return printUnit([marked(part, mark)]);
}

function unmarked({ top, bottom, ...rest }: Factor): Factor {
	const plain = ({ number, unit }: Factor['top']) => ({ number, unit: unit.replace(MARK, '') });
	return { ...rest, top: plain(top), bottom: plain(bottom) };
}

/**
 * Whether a way takes a fact of the problem before the tables would have come to what is wanted: no body weight in kg is
 * asked for by way of the dose.
 * @param alone how many factors the tables alone need.
 */
function leadsThrough(factors: readonly Factor[], alone: number, to: Unit): boolean {
	const at = factors.findIndex(({ given }) => given);
	const comes = factors.slice(0, Math.max(at, 0)).some(({ top, bottom }) => [top.unit, bottom.unit].includes(to.text));
	return at >= 0 && (alone === 0 || (at <= alone && !comes));
}

/**
 * The way from one unit to another by what the problem ties: each side of such a fact is kept apart, so that no table
 * leads round it. Of the two ways through a tie the shorter, else the one that multiplies by its left side for its right.
 * @returns the factors; null where no fact ties alike units, or none of them leads there.
 */
export function routeByTies(from: Unit, to: Unit, facts: readonly Fact[]): readonly Factor[] | null {
	const ties = facts.length ? tiesOf(facts).slice(0, TIES_LIMIT) : [];
	if (!ties.length) return null;
	const apart = facts.map((fact): Fact => {
		const i = ties.findIndex((tie) => tie.fact === fact);
		const tie = ties[i];
		if (!tie) return fact;
		return {
			...fact,
			left: { ...fact.left, unit: sideText(tie.left, `tie${i}l`) },
			right: { ...fact.right, unit: sideText(tie.right, `tie${i}r`) },
		};
	});
	/** The facts, those beside a tie taken to be of one side of it: 12 mg in 1 mL are of the dose, and not of the body. */
	const onSide = (tie: Tie, side: UnitPart, mark: string) =>
		apart.map((fact, at) => {
			if (ties.some((one) => one.fact === facts[at])) return fact;
			const [left, right] = [fact.left, fact.right].map((quantity) => markedQuantity(quantity, side, mark));
			return left && right && tie.fact !== fact ? { ...fact, left, right } : fact;
		});
	const plain = route(from.text, to.text, { tables: true });
	const alone = plain.ok ? plain.value.factors.length : Number.POSITIVE_INFINITY;
	let best: readonly Factor[] | null = null;
	for (const [i, tie] of ties.entries())
		for (const [begin, end] of [
			['r', 'l'],
			['l', 'r'],
		] as const) {
			const [side, other] = begin === 'r' ? [tie.right, tie.left] : [tie.left, tie.right];
			const [start, goal] = [markedUnit(from, side, `tie${i}${begin}`), markedUnit(to, other, `tie${i}${end}`)];
			const way = exactRoute(start.text, goal.text, apart);
			const isBy = way.ok && way.value.factors.some((factor) => isTie(factor, tie.fact));
			if (isBy && leadsThrough(way.value.factors, alone, to)) {
				if (best === null || way.value.factors.length < best.length) best = way.value.factors;
				continue;
			}
			for (const [part, mark] of [[other, end] as const, [side, begin] as const]) {
				const among = exactRoute(start.text, goal.text, onSide(tie, part, `tie${i}${mark}`));
				if (!among.ok || !among.value.factors.some((factor) => isTie(factor, tie.fact))) continue;
				if (!leadsThrough(among.value.factors, alone, to)) continue;
				if (best === null || among.value.factors.length < best.length) best = among.value.factors;
			}
		}
	return best?.map(unmarked) ?? null;
}

/** Whether a unit is alike with another by itself, and not only by what the problem ties. */
export function isAlikeAlone(from: Unit, to: Unit): boolean {
	return likeUnits(from, to) && !labelsClash(from, to);
}
