import { symbolOfPart } from '../unit/print-unit';
import type { UnitPart } from '../unit/unit';
import { START } from './chain';
import type { ReadBlock, ReadChain } from './read-chain';

export type Side = 'top' | 'bottom';

/** One unit to the first power where it stands on the line. `block` is -1 for the start. */
export type Piece = {
	readonly block: number;
	readonly side: Side;
	/** Which quantity of the block it is written in: a rate's bottom unit is written in its top quantity. */
	readonly written: Side;
	/** Place among the parts of that quantity's unit, and among the powers of that part. */
	readonly part: number;
	readonly nth: number;
	readonly base: string;
	readonly unit: UnitPart;
	/** The substance it is of, once labels have been handed on. */
	label: string | undefined;
	/** Which pair struck it, by place in `pairs`; null while it stands. */
	pair: number | null;
};

/** Two pieces of the same unit that cancel: `from` is the block where it stood on top. */
export type Pair = { readonly unit: string; readonly from: number; readonly against: number };

/** All pieces of a line, the pairs that cancel, and what stood after the start and after each factor. */
export type Cancelled = {
	readonly pieces: readonly Piece[];
	readonly pairs: readonly Pair[];
	readonly standing: readonly (readonly UnitPart[])[];
};

function piecesOf(block: ReadBlock, index: number): Piece[] {
	const out: Piece[] = [];
	for (const written of ['top', 'bottom'] as const) {
		const quantity = block[written];
		if (!quantity) continue;
		for (const [part, unit] of quantity.unit.parts.entries()) {
			const above = unit.power > 0 === (written === 'top');
			for (let nth = 0; nth < Math.abs(unit.power) * block.power; nth++)
				out.push({
					block: index,
					side: above ? 'top' : 'bottom',
					written,
					part,
					nth,
					base: `${unit.prefix ?? ''}${unit.unit}`,
					unit,
					label: unit.label,
					pair: null,
				});
		}
	}
	return out;
}

/** Labels that do not disagree: an unlabelled unit goes with any. */
function labelsAgree(a: Piece, b: Piece): boolean {
	return a.label === b.label || a.label === undefined || b.label === undefined;
}

/** The symbol of a piece with the label it has come to. */
export function symbolOfPiece(piece: Piece): string {
	return symbolOfPart({ ...piece.unit, label: piece.label } as UnitPart);
}

/**
 * Strikes what cancels, block by block from the left, each unit against the earliest one still standing
 * on the other side; one pair for each power. Only the same unit cancels: cm does not cancel m. A label
 * met by an unlabelled unit passes to the other side of that unit's factor.
 */
export function cancel(chain: Pick<ReadChain, 'start' | 'factors'>): Cancelled {
	const pieces: Piece[] = [];
	const pairs: Pair[] = [];
	const standing: UnitPart[][] = [];
	const open = new Map<string, Record<Side, Piece[]>>();
	const handOn = (from: Piece, label: string) => {
		if (from.block === START) return;
		for (const piece of pieces)
			if (piece.block === from.block && piece.written !== from.written && piece.pair === null) piece.label ??= label;
	};
	for (const [i, block] of [chain.start, ...chain.factors].entries()) {
		for (const piece of piecesOf(block, i - 1)) {
			pieces.push(piece);
			const sides = open.get(piece.base) ?? { top: [], bottom: [] };
			open.set(piece.base, sides);
			const facing = sides[piece.side === 'top' ? 'bottom' : 'top'];
			const at = facing.findIndex((other) => labelsAgree(other, piece));
			if (at < 0) {
				sides[piece.side].push(piece);
				continue;
			}
			const [other] = facing.splice(at, 1) as [Piece];
			const [top, bottom] = piece.side === 'top' ? [piece, other] : [other, piece];
			const label = top.label ?? bottom.label;
			top.pair = pairs.length;
			bottom.pair = pairs.length;
			pairs.push({ unit: symbolOfPart({ ...top.unit, label } as UnitPart), from: top.block, against: bottom.block });
			if (label !== undefined) for (const half of [top, bottom]) if (half.label === undefined) handOn(half, label);
		}
		standing.push(standingParts(pieces));
	}
	return { pieces, pairs, standing };
}

/** The parts of what stands among these pieces, in the order they came. */
export function standingParts(pieces: readonly Piece[]): UnitPart[] {
	const parts = new Map<string, UnitPart>();
	for (const piece of pieces) {
		if (piece.pair !== null) continue;
		const key = `${piece.base}{${piece.label ?? ''}}`;
		const power = (parts.get(key)?.power ?? 0) + (piece.side === 'top' ? 1 : -1);
		const { unit, prefix } = piece.unit;
		parts.set(key, {
			unit,
			...(prefix ? { prefix } : {}),
			power,
			...(piece.label ? { label: piece.label } : {}),
		});
	}
	return [...parts.values()];
}
