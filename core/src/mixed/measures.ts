/** Units that people write side by side for one measure, from large to small. One row is one measure. */
export type Measure = { readonly name: string; readonly title: string; readonly units: readonly string[] };

/** The mixed measures of the Shelf. */
export const MEASURES: readonly Measure[] = [
	{ name: 'length', title: 'ft and in', units: ['ft', 'in'] },
	{ name: 'mass', title: 'lb and oz', units: ['lb', 'oz'] },
	{ name: 'time', title: 'd h min s', units: ['d', 'h', 'min', 's'] },
	{ name: 'angle', title: '° and ′', units: ['°', '′'] },
];

/** The measure with this name. */
export function measureNamed(name: string): Measure | undefined {
	return MEASURES.find((one) => one.name === name);
}
