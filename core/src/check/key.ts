import type { Chain } from '../chain/chain';
import { workChain } from '../chain/work-chain';
import type { Exercise } from '../exercise/exercise';
import { bad, type Outcome, within } from '../numeral/fault';
import { endingPlaces } from '../numeral/print';
import type { Rational } from '../numeral/rational';
import { convert, valueIn } from '../quantity/convert';
import type { Quantity } from '../quantity/quantity';
import { likeUnits } from '../unit/like-units';
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
	/** The inputs with fewest figures, -1 the start; for the reason given. */
	readonly limitedBy: readonly number[];
	/** The chain the key was worked by, where it was. */
	readonly chain: Chain | null;
};

/** Works the key of an exercise: by its line, or by converting the start where that is alike with what is wanted. */
export function keyOf(exercise: Exercise): Outcome<Key> {
	const want = parseUnit(exercise.want.unit, { counted: true });
	if (!want.ok) return { ok: false, fault: within(want.fault, 'exercise.want.unit') };
	if (!exercise.line && !('top' in exercise.start)) {
		const made = byConverting(exercise, exercise.start, want.value);
		if (made.ok || made.fault.code !== 'unlike') return made;
		return bad(
			'no-route',
			`There is no line here that leads from ${exercise.start.unit || 'a plain number'} to ${want.value.text}.`,
		);
	}
	return byLine(exercise, want.value);
}

function byConverting(exercise: Exercise, start: Quantity, want: Unit): Outcome<Key> {
	const options = { difference: exercise.difference ?? false, exact: exercise.exactStart ?? false, counted: true };
	const made = convert(start, exercise.want.unit, options);
	if (!made.ok)
		return { ok: false, fault: { ...made.fault, in: (made.fault.in ?? 'from').replace(/^from/, 'exercise.start') } };
	const { value, pi, significant, atMost, lastPlace, shifted } = made.value;
	const own: AskedFigures =
		significant === null || atMost === null || lastPlace === null
			? null
			: shifted
				? { kind: 'place', place: lastPlace }
				: { kind: 'count', from: significant, to: atMost };
	return {
		ok: true,
		value: { value, pi, unit: want, ...asked(exercise, own, value, pi), limitedBy: own ? [-1] : [], chain: null },
	};
}

function byLine(exercise: Exercise, want: Unit): Outcome<Key> {
	const chain: Chain = {
		start: exercise.start,
		exactStart: exercise.exactStart ?? false,
		factors: (exercise.line ?? []).map((factor) => ({ ...factor, given: factor.given ?? true })),
		want: exercise.want.unit,
	};
	const worked = workChain(chain);
	if (!worked.ok)
		return {
			ok: false,
			fault: within({ ...worked.fault, in: (worked.fault.in ?? 'line').replace(/^factors/, 'line') }, 'exercise'),
		};
	const { value, unit, significant, atMost, limitedBy } = worked.value;
	if (!value) return bad('no-key', 'The key of this exercise has a number missing.');
	if (!likeUnits(unit, want)) {
		return bad('no-route', `The line of this exercise ends at ${unit.text || 'a plain number'}, not at ${want.text}.`);
	}
	const { value: scaled, pi } = valueIn(value, unit, want, true);
	const own: AskedFigures =
		significant === null || atMost === null ? null : { kind: 'count', from: significant, to: atMost };
	return { ok: true, value: { value: scaled, pi, unit: want, ...asked(exercise, own, scaled, pi), limitedBy, chain } };
}

/** What the exercise asks of the figures; its own count is that of the inputs. */
function asked(exercise: Exercise, own: AskedFigures, value: Rational, pi: number): Pick<Key, 'asked' | 'exact'> {
	const { rounding } = exercise;
	if (typeof rounding === 'object')
		return {
			asked:
				'place' in rounding
					? { kind: 'place', place: rounding.place }
					: { kind: 'count', from: rounding.significant, to: rounding.significant },
			exact: null,
		};
	const exact = own !== null ? null : pi === 0 && endingPlaces(value) !== null ? 'ends' : 'endless';
	return { asked: rounding === 'none' ? null : own, exact };
}
