import { isWanted, type LaneColumn, letterOf } from '../chain/balance';
import { type Piece, sideText } from '../chain/cancel';
import type { SetAside, WorkedChain } from '../chain/work-chain';
import { printUnrounded } from '../numeral/print';
import { parseUnit } from '../unit/parse-unit';
import { symbolOfPart } from '../unit/print-unit';
import { sayQuantity, sayUnit } from './say';

/** How a token is said: the unit in words, where it stands and how. */
function sayPiece(piece: Piece, state: LaneColumn['kind'], symbol: string, letters = ''): string {
	const read = parseUnit(symbol, { counted: true });
	const name = read.ok ? sayUnit(read.value, true) : symbol;
	const end = {
		'must-go': 'still must go. Show facts with it',
		'to-share': 'has whole ones in it. Show how to set them aside',
		aside: 'waits beside the line',
		wanted: 'should be here. Show facts with it',
		cancelled: `is cancelled, pair ${letters}`,
	}[state];
	return `${name}, on ${sideText(piece.side)}, ${end}`;
}

/** A unit on a line as plain data: what it shows, how it stands, what a touch on it is about, what is said of it. */
export type ShownUnit = {
	readonly key: string;
	readonly symbol: string;
	readonly base: string;
	readonly state: 'must-go' | 'wanted' | 'cancelled';
	readonly letters: string;
	readonly say: string;
};

/**
 * The units of one block on one side. A unit's own power is written out (m² is two of m, so that
 * one can be struck); the power of a whole block is on its bracket, so inside it each unit stands once.
 * @param power the power of the block.
 */
export function shownUnits(
	worked: WorkedChain,
	columns: readonly LaneColumn[],
	block: number,
	side: Piece['side'],
	power = 1,
): readonly ShownUnit[] {
	const shared = new Map<string, Piece[]>();
	for (const piece of worked.pieces) {
		if (piece.block !== block || piece.side !== side) continue;
		const key = `${piece.written}${piece.part}.${Math.floor(piece.nth / power)}`;
		shared.set(key, [...(shared.get(key) ?? []), piece]);
	}
	return [...shared].map(([key, pieces]) => {
		const standing = pieces.find(({ pair }) => pair === null);
		const piece = standing ?? (pieces[0] as Piece);
		const state = !standing ? 'cancelled' : isWanted(columns, standing) ? 'wanted' : 'must-go';
		const letters = pieces.flatMap(({ pair }) => (pair === null ? [] : [letterOf(pair)])).join(' ');
		const symbol = symbolOfPart({ ...piece.unit, power: 1 });
		return { key, symbol, base: piece.base, state, letters, say: sayPiece(piece, state, symbol, letters) };
	});
}

/**
 * A place in the lanes as plain data: the unit, what stands there (null for a socket that waits), how much of it is kept
 * there, and what is said of it.
 */
export type ShownCell = {
	readonly symbol: string;
	readonly base: string | null;
	/** How much is kept, as print has it; '?' while that is not written; null where nothing is. */
	readonly kept: string | null;
	readonly say: string;
};

/** A column of the lanes as plain data; the letter of a pair that cancels, else ''. */
export type ShownColumn = {
	readonly kind: LaneColumn['kind'];
	readonly letter: string;
	readonly top: ShownCell | null;
	readonly bottom: ShownCell | null;
};

/** How many digits of what is kept are shown before it is cut. */
const KEPT_DIGITS = 5;

/** How much is kept aside, as print has it. */
function keptText({ value, pi }: SetAside): string {
	return value ? `${printUnrounded(value, KEPT_DIGITS)}${pi ? ' π' : ''}` : '?';
}

/** A column of the balance as it is shown and said. */
export function shownColumn({ kind, top, bottom, pair }: LaneColumn): ShownColumn {
	const letter = pair === undefined ? '' : letterOf(pair);
	const cell = (side: Piece['side'], of: LaneColumn['top']): ShownCell | null => {
		if (!of) return null;
		const kept = of.kept ? keptText(of.kept) : null;
		const say = of.piece
			? sayPiece(of.piece, kind, of.symbol, letter)
			: kept === null
				? `${of.symbol} should be on the ${side} and is not there yet`
				: `${sayQuantity({ number: kept, unit: of.symbol })}, ${kind === 'aside' ? 'waits to be added' : 'set aside'}`;
		return { symbol: of.symbol, base: of.piece?.base ?? null, kept, say };
	};
	return { kind, letter, top: cell('top', top), bottom: cell('bottom', bottom) };
}
