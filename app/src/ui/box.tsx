import type { ReactNode, Ref, TouchEvent } from 'react';
import { type Role, type StyleProp, StyleSheet, type ViewStyle } from 'react-native';
import createElement from 'react-native-web/dist/exports/createElement';
import { CORNER } from '../theme/tokens';

export type BoxProps = {
	readonly children?: ReactNode;
	readonly style?: StyleProp<ViewStyle>;
	readonly role?: Role;
	readonly tabIndex?: 0 | -1;
	readonly testID?: string | undefined;
	readonly ref?: Ref<HTMLElement>;
	readonly 'aria-label'?: string | undefined;
	readonly 'aria-hidden'?: boolean;
	readonly 'aria-pressed'?: boolean | undefined;
	readonly 'aria-expanded'?: boolean | undefined;
	readonly 'aria-current'?: 'page' | undefined;
	readonly 'aria-live'?: 'polite';
	readonly 'aria-sort'?: 'ascending' | 'descending' | 'none';
	/** Left out when the page is printed. */
	readonly 'data-noprint'?: boolean;
	/** Fades in as a pair that cancels is tied. */
	readonly 'data-tied'?: true | undefined;
	/** At which step of a line that builds itself it comes, or that it goes at the strike. */
	readonly 'data-built'?: 'start' | 'block' | 'strike' | 'answer' | 'goes';
	readonly 'aria-keyshortcuts'?: string | undefined;
};

/**
 * A box of the layout, of the same base as what is touched. It is laid out as a View is, but for its place: a box is no
 * layer of its own to paint, and one that holds something laid absolutely says `position: 'relative'`.
 */
export function Box({ style, ...rest }: BoxProps) {
	return createElement('div', { ...rest, style: [styles.box, style] });
}

type TouchProps = BoxProps & {
	readonly onTouch: () => void;
	readonly onPointerDown?: () => void;
	readonly onPointerUp?: () => void;
	readonly onPointerCancel?: () => void;
	readonly onPointerLeave?: () => void;
	readonly disabled?: boolean;
};

/** How far a finger may stray and still be meant as a touch, in CSS pixels. */
const STRAY = 12;

/** Where the last finger came down. */
let down = { x: 0, y: 0 };

function onTouchStart({ touches }: TouchEvent): void {
	const finger = touches[0];
	if (finger) down = { x: finger.clientX, y: finger.clientY };
}

/** Whether a finger was lifted where it came down, alone, and not to scroll or to stop a scroll. */
function isTap({ cancelable, touches, changedTouches }: TouchEvent): boolean {
	const finger = changedTouches[0];
	// While the page scrolls a touch cannot be taken over.
	if (!cancelable || touches.length || changedTouches.length !== 1 || !finger) return false;
	return Math.abs(finger.clientX - down.x) <= STRAY && Math.abs(finger.clientY - down.y) <= STRAY;
}

/**
 * Something to touch: a true button, so that a finger, a mouse and a keyboard work it alike. That it is
 * pressed is shown by the page's own style sheet, with no drawing anew. A finger is answered as it is lifted: the
 * mouse events a browser would make up after it cost a frame on a slow phone.
 */
export function Touch({ onTouch, style, disabled = false, ...rest }: TouchProps) {
	const onTouchEnd = (event: TouchEvent<HTMLElement>) => {
		if (!isTap(event)) return;
		event.preventDefault();
		// What was typed into is left, as it would be by a press of the mouse.
		const focused = globalThis.document.activeElement;
		if (focused instanceof HTMLElement && focused.matches('input, textarea')) focused.blur();
		onTouch();
	};
	return createElement('button', {
		...rest,
		'aria-disabled': disabled,
		onClick: disabled ? undefined : onTouch,
		onTouchStart: disabled ? undefined : onTouchStart,
		onTouchEnd: disabled ? undefined : onTouchEnd,
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
		backgroundColor: 'transparent',
	},
	touch: { position: 'relative', cursor: 'pointer', borderRadius: CORNER, userSelect: 'none' },
});
