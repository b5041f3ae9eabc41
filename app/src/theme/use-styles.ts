import { StyleSheet } from 'react-native';
import { DARK, LIGHT, type Palette } from './tokens';
import { usePalette } from './use-palette';

type NamedStyles<T> = StyleSheet.NamedStyles<T>;

/** Styles made once for each theme: call at module level, use the hook it gives in the component. */
export function makeStyles<T extends NamedStyles<T>>(make: (palette: Palette) => T & NamedStyles<T>): () => T {
	const light = StyleSheet.create(make(LIGHT));
	const dark = StyleSheet.create(make(DARK));
	return () => (usePalette() === DARK ? dark : light) as T;
}
