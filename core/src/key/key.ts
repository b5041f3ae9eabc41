import type { Chain, Factor, Start } from '../chain/chain';
import { unitOfStart } from '../chain/unit-of-start';
import { workChain } from '../chain/work-chain';
import type { Exercise, LineExercise, UnitExercise } from '../exercise/exercise';
import { timesBlocks, unitTimes } from '../exercise/multiplied';
import { workedIn } from '../exercise/worked-in';
import { bad, good, type Outcome, within } from '../numeral/fault';
import { withPi } from '../numeral/pi';
import { endingPlaces } from '../numeral/print';
import { type Rational, rational } from '../numeral/rational';
import type { Ties } from '../numeral/round';
import { type Converted, convert, valueIn } from '../quantity/convert';
import { figuresOfMeasure } from '../quantity/measure-in-parts';
import { type Quantity, readQuantity } from '../quantity/quantity';
import { exactRoute } from '../route/route';
import { isAlikeAlone, routeByTies } from '../route/tied-route';
import { likeUnits, sameSize } from '../unit/like-units';
import { parseUnit } from '../unit/parse-unit';
import type { Unit } from '../unit/unit';

/** The figures an answer should have: a count between two bounds, a last place, or none asked. */
export type AskedFigures =
	| { readonly kind: 'count'; readonly from: number; readonly to: number }
	| { readonly kind: 'place'; readonly place: number }
	| null;

/** What an answer is held against. */
export type Key = {
	readonly value: Rational;
	readonly pi: number;
	readonly unit: Unit;
	readonly asked: AskedFigures;
	/** An exact result with no rounding asked: "ends" takes its exact value alone, "endless" three figures or more. */
	readonly exact: 'ends' | 'endless' | null;
	/** What becomes of a half; either will do where it is left out. */
	readonly ties?: Ties;
	/** The inputs with fewest figures, -1 the start; for the reason given. */
	readonly limitedBy: readonly number[];
	/** The chain the key was worked by, where it was. */
	readonly chain: Chain | null;
};

/**
 * Works the key of an exercise: by its line; by adding its terms; by a route through a fact that ties alike units
 * which are not equal; by converting the start where that is alike with what is wanted; else by a route over its facts
 * and the built-in tables.
 */
export function keyOf(posed: UnitExercise): Outcome<Key> {
	const exercise = workedIn(posed, posed.want.unit);
	const want = parseUnit(exercise.want.unit, { counted: true });
	if (!want.ok) return { ok: false, fault: within(want.fault, 'exercise.want.unit') };
	if (exercise.terms?.length) return byAdding(exercise, exercise.terms, want.value);
	const { start } = exercise;
	if (!start) return bad('no-key', 'This exercise has nothing to start from.');
	if (exercise.line) return byLine(exercise, start, exercise.line, want.value);
	const from = parseUnit(unitTimes(unitOfStart(start), exercise), { counted: true });
	if (!from.ok) return { ok: false, fault: within(from.fault, 'exercise.start') };
	const begun = timesBlocks(exercise);
	const tied = routeByTies(from.value, want.value, exercise.facts);
	if (tied) return byLine(exercise, start, [...begun, ...tied], want.value);
	if (begun.length && likeUnits(from.value, want.value)) return byLine(exercise, start, begun, want.value);
	if (isAlikeAlone(from.value, want.value))
		return 'top' in start ? byLine(exercise, start, [], want.value) : byConverting(exercise, start, want.value);
	const found = exactRoute(from.value.text, want.value.text, exercise.facts, exercise.goesBy?.tables);
	if (!found.ok) return found;
	return byLine(exercise, start, [...begun, ...found.value.factors], want.value);
}

function convertedOf(exercise: Exercise, quantity: Quantity, field: string, unit: string): Outcome<Converted> {
	const isStart = field === 'exercise.start';
	const exact = exercise.goesBy?.given === 'exact' || (isStart && (exercise.exactStart ?? false));
	const made = convert(quantity, unit, { difference: exercise.difference ?? false, exact, counted: true });
	return made.ok
		? made
		: { ok: false, fault: { ...made.fault, in: (made.fault.in ?? 'from').replace(/^from/, field) } };
}

function byConverting(exercise: UnitExercise, start: Quantity, want: Unit): Outcome<Key> {
	const made = convertedOf(exercise, start, 'exercise.start', exercise.want.unit);
	if (!made.ok) return made;
	const { value, pi, significant, atMost, lastPlace, shifted } = made.value;
	const own: AskedFigures =
		significant === null || atMost === null || lastPlace === null
			? null
			: shifted
				? { kind: 'place', place: lastPlace }
				: { kind: 'count', from: significant, to: atMost };
	return good({
		value,
		pi,
		unit: want,
		...askedFrom(exercise, own, value, pi),
		limitedBy: own ? [-1] : [],
		chain: null,
	});
}

