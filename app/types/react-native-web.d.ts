declare module 'react-native-web' {
	import type { ReactElement } from 'react';

	/** A platform element with the styles of a StyleSheet. */
	export function unstable_createElement(type: string, props: object): ReactElement;
}
