import { parseUnit } from '../unit/parse-unit';
import { type Piece, symbolOfPiece } from './cancel';
import type { WorkedChain } from './work-chain';

/** The letters cancelled pairs share, in order. */
const LETTERS = 'abcdefghijklmnopqrstuvwxyz';

/** The letter that the two halves of a cancelled pair share, by its place: a, b, … z, a2, b2, … */
export function letterOf(pair: number): string {
	const round = Math.floor(pair / LETTERS.length);
	return `${LETTERS[pair % LETTERS.length]}${round ? round + 1 : ''}`;
}

/** A place in the balance: the unit it is for, and what stands there; null for a socket that waits. */
export type LaneCell = { readonly symbol: string; readonly piece: Piece | null };

/** One column of the two lanes: a socket of the wanted unit, what must go, or a pair that cancelled. */
export type LaneColumn = {
	readonly kind: 'wanted' | 'must-go' | 'cancelled';
	readonly top: LaneCell | null;
	readonly bottom: LaneCell | null;
	/** The pair a cancelled column shows. */
	readonly pair?: number;
};

/** The unit powers of the wanted unit, one by one, top and bottom. */
function socketsOf(want: string): { top: string[]; bottom: string[] } {
	const read = parseUnit(want, { counted: true });
	const sockets: { top: string[]; bottom: string[] } = { top: [], bottom: [] };
	for (const part of read.ok ? read.value.parts : []) {
		const side = part.power > 0 ? sockets.top : sockets.bottom;
		for (let i = 0; i < Math.abs(part.power); i++) side.push(`${part.prefix ?? ''}${part.unit}`);
	}
	return sockets;
}

function zip(top: readonly LaneCell[], bottom: readonly LaneCell[], kind: LaneColumn['kind']): LaneColumn[] {
	return Array.from({ length: Math.max(top.length, bottom.length) }, (_, i) => ({
		kind,
		top: top[i] ?? null,
		bottom: bottom[i] ?? null,
	}));
}

/** The balance of a line: sockets of the wanted units (filled where the unit stands), what must go, the pairs gone. */
export function balanceOf(worked: WorkedChain, want: string): readonly LaneColumn[] {
	const left = worked.pieces.filter(({ pair }) => pair === null);
	const taken = new Set<Piece>();
	const fill = (symbols: readonly string[], side: Piece['side']) =>
		symbols.map((symbol) => {
			const piece = left.find((one) => one.side === side && one.base === symbol && !taken.has(one)) ?? null;
			if (piece) taken.add(piece);
			return { symbol, piece };
		});
	const sockets = socketsOf(want);
	const wanted = zip(fill(sockets.top, 'top'), fill(sockets.bottom, 'bottom'), 'wanted');
	const rest = (side: Piece['side']) =>
		left
			.filter((one) => one.side === side && !taken.has(one))
			.map((piece) => ({ symbol: symbolOfPiece(piece), piece }));
	const mustGo = zip(rest('top'), rest('bottom'), 'must-go');
	const gone = worked.cancelled.map((pair, i): LaneColumn => {
		const half = (side: Piece['side']) => {
			const piece = worked.pieces.find((one) => one.pair === i && one.side === side) ?? null;
			return { symbol: pair.unit, piece };
		};
		return { kind: 'cancelled', top: half('top'), bottom: half('bottom'), pair: i };
	});
	return [...wanted, ...mustGo, ...gone];
}

/** Whether a standing piece fills a wanted socket. */
export function isWanted(columns: readonly LaneColumn[], piece: Piece): boolean {
	return columns.some(
		({ kind, top, bottom }) => kind === 'wanted' && (top?.piece === piece || bottom?.piece === piece),
	);
}

/** The units that must still go, each once, with the side they stand on. */
export function mustGoOf(columns: readonly LaneColumn[]): readonly Piece[] {
	const seen = new Map<string, Piece>();
	for (const { kind, top, bottom } of columns)
		for (const cell of kind === 'must-go' ? [top, bottom] : [])
			if (cell?.piece && !seen.has(cell.piece.base + cell.piece.side))
				seen.set(cell.piece.base + cell.piece.side, cell.piece);
	return [...seen.values()];
}
