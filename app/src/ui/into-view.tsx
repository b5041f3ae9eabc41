import { type ReactNode, useEffect, useRef } from 'react';
import { type StyleProp, View, type ViewStyle } from 'react-native';

type Props = {
	readonly children: ReactNode;
	readonly style?: StyleProp<ViewStyle>;
	/** Whether it comes to the top of the page, for what is longer than the page. */
	readonly toTop?: boolean;
};

/** Holds what a touch opens: as it appears it comes into view, as far as the sheet must move for that and no further. */
export function IntoView({ children, style, toTop = false }: Props) {
	const held = useRef<View>(null);
	useEffect(() => {
		const element: unknown = held.current;
		// Where there is no page (a test without layout), there is nothing to move.
		if (element instanceof HTMLElement) element.scrollIntoView?.({ block: toTop ? 'start' : 'nearest' });
	}, [toTop]);
	return (
		<View ref={held} style={style}>
			{children}
		</View>
	);
}
