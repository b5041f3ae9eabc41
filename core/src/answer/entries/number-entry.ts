import type { UnitWant } from '../../exercise/exercise';
import type { Key } from '../../key/key';
import { withPi } from '../../numeral/pi';
import { printInPlain, printRounded } from '../../numeral/print';
import type { Rational } from '../../numeral/rational';
import { type RoundingTarget, round, type Ties } from '../../numeral/round';
import { CENT, isMoney } from '../../unit/is-money';
import type { NumberEntry, Taken } from './entry';

/** As many digits as a double holds. */
const DOUBLE_FIGURES = 15;

/** How many figures may be given where none are asked: of an exact value that does not end, of one that is measured. */
const OPEN_FIGURES = { endless: [3, 10], measured: [2, 10] } as const;

/** A value as a decimal of so many digits as a double holds. */
export function doubleText(value: Rational): string {
	const { plain, scientific } = printRounded(round(value, { significant: DOUBLE_FIGURES }));
	if (plain === null) return scientific ?? '0';
	return plain.includes('.') ? plain.replace(/\.?0+$/, '') : plain;
}

/** The same to one figure or place more. */
function oneMore(target: RoundingTarget): RoundingTarget {
	return 'place' in target ? { place: target.place - 1 } : { significant: target.significant + 1 };
}

/** A value rounded, as it may be typed in the form asked. */
function takenTo(value: Rational, target: RoundingTarget, form: UnitWant['form'], ties?: Ties): Taken {
	const rounded = round(value, target, ties);
	const printed = printRounded(rounded);
	const plain = 'place' in target ? printInPlain(rounded).plain : printed.clear ? printed.plain : null;
	// A point behind zeros makes all of them count.
	const pointed = plain === null && rounded.place === 0 && printed.plain !== null ? `${printed.plain}.` : plain;
	const written = [form === 'scientific' ? null : pointed, form === 'plain' ? null : printed.scientific];
	const more = oneMore(target);
	return {
		rounded: target,
		value: doubleText(rounded.value),
		finer: { rounded: more, value: doubleText(round(value, more, ties).value) },
		written: written.filter((text) => text !== null),
	};
}

/** The ways a number may be given that is held against a key. */
export function takenBy(key: Key, form?: UnitWant['form']): readonly Taken[] {
	const value = withPi(key.value, key.pi);
	const to = (target: RoundingTarget): Taken => takenTo(value, target, form, key.ties);
	if (key.asked?.kind === 'place') return [to({ place: key.asked.place })];
	if (key.exact === 'ends') return exactly(value);
	const [from, until] = key.asked
		? [key.asked.from, key.asked.to]
		: OPEN_FIGURES[key.exact === 'endless' ? 'endless' : 'measured'];
	const counts = Array.from({ length: until - from + 1 }, (_, i) => to({ significant: from + i }));
	// Nobody pays less than a cent (contract, "check", money).
	return isMoney(key.unit) ? [...counts, to({ place: CENT })] : counts;
}

/** A number that is taken however it is written, as long as it is the very value. */
export function exactly(value: Rational): readonly Taken[] {
	return [{ rounded: null, value: doubleText(value), written: null }];
}

/** A number that is taken however it is written, as long as it is the value so far. */
export function takenWithin(value: Rational, target: RoundingTarget): Taken {
	return { rounded: target, value: doubleText(round(value, target).value), written: null };
}

/** The entry for a number that is held against a key. */
export function numberEntry(name: string, label: string, key: Key, form?: UnitWant['form']): NumberEntry {
	return {
		by: 'number',
		name,
		label,
		behind: '',
		taken: takenBy(key, form),
	};
}