/** The sum of the start and the terms, good to the last place that all of them have (NIST SP 811, B.7). */
function byAdding(exercise: UnitExercise, terms: readonly Quantity[], want: Unit): Outcome<Key> {
	const { start } = exercise;
	if (start && 'top' in start) return bad('no-key', 'A sum starts with one quantity, not with a fraction.');
	const all = [
		...(start ? [{ quantity: start, field: 'exercise.start' }] : []),
		...terms.map((quantity, i) => ({ quantity, field: `exercise.terms.${i}` })),
	];
	let value = rational(0n);
	let place: number | null = null;
	for (const { quantity, field } of all) {
		const made = convertedOf({ ...exercise, difference: true }, quantity, field, exercise.want.unit);
		if (!made.ok) return made;
		value = value.add(withPi(made.value.value, made.value.pi));
		const { lastPlace } = made.value;
		if (lastPlace !== null) place = place === null ? lastPlace : Math.max(place, lastPlace);
	}
	const own = askedOfMeasure(
		exercise,
		all.map(({ quantity }) => quantity),
		want,
	);
	const sum: AskedFigures = place === null ? null : { kind: 'place', place };
	const asked = own === undefined || place === null ? sum : own;
	return good({ value, pi: 0, unit: want, ...askedFrom(exercise, asked, value, 0), limitedBy: [], chain: null });
}

/** The figures of a measure in parts: to its last place in its smallest unit, elsewhere as many; undefined where it is a sum. */
function askedOfMeasure({ parts }: Exercise, quantities: readonly Quantity[], want: Unit): AskedFigures | undefined {
	const read = quantities.flatMap((quantity) => {
		const made = readQuantity(quantity, { counted: true });
		return made.ok ? [made.value] : [];
	});
	const of = figuresOfMeasure(read, parts);
	if (of === null) return undefined;
	if (of === 'exact') return null;
	return of.significant === of.atMost && sameSize(of.unit, want)
		? { kind: 'place', place: of.place }
		: { kind: 'count', from: of.significant, to: of.atMost };
}

/** The line of a key as a chain: what it uses is given, whether its sides are equal or only the problem says so. */
export function keyChain(
	{ start, exactStart = false, want }: LineExercise,
	line: readonly Factor[],
): Chain & { readonly want: string } {
	return {
		start,
		exactStart,
		factors: line.map((factor) => ({ ...factor, given: factor.given ?? true })),
		want: want.unit,
	};
}

function byLine(exercise: UnitExercise, start: Start, line: readonly Factor[], want: Unit): Outcome<Key> {
	const chain = keyChain({ ...exercise, start }, line);
	const worked = workChain(chain);
	if (!worked.ok)
		return {
			ok: false,
			fault: within({ ...worked.fault, in: (worked.fault.in ?? 'line').replace(/^factors/, 'line') }, 'exercise'),
		};
	const { value, unit, significant, atMost, limitedBy } = worked.value;
	if (!value) return bad('no-key', 'The key of this exercise has a number missing.');
	if (!likeUnits(unit, want)) {
		return bad('no-route', `The line of this problem ends at ${unit.text || 'a plain number'}, not at ${want.text}.`);
	}
	const { value: scaled, pi } = valueIn(value, unit, want, true);
	const own: AskedFigures =
		significant === null || atMost === null ? null : { kind: 'count', from: significant, to: atMost };
	return good({ value: scaled, pi, unit: want, ...askedFrom(exercise, own, scaled, pi), limitedBy, chain });
}

/** What the exercise asks of the figures; its own count is that of the inputs. */
export function askedFrom(
	exercise: Exercise,
	own: AskedFigures,
	value: Rational,
	pi: number,
): Pick<Key, 'asked' | 'exact' | 'ties'> {
	const { rounding, goesBy } = exercise;
	const ties = goesBy?.ties ? { ties: goesBy.ties } : {};
	if (typeof rounding === 'object')
		return {
			asked:
				'place' in rounding
					? { kind: 'place', place: rounding.place }
					: { kind: 'count', from: rounding.significant, to: rounding.significant },
			exact: null,
			...ties,
		};
	const exact = own !== null ? null : pi === 0 && endingPlaces(value) !== null ? 'ends' : 'endless';
	return { asked: rounding === 'none' ? null : own, exact, ...ties };
}
