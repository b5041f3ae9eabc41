import { StyleSheet, Text } from 'react-native';

/**
 * Words that are heard and not seen, put beside what is seen. A control that holds them is named by both,
 * so that who speaks to the screen can say what they see (WCAG 2.2, 2.5.3).
 */
export function Said({ children }: { readonly children: string }) {
	return <Text style={styles.said}>{` ${children}`}</Text>;
}

const styles = StyleSheet.create({
	said: { position: 'absolute', width: 1, height: 1, overflow: 'hidden', opacity: 0 },
});
