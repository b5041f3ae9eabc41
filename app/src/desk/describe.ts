import {
	figuresText,
	hasShift,
	isStated,
	listed,
	type Piece,
	parseUnit,
	printQuantity,
	quoted,
	START,
	type Start,
	sayUnit,
	sidesOfStart,
	symbolOfPart,
	symbolOfPiece,
	type WorkedChain,
} from '@tidy-sum/core';
import type { DeskView } from './use-desk';

/** The letters cancelled pairs share, in order. */
const LETTERS = 'abcdefghijklmnopqrstuvwxyz';

/** The letter of a pair by its place: a, b, … z, a2, b2, … */
export function letterOf(pair: number): string {
	const round = Math.floor(pair / LETTERS.length);
	return `${LETTERS[pair % LETTERS.length]}${round ? round + 1 : ''}`;
}

/** A piece of the balance: where a unit stands, what fills it, what is cancelled. */
export type LaneCell = { readonly symbol: string; readonly piece: Piece | null };

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

type SaysOf = Pick<DeskView, 'worked' | 'exercise' | 'support'>;

/** What a block did to the line, and whether it wants turning over. */
export type BlockSaid = { readonly text: string; readonly turn: boolean };

/**
 * One sentence on a block, as the support allows: what it cancels, or why it cancels nothing; in close support
 * whether its sides are equal as well; nothing at all where silence is wanted until the check.
 */
export function sayBlock({ worked, exercise, support }: SaysOf, index: number): BlockSaid {
	if (support === 'none') return { text: '', turn: false };
	const judged = worked.factors[index];
	const read = worked.read.factors[index];
	if (support === 'close' && judged?.equal === false && read && !isStated(read, exercise))
		return { text: 'Top and bottom of this block are not equal, so it changes the value.', turn: false };
	const mine = worked.pieces.filter(({ block }) => block === index);
	const gone = [...new Set(mine.filter(({ pair }) => pair !== null).map(symbolOfPiece))].map(quoted);
	const twice = mine.find(
		(piece) =>
			piece.pair === null &&
			worked.pieces.some(
				(other) =>
					other.block !== index && other.pair === null && other.base === piece.base && other.side === piece.side,
			),
	);
	const turn = (piece: Piece) => `${quoted(piece.base)} now stands twice on ${sideText(piece.side)}.`;
	if (gone.length && twice) return { text: `${listed(gone)} cancels, but ${turn(twice)}`, turn: false };
	if (gone.length) return { text: `${listed(gone)} ${gone.length > 1 ? 'cancel' : 'cancels'}.`, turn: false };
	if (twice)
		return {
			text: `${turn(twice)} To cancel it should be on the ${twice.side === 'top' ? 'bottom' : 'top'}.`,
			turn: true,
		};
	return { text: 'Nothing on the line cancels with this block yet.', turn: false };
}

function sideText(side: Piece['side']): string {
	return side === 'top' ? 'the top' : 'the bottom';
}

/** How many figures the result may have, and because of which inputs; what is exact limits nothing. */
export function sayFigures(worked: WorkedChain, start: Start): string {
	const { significant, atMost, limitedBy, read } = worked;
	if (hasShift(read) && significant !== null)
		return `A step that adds keeps the last place of ${printQuantity(sidesOfStart(start).top)}; what is added is exact.`;
	if (significant === null || atMost === null)
		return 'Everything on this line is exact, so nothing limits the figures.';
	const named = limitedBy.map((index) => {
		const factor = worked.read.factors[index]?.written;
		if (!factor || index === START) return printQuantity(sidesOfStart(start).top);
		return printQuantity(factor.top.number === '1' ? factor.bottom : factor.top);
	});
	const count = significant === atMost ? figuresText(significant) : `${significant} to ${figuresText(atMost)}`;
	const exact = worked.factors.some((factor) => factor.exact) ? ' The exact facts limit nothing.' : '';
	return `The answer may have ${count}: of the measured inputs ${listed(named)} ${named.length > 1 ? 'have' : 'has'} the fewest.${exact}`;
}

/** How a token is said: the unit in words, where it stands and how. */
export function sayPiece(
	piece: Piece,
	state: 'must-go' | 'wanted' | 'cancelled',
	symbol: string,
	letters = '',
): string {
	const read = parseUnit(symbol, { counted: true });
	const name = read.ok ? sayUnit(read.value, true) : symbol;
	const end = {
		'must-go': 'must still go. Show the facts that hold it',
		wanted: 'is wanted here. Show the facts that hold it',
		cancelled: `is cancelled, pair ${letters}`,
	}[state];
	return `${name}, on ${sideText(piece.side)}, ${end}`;
}

/** A unit token as plain data: what it shows, how it stands, what a touch on it is about, what is said of it. */
export type Token = {
	readonly key: string;
	readonly symbol: string;
	readonly base: string;
	readonly state: 'must-go' | 'wanted' | 'cancelled';
	readonly letters: string;
	readonly say: string;
};

/**
 * The tokens of one block on one side. A unit's own power is written out (m² is two tokens of m, so that
 * one can be struck); the power of a whole block is on its bracket, so inside it each unit stands once.
 * @param power the power of the block.
 */
export function tokensOf(
	worked: WorkedChain,
	columns: readonly LaneColumn[],
	block: number,
	side: Piece['side'],
	power = 1,
): readonly Token[] {
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
