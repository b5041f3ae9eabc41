import { StyleSheet } from 'react-native';
import type { Palette } from './tokens';
import { COLOURS } from './use-palette';

type NamedStyles<T> = StyleSheet.NamedStyles<T>;

/** Styles made once, in the colours in force: call at module level, use the hook it gives in the component. */
export function makeStyles<T extends NamedStyles<T>>(make: (palette: Palette) => T & NamedStyles<T>): () => T {
	const styles = StyleSheet.create(make(COLOURS));
	return () => styles as T;
}
