import { rational } from '../numeral/rational';
import { likeUnits, sameSize } from '../unit/like-units';
import { parseUnit } from '../unit/parse-unit';
import type { Unit } from '../unit/unit';
import { type Piece, symbolOfPiece } from './cancel';
import { START } from './chain';
import { isUnderOne } from './fits-after';
import type { SetAside, WorkedChain } from './work-chain';

/** The letters cancelled pairs share, in order. */
const LETTERS = 'abcdefghijklmnopqrstuvwxyz';

/** The letter that the two halves of a cancelled pair share, by its place: a, b, … z, a2, b2, … */
export function letterOf(pair: number): string {
	const round = Math.floor(pair / LETTERS.length);
	return `${LETTERS[pair % LETTERS.length]}${round ? round + 1 : ''}`;
}

/** A place in the balance: the unit it is for, and what stands or is kept there; null for a socket that waits. */
export type LaneCell = {
	readonly symbol: string;
	readonly piece: Piece | null;
	readonly kept?: SetAside;
	/** The same unit of the other parts of a sum, which have come to it as well. */
	readonly with?: readonly Piece[];
};

/**
 * One column of the two lanes: a socket of the wanted unit; what must be shared out into parts; what must go; a part of
 * a sum that waits beside the line; a pair that cancelled.
 */
