import { createContext, useContext } from 'react';
import { LIGHT, type Palette } from './tokens';

/** The colours in force; the frame of the app gives those of the theme the device asks for. */
export const PaletteContext = createContext<Palette>(LIGHT);

/** The colours in force. */
export function usePalette(): Palette {
	return useContext(PaletteContext);
}
