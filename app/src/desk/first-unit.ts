import { mustGoOf } from '@tidy-sum/core';
import type { DeskView } from '../work/desk-view';

/** The unit the Shelf opens on when none was touched: the first that must go, else the first that stands. */
export function firstUnit({ columns, worked }: DeskView): string {
	return (mustGoOf(columns)[0] ?? worked.pieces.find(({ pair }) => pair === null))?.base ?? '';
}
