import { useColorScheme } from 'react-native';
import { DARK, LIGHT, type Palette } from './tokens';

/** The colours of the theme the device asks for. */
export function usePalette(): Palette {
	return useColorScheme() === 'dark' ? DARK : LIGHT;
}
