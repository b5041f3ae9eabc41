import { type Want, type WantField, type Wants, wantFieldOf } from '@tidy-sum/core';
import { CellFault } from './cell';
import { chainCell, readChainCell } from './line-cell';

/** What is wanted, but for its form, of one kind of answer: null is no want of this kind. */
type WantCell<W> = { readonly read: (cell: string) => W | null; readonly write: (want: W) => string };

/** A kind that is known by how its cell begins. */
function begun<W>(begins: string, read: (rest: string) => W, write: (want: W) => string): WantCell<W> {
	return {
		read: (cell) => (cell.startsWith(begins) ? read(cell.slice(begins.length)) : null),
		write: (want) => begins + write(want),
	};
}

/** A plain number has no unit to name it by. */
const PLAIN_NUMBER = 'a plain number';

/** A row for each kind of answer; the first that can be read holds, and a unit, which may be anything, stands last. */
const WANT_CELLS: { readonly [K in WantField]: WantCell<Wants[K]> } = {
	factor: begun(
		'factor to ',
		(factor) => ({ factor }),
		({ factor }) => factor,
	),
	figures: begun(
		'figures of ',
		(figures) => ({ figures }),
		({ figures }) => figures,
	),
	slip: begun(
		'wrong block of ',
		(line) => ({ slip: readChainCell(line) }),
		({ slip }) => chainCell(slip),
	),
	units: {
		read: (cell) => {
			const units = cell.split(/\s+and in\s+/u);
			return units.length > 1 ? { units: units.map((unit) => unit.replace(/^in\s+/u, '')) } : null;
		},
		write: ({ units }) => units.join(' and in '),
	},
	mixed: {
		read: (cell) => {
			const parts = cell.split(/\s*(?:,|&|\band\b)\s*/u);
			return parts.length > 1 ? { mixed: parts } : null;
		},
		write: ({ mixed }) => mixed.join(' and '),
	},
	unit: {
		read: (cell) => (cell === '' ? null : { unit: cell === PLAIN_NUMBER ? '' : cell }),
		write: ({ unit }) => unit || PLAIN_NUMBER,
	},
};

/** What is wanted: "ft/s", "ft and in", "K and in °C", "factor to kJ", "figures of 0.00450", "wrong block of 2.5 h × 60 min / 1 h". */
export function readWantCell(text: string): Want {
	const cell = text.trim();
	for (const { read } of Object.values(WANT_CELLS)) {
		const want = read(cell);
		if (want) return want;
	}
	throw new CellFault('it names no unit');
}

/** The same written. */
export function wantCell(want: Want): string {
	return (WANT_CELLS[wantFieldOf(want)] as WantCell<Want>).write(want);
}
