import { StyleSheet } from 'react-native';
import { Box } from './box';

/**
 * Words that are heard and not seen, put beside what is seen. A control that holds them is named by both,
 * so that who speaks to the screen can say what they see (WCAG 2.2, 2.5.3).
 */
export function Said({ children }: { readonly children: string }) {
	return <Box style={styles.said}>{` ${children}`}</Box>;
}

const styles = StyleSheet.create({
	said: { position: 'absolute', width: 1, height: 1, overflow: 'hidden', opacity: 0 },
});
