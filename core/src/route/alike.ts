import type { Piece } from '../chain/cancel';
import { symbolOfPiece } from '../chain/cancel';
import type { Factor } from '../chain/chain';
import type { Fact } from '../fact/fact';
import { likeUnits } from '../unit/like-units';
import { parseUnit } from '../unit/parse-unit';
import { route } from './route';

/** Two units that stand on opposite sides and measure the same, but are not the same: what would make them cancel. */
export type Alike = {
	readonly top: string;
	readonly bottom: string;
	/** The factors that turn the one on top into the other; the first is the fact that helps. */
	readonly factors: readonly Factor[];
};

/**
 * The pairs of standing units that are alike but not the same (cm over m), each with the facts that would
 * make them cancel.
 */
export function alikeIn(pieces: readonly Piece[], facts: readonly Fact[] = []): readonly Alike[] {
	const left = pieces.filter(({ pair }) => pair === null);
	const seen = new Set<string>();
	const found: Alike[] = [];
	for (const top of left)
		for (const bottom of left) {
			if (top.side !== 'top' || bottom.side !== 'bottom') continue;
			const [a, b] = [symbolOfPiece(top), symbolOfPiece(bottom)];
			if (seen.has(`${a}/${b}`)) continue;
			seen.add(`${a}/${b}`);
			const [one, other] = [parseUnit(a, { counted: true }), parseUnit(b, { counted: true })];
			if (!one.ok || !other.ok || !likeUnits(one.value, other.value)) continue;
			const way = route(a, b, { facts, tables: true });
			if (way.ok && way.value.factors.length) found.push({ top: a, bottom: b, factors: way.value.factors });
		}
	return found;
}
