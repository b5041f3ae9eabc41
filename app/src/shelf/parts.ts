/** A part of the Shelf that has a page of its own. One row is one part. */
export type ShelfPart = { readonly name: PartName; readonly title: string; readonly says: string };

export type PartName = 'facts' | 'ladder' | 'temperature' | 'mixed' | 'figures' | 'rate' | 'sense';

/** The parts, in the order the Shelf lists them. */
export const SHELF_PARTS: readonly ShelfPart[] = [
	{ name: 'facts', title: 'Facts', says: 'Look one up, add your own, choose what the class knows' },
	{ name: 'ladder', title: 'Ladder', says: 'Move a value up and down the prefixes' },
	{ name: 'temperature', title: 'Temperature', says: 'K, °C and °F on one picture: shift and scale' },
	{ name: 'mixed', title: 'Mixed measures', says: 'ft and in, lb and oz, d h min s, ° and ′, both ways' },
	{ name: 'figures', title: 'Figures', says: 'Which digits count, and rounding' },
	{ name: 'rate', title: 'Rate', says: 'Any compound unit to any like one, step by step' },
	{ name: 'sense', title: 'Number sense', says: 'What a quantity comes to at the station' },
];

/** The title of a part. */
export function titleOf(part: PartName): string {
	return SHELF_PARTS.find(({ name }) => name === part)?.title ?? '';
}
