import { DARK, LIGHT, type Palette } from '../src/theme/tokens';

/** Relative luminance and contrast by WCAG 2.2. */
function contrast(one: string, two: string): number {
	const light = (colour: string) => {
		const [r = 0, g = 0, b = 0] = [1, 3, 5]
			.map((i) => Number.parseInt(colour.slice(i, i + 2), 16) / 255)
			.map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4));
		return 0.2126 * r + 0.7152 * g + 0.0722 * b;
	};
	const [a, b] = [light(one), light(two)].sort((x, y) => y - x) as [number, number];
	return (a + 0.05) / (b + 0.05);
}

describe.each<[string, Palette]>([
	['light', LIGHT],
	['dark', DARK],
])('the colours of the %s theme', (_, palette) => {
	it('have contrast enough: 4.5 for words, 3 for edges that mean something', () => {
		const words = [
			...(['page', 'panel', 'pineWash', 'lookWash'] as const).flatMap((on) =>
				(['ink', 'soft', 'look'] as const).map((tone) => [palette[tone], palette[on]] as const),
			),
			[palette.pine, palette.page],
			[palette.pine, palette.panel],
			[palette.pine, palette.pineWash],
			[palette.onPine, palette.pine],
			[palette.onApricot, palette.apricot],
		] as const;
		for (const [tone, on] of words) expect(contrast(tone, on)).toBeGreaterThanOrEqual(4.5);
		for (const edge of [palette.edge, palette.pine, palette.apricotEdge, palette.look])
			expect(contrast(edge, palette.page)).toBeGreaterThanOrEqual(3);
	});
});
