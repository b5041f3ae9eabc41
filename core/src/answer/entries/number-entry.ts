import type { UnitWant } from '../../exercise/exercise';
import type { Key } from '../../key/key';
import { withPi } from '../../numeral/pi';
import { printInPlain, printRounded } from '../../numeral/print';
import type { Rational } from '../../numeral/rational';
import { type RoundingTarget, round, type Ties } from '../../numeral/round';
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

/** A rounded value as it may be typed, in the form asked. */
function written(value: Rational, target: RoundingTarget, form: UnitWant['form'], ties?: Ties): readonly string[] {
	const rounded = round(value, target, ties);
	const printed = printRounded(rounded);
	const plain = 'place' in target ? printInPlain(rounded).plain : printed.clear ? printed.plain : null;
	// A point behind zeros makes all of them count.
	const pointed = plain === null && rounded.place === 0 && printed.plain !== null ? `${printed.plain}.` : plain;
	return [form === 'scientific' ? null : pointed, form === 'plain' ? null : printed.scientific].filter(
		(text) => text !== null,
	);
}

/** The ways a number may be given that is held against a key. */
export function takenBy(key: Key, form?: UnitWant['form']): readonly Taken[] {
	const value = withPi(key.value, key.pi);
	const to = (target: RoundingTarget): Taken => ({ rounded: target, written: written(value, target, form, key.ties) });
	if (key.asked?.kind === 'place') return [to({ place: key.asked.place })];
	if (key.exact === 'ends') return EXACTLY;
	const [from, until] = key.asked
		? [key.asked.from, key.asked.to]
		: OPEN_FIGURES[key.exact === 'endless' ? 'endless' : 'measured'];
	return Array.from({ length: until - from + 1 }, (_, i) => to({ significant: from + i }));
}

/** A number that is taken however it is written, as long as it is the very value. */
export const EXACTLY: readonly Taken[] = [{ rounded: null, written: null }];

/** The entry for a number that is held against a key. */
export function numberEntry(name: string, label: string, key: Key, form?: UnitWant['form']): NumberEntry {
	return {
		by: 'number',
		name,
		label,
		behind: '',
		value: doubleText(withPi(key.value, key.pi)),
		taken: takenBy(key, form),
	};
}