export type LaneColumn = {
	readonly kind: 'wanted' | 'to-share' | 'must-go' | 'aside' | 'cancelled';
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

/** What was taken away of a unit by a plain number, as whole ones set aside without being named so. */
function takenByHand({ read, running }: WorkedChain, unit: Unit): SetAside | null {
	const by = read.factors.findIndex(({ step }, i) => {
		const sign = step && !step.kind.keeps && !step.kind.begins ? step.quantity.number?.value.sign : 0;
		return sign === -1 && running[i + 1]?.unit === unit.text;
	});
	const number = read.factors[by]?.step?.quantity.number;
	return number ? { value: number.value.neg(), pi: number.pi, unit, by } : null;
}

/** The larger parts of a measure, each with what is set aside of it; kept at nothing once less than one is left. */
function keptIn(worked: WorkedChain, parts: readonly string[]): readonly LaneCell[] {
	const last = worked.running.at(-1);
	return parts.map((text) => {
		const unit = parseUnit(text, { counted: true });
		const kept = unit.ok ? worked.aside.find((one) => sameSize(one.unit, unit.value)) : undefined;
		if (kept) return { symbol: text, piece: null, kept };
		const byHand = unit.ok ? takenByHand(worked, unit.value) : null;
		if (byHand) return { symbol: text, piece: null, kept: byHand };
		const held = worked.aside.some((one) => unit.ok && !isUnderOne({ ...one, unit: one.unit.text }, unit.value));
		const none = worked.reached && !held && unit.ok && last && isUnderOne(last, unit.value);
		return none
			? { symbol: text, piece: null, kept: { value: rational(0n), pi: 0, unit: unit.value, by: START } }
			: { symbol: text, piece: null };
	});
}

/** Whether what stands holds whole ones of a larger part that waits. */
function holdsWhole(worked: WorkedChain, larger: readonly LaneCell[]): boolean {
	const last = worked.running.at(-1);
	return larger.some(({ symbol, kept }) => {
		const unit = parseUnit(symbol, { counted: true });
		return (
			!kept && last !== undefined && unit.ok && likeUnits(unit.value, worked.unit) && !isUnderOne(last, unit.value)
		);
	});
}

/**
 * The balance of a line: sockets of the wanted units (filled where the unit stands), what must go, the pairs gone.
 * @param parts the larger units of a measure that is wanted in parts, large to small: each has a socket for what is set
 *   aside, and what still holds whole ones of it is to be shared out.
 */
export function balanceOf(worked: WorkedChain, want: string, parts: readonly string[] = []): readonly LaneColumn[] {
	const left = worked.pieces.filter(({ pair }) => pair === null);
	const lastRow = worked.parts - 1;
	const taken = new Set<Piece>();
	const larger = keptIn(worked, parts);
	const shares = holdsWhole(worked, larger);
	const fill = (symbols: readonly string[], side: Piece['side'], row: number) =>
		symbols.map((symbol) => {
			const piece =
				left.find((one) => one.row === row && one.side === side && one.base === symbol && !taken.has(one)) ?? null;
			if (piece) taken.add(piece);
			return { symbol, piece };
		});
	const sockets = socketsOf(want);
	const full = (row: number) => zip(fill(sockets.top, 'top', row), fill(sockets.bottom, 'bottom', row), 'wanted');
	// Of a sum, the parts that have come to the wanted unit lie in one socket.
	const others: LaneColumn[] = [];
	for (let row = 0; row < lastRow; row++) others.push(...full(row));
	const own = full(lastRow).map((column) => withOthers(column, others));
	const wanted = shares ? zip(sockets.top.map(waiting), sockets.bottom.map(waiting), 'wanted') : own;
	if (shares)
		for (const { top, bottom } of own) for (const cell of [top, bottom]) if (cell?.piece) taken.delete(cell.piece);
	const rest = (side: Piece['side']) =>
		left
			.filter((one) => one.side === side && !taken.has(one))
			.map((piece) => ({ symbol: symbolOfPiece(piece), piece }));
	// What is wanted may be there by other units (kg·m/s² for N): then nothing must go, and no socket waits.
	const isThere = worked.reached === true && !shares && own.some(({ top, bottom }) => isEmpty(top) || isEmpty(bottom));
	const standing = isThere ? [] : zip(rest('top'), rest('bottom'), shares ? 'to-share' : 'must-go');
	const there = (side: Piece['side']) => [
		...own.flatMap((column) => (column[side]?.piece ? [column[side]] : [])),
		...rest(side),
	];
	const aside = worked.aside
		.filter(({ unit, by }) => unit.text === want && !larger.some(({ kept }) => kept?.by === by))
		.map((kept): LaneColumn => ({ kind: 'aside', top: { symbol: kept.unit.text, piece: null, kept }, bottom: null }));
	const gone = worked.cancelled.map((pair, i): LaneColumn => {
		const half = (side: Piece['side']) => {
			const piece = worked.pieces.find((one) => one.pair === i && one.side === side) ?? null;
			return { symbol: pair.unit, piece };
		};
		return { kind: 'cancelled', top: half('top'), bottom: half('bottom'), pair: i };
	});
	const ends = isThere ? zip(there('top'), there('bottom'), 'wanted') : wanted;
	return [...zip(larger, [], 'wanted'), ...ends, ...standing, ...aside, ...gone];
}

/** A socket with the pieces of other parts that lie in it. */
function withOthers(column: LaneColumn, others: readonly LaneColumn[]): LaneColumn {
	if (!others.length) return column;
	const joined = (side: 'top' | 'bottom') => {
		const cell = column[side];
		const pieces = others.flatMap((other) => {
			const one = other[side];
			return one?.piece && one.symbol === cell?.symbol ? [one.piece] : [];
		});
		return cell && pieces.length ? { ...cell, with: pieces } : cell;
	};
	return { ...column, top: joined('top'), bottom: joined('bottom') };
}

function isEmpty(cell: LaneCell | null): boolean {
	return cell !== null && cell.piece === null;
}

function waiting(symbol: string): LaneCell {
	return { symbol, piece: null };
}

/** Whether a standing piece fills a wanted socket. */
export function isWanted(columns: readonly LaneColumn[], piece: Piece): boolean {
	const lies = (cell: LaneCell | null) => cell?.piece === piece || (cell?.with?.includes(piece) ?? false);
	return columns.some(({ kind, top, bottom }) => kind === 'wanted' && (lies(top) || lies(bottom)));
}

/** The units that must still go, each once, with the side they stand on. */
export function mustGoOf(columns: readonly LaneColumn[]): readonly Piece[] {
	const seen = new Map<string, Piece>();
	for (const { kind, top, bottom } of columns)
		for (const cell of kind === 'must-go' || kind === 'to-share' ? [top, bottom] : [])
			if (cell?.piece && !seen.has(cell.piece.base + cell.piece.side))
				seen.set(cell.piece.base + cell.piece.side, cell.piece);
	return [...seen.values()];
}
