/** The one export that is taken by its own file: the package's index would bring every component with it. */
declare module 'react-native-web/dist/exports/createElement' {
	import type { ReactElement } from 'react';

	/** A platform element with the styles of a StyleSheet. */
	export default function createElement(type: string, props: object): ReactElement;
}
