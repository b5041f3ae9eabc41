import { cssName, LIGHT, type Palette } from './tokens';

/** The colours in force by name: the page's own style sheet says what each stands for, so that nothing is drawn anew for the dark. */
export const COLOURS = Object.fromEntries(
	Object.keys(LIGHT).map((name) => [name, `var(${cssName(name)})`]),
) as unknown as Palette;

/** The colours in force. */
export function usePalette(): Palette {
	return COLOURS;
}
