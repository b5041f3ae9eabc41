import type { ReactNode } from 'react';
import { type Role, type StyleProp, StyleSheet, type ViewStyle } from 'react-native';
import createElement from 'react-native-web/dist/exports/createElement';

export type BoxProps = {
	readonly children?: ReactNode;
	readonly style?: StyleProp<ViewStyle>;
	readonly role?: Role;
	readonly tabIndex?: 0 | -1;
	readonly testID?: string | undefined;
	readonly 'aria-label'?: string | undefined;
	readonly 'aria-hidden'?: boolean;
	readonly 'aria-pressed'?: boolean | undefined;
	readonly 'aria-expanded'?: boolean | undefined;
	readonly 'aria-current'?: 'page' | undefined;
	readonly 'aria-live'?: 'polite';
	/** Left out when the page is printed. */
	readonly 'data-noprint'?: boolean;
	readonly 'aria-keyshortcuts'?: string | undefined;
};

/**
 * A box of the layout, without what a View brings to each one (layout events, responders, locale): for
 * what is drawn many times or anew at every touch. It is laid out as a View is.
 */
export function Box({ style, ...rest }: BoxProps) {
	return createElement('div', { ...rest, style: [styles.box, style] });
}

type TouchProps = BoxProps & {
	readonly onTouch: () => void;
	readonly disabled?: boolean;
};

/**
 * Something to touch: a true button, so that a finger, a mouse and a keyboard work it alike. That it is
 * pressed is shown by the page's own style sheet, with no drawing anew.
 */
export function Touch({ onTouch, style, disabled = false, ...rest }: TouchProps) {
	return createElement('button', {
		...rest,
		'aria-disabled': disabled,
		onClick: disabled ? undefined : onTouch,
		style: [styles.box, styles.touch, style],
	});
}

const styles = StyleSheet.create({
	box: {
		display: 'flex',
		flexDirection: 'column',
		alignItems: 'stretch',
		alignContent: 'flex-start',
		flexShrink: 0,
		minWidth: 0,
		minHeight: 0,
		margin: 0,
		padding: 0,
		borderWidth: 0,
		borderStyle: 'solid',
		boxSizing: 'border-box',
		position: 'relative',
		zIndex: 0,
		backgroundColor: 'transparent',
	},
	touch: { cursor: 'pointer', borderRadius: 8, userSelect: 'none' },
});
