import type { Chain } from '../../chain/chain';
import type { ReadFactor } from '../../chain/read-chain';
import type { UnitExercise } from '../../exercise/exercise';
import type { Numeral } from '../../numeral/numeral';
import { type Rational, toPower } from '../../numeral/rational';
import type { Key } from '../key';

/** What a slip would have made of the key: the value in the wanted unit, and where on the key's line it happened. */
export type Suspect = { readonly value: Rational; readonly factor?: number; readonly why: string };

/** What slips are looked for in: the exercise, its key with the true value, and the key's line as read. */
export type Scene = {
	readonly exercise: UnitExercise;
	readonly key: Key;
	readonly truth: Rational;
	readonly answer: Numeral;
	readonly chain: Chain | null;
	readonly factors: readonly ReadFactor[];
};

/** A slip that can be recognised by what it makes of the key. A slip is one row. */
export type SlipKind = { readonly code: string; readonly suspects: (scene: Scene) => readonly Suspect[] };

/** What a factor multiplies a value by; null while a number is missing. */
export function worthOf({ top, bottom, power }: ReadFactor): Rational | null {
	if (!top.number || !bottom.number || top.number.pi !== 0 || bottom.number.pi !== 0) return null;
	return toPower(top.number.value.div(bottom.number.value), power);
}
