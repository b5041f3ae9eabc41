/** A temperature one knows: fixed by nature, or a place on Fennel Ridge. */
export type TemperatureMark = { readonly name: string; readonly celsius: string; readonly kind: 'nature' | 'place' };

/** From cold to warm. Absolute zero and the points of water are the well-known ones (SI Brochure 2.3.1). */
export const TEMPERATURE_MARKS: readonly TemperatureMark[] = [
	{ name: 'absolute zero', celsius: '-273.15', kind: 'nature' },
	{ name: 'the winter mast', celsius: '-31', kind: 'place' },
	{ name: 'the freezer', celsius: '-18', kind: 'place' },
	{ name: 'water freezes', celsius: '0', kind: 'nature' },
	{ name: 'the seed store', celsius: '8', kind: 'place' },
	{ name: 'the glasshouse', celsius: '24', kind: 'place' },
	{ name: 'a beehive', celsius: '35', kind: 'place' },
	{ name: 'water boils', celsius: '100', kind: 'nature' },
];
