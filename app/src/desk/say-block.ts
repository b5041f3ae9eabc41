import { isStated, listed, type Piece, sideText, symbolOfPiece, unitWord, type WorkedChain } from '@tidy-sum/core';
import type { DeskView } from '../work/desk-view';
import * as words from './words';

type SaysOf = Pick<DeskView, 'worked' | 'exercise' | 'support' | 'verdict'>;

/** What a block did to the line, whether it wants turning over, and whether the check said it. */
export type BlockSaid = { readonly text: string; readonly turn: boolean; readonly checked?: boolean };

/** What the check says of a block; null where it was not checked, or the block was not named. */
function saidByCheck({ verdict, worked }: SaysOf, index: number): BlockSaid | null {
	const line = verdict?.line;
	if (line?.verdict !== 'wrong' || line.factor !== index) return null;
	const turn = (line.slips ?? []).some(({ code, factor }) => code === 'flipped-factor' && factor === index);
	return { text: line.why, turn: turn && worked.factors[index] !== undefined, checked: true };
}

/** How often a unit stands on its side of the line: twice, three times. */
function timesStanding({ pieces }: WorkedChain, { base, side, row }: Piece): string {
	const count = pieces.filter(
		(one) => one.pair === null && one.base === base && one.side === side && one.row === row,
	).length;
	return count === 2 ? 'twice' : words.times(count);
}

/**
 * One sentence on a block, as the support allows: what it cancels, or why it cancels nothing; in close support
 * whether its sides are equal as well; nothing at all where silence is wanted until the check. What the check found at
 * the block comes before all of it.
 */
export function sayBlock(view: SaysOf, index: number): BlockSaid {
	const checked = saidByCheck(view, index);
	if (checked) return checked;
	const { worked, exercise, support } = view;
	if (support === 'none') return { text: '', turn: false };
	const judged = worked.factors[index];
	const read = worked.read.factors[index];
	if (support === 'close' && judged?.equal === false && read && !isStated(read, exercise))
		return { text: words.topAndBottomOfThisFactor, turn: false };
	const mine = worked.pieces.filter(({ block }) => block === index);
	const gone = [...new Set(mine.filter(({ pair }) => pair !== null).map(symbolOfPiece))].map(unitWord);
	const twice = mine.find(
		(piece) =>
			piece.pair === null &&
			worked.pieces.some(
				(other) =>
					other.block !== index &&
					other.pair === null &&
					// The parts of a sum each have their own units.
					other.row === piece.row &&
					other.base === piece.base &&
					other.side === piece.side,
			),
	);
	const turn = (piece: Piece) =>
		words.isNowOn(unitWord(piece.base), timesStanding(worked, piece), sideText(piece.side));
	if (gone.length && twice) return { text: words.cancelsBut(listed(gone), turn(twice)), turn: false };
	if (gone.length) return { text: `${listed(gone)} ${gone.length > 1 ? 'cancel' : 'cancels'}.`, turn: false };
	if (twice)
		return {
			text: words.putItOnTheToCancelIt(turn(twice), twice.side),
			turn: true,
		};
	return { text: words.nothingOnTheLineCancels, turn: false };
}
