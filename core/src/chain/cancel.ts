import type { UnitPart } from '../unit/unit';
import { START } from './chain';
import type { ReadBlock, ReadChain, ReadFactor } from './read-chain';

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
	/** Which of several parts that are added it belongs to, from 0. */
	readonly row: number;
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

/** Lays the pieces of one side of a block behind those there are, in the order they are written. */
function layPieces(
	pieces: Piece[],
	written: Side,
	parts: readonly UnitPart[],
	{ index, row, times }: { readonly index: number; readonly row: number; readonly times: number },
): void {
	for (let part = 0; part < parts.length; part++) {
		const unit = parts[part] as UnitPart;
		const { power, label, prefix } = unit;
		const side: Side = power > 0 === (written === 'top') ? 'top' : 'bottom';
		const base = prefix === undefined ? unit.unit : prefix + unit.unit;
		const count = (power < 0 ? -power : power) * times;
		for (let nth = 0; nth < count; nth++)
			pieces.push({ block: index, side, written, part, nth, base, unit, label, row, pair: null });
	}
}

/** The symbol of a piece with the label it has come to. */
export function symbolOfPiece({ base, label }: Piece): string {
	return label === undefined ? base : `${base}{${label}}`;
}

/** Whether one strikes the other: the same unit on the other side, and no other label. */
function strikes(piece: Piece, other: Piece): boolean {
	return (
		other.base === piece.base &&
		other.side !== piece.side &&
		(other.label === piece.label || other.label === undefined || piece.label === undefined)
	);
}

/** A label met by an unlabelled unit passes to the other side of that unit's factor. */
function handOn(left: readonly Piece[], from: Piece, label: string): void {
	if (from.block === START) return;
	for (const piece of left) if (piece.block === from.block && piece.written !== from.written) piece.label ??= label;
}

/** Whether a block begins a further part that is added: nothing in it cancels with what came before. */
function begins(block: ReadBlock): boolean {
	return (block as Partial<ReadFactor>).step?.kind.begins ?? false;
}

/**
 * Strikes what cancels, block by block from the left, each unit against the earliest one still standing
 * on the other side; one pair for each power. Only the same unit cancels: cm does not cancel m. A label
 * met by an unlabelled unit passes to the other side of that unit's factor.
 */
export function cancel(chain: Pick<ReadChain, 'start' | 'factors'>): Cancelled {
	const pieces: Piece[] = [];
	const pairs: Pair[] = [];
	const standing: (readonly UnitPart[])[] = [];
	let left: Piece[] = [];
	let row = 0;
	for (let i = 0; i <= chain.factors.length; i++) {
		const block: ReadBlock = i === 0 ? chain.start : (chain.factors[i - 1] as ReadFactor);
		if (begins(block)) {
			left = [];
			row += 1;
		}
		const where = { index: i - 1, row, times: block.power };
		let next = pieces.length;
		layPieces(pieces, 'top', block.top.unit.parts, where);
		if (block.bottom) layPieces(pieces, 'bottom', block.bottom.unit.parts, where);
		for (; next < pieces.length; next++) strike(pieces[next] as Piece, left, pairs);
		standing.push(standingParts(left));
	}
	return { pieces, pairs, standing };
}

/** Strikes a piece against the earliest that stands and goes with it; where none does, it stands as well. */
function strike(piece: Piece, left: Piece[], pairs: Pair[]): void {
	let at = 0;
	while (at < left.length && !strikes(piece, left[at] as Piece)) at += 1;
	if (at === left.length) {
		left.push(piece);
		return;
	}
	const other = left[at] as Piece;
	// The others move up: a list so short is not worth a new one.
	for (let i = at + 1; i < left.length; i++) left[i - 1] = left[i] as Piece;
	left.pop();
	const [top, bottom] = piece.side === 'top' ? [piece, other] : [other, piece];
	const label = top.label ?? bottom.label;
	top.pair = pairs.length;
	bottom.pair = pairs.length;
	pairs.push({
		unit: label === undefined ? top.base : `${top.base}{${label}}`,
		from: top.block,
		against: bottom.block,
	});
	if (label === undefined) return;
	for (const half of [top, bottom]) if (half.label === undefined) handOn(left, half, label);
}

/** A part of a unit to a power, under a label. */
function partTo(written: UnitPart, power: number, label: string | undefined): UnitPart {
	if (written.power === power && written.label === label) return written;
	const { unit, prefix } = written;
	if (prefix === undefined) return label === undefined ? { unit, power } : { unit, power, label };
	return label === undefined ? { unit, prefix, power } : { unit, prefix, power, label };
}

/** The parts that the pieces left standing make, in the order they came. */
function standingParts(left: readonly Piece[]): UnitPart[] {
	const parts: UnitPart[] = [];
	for (let i = 0; i < left.length; i++) {
		const piece = left[i] as Piece;
		let isSeen = false;
		for (let j = 0; j < i && !isSeen; j++) isSeen = isAlike(left[j] as Piece, piece);
		if (isSeen) continue;
		let power = 0;
		for (let j = i; j < left.length; j++) {
			const other = left[j] as Piece;
			if (isAlike(other, piece)) power += other.side === 'top' ? 1 : -1;
		}
		parts.push(partTo(piece.unit, power, piece.label));
	}
	return parts;
}

function isAlike(one: Piece, other: Piece): boolean {
	return one.base === other.base && one.label === other.label;
}

/** A side of the bar, in words. */
export function sideText(side: Side): string {
	return side === 'top' ? 'the top' : 'the bottom';
}
