/** A cell that cannot be read: why, in words that go on from the name of its column. */
export class CellFault extends Error {}

/** What stands between the items of a list in a cell. */
export const ITEMS = '; ';
const CUT_ITEMS = /\s*;\s*/u;

/** The items of a list in a cell. */
export function items(text: string): readonly string[] {
	return text.split(CUT_ITEMS).filter((item) => item.trim() !== '');
}
