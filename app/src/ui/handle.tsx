import type { KeyboardEvent, PointerEvent, ReactNode } from 'react';
import { type StyleProp, StyleSheet, type ViewStyle } from 'react-native';
import createElement from 'react-native-web/dist/exports/createElement';

type Props = {
	/** What is moved. */
	readonly label: string;
	/** Where it is on its scale, and between what; and how that is said. */
	readonly at: number;
	readonly from: number;
	readonly to: number;
	readonly says: string;
	/** Told, while it is dragged, how far it has come since it was taken hold of, in pixels, down being more. */
	readonly onDrag: (pixels: number) => void;
	/** Told when it is taken hold of, before the first `onDrag`. */
	readonly onHold: () => void;
	/** Told to go so many steps up its scale; many for a page. */
	readonly onStep: (steps: number) => void;
	readonly style?: StyleProp<ViewStyle>;
	readonly children?: ReactNode;
	readonly testID: string;
};

/** How many steps a page is. */
const PAGE = 3;
/** All the way to an end. */
const END = 1000;

const KEYS: Readonly<Record<string, number>> = {
	ArrowUp: 1,
	ArrowRight: 1,
	ArrowDown: -1,
	ArrowLeft: -1,
	PageUp: PAGE,
	PageDown: -PAGE,
	Home: -END,
	End: END,
};

/**
 * Something that is moved up and down a scale: by a finger or a mouse that holds it, and by the arrow keys (WAI-ARIA,
 * the slider). A finger on it moves it and not the page.
 */
export function Handle({ label, at, from, to, says, onDrag, onHold, onStep, style, children, testID }: Props) {
	const move = (event: PointerEvent<HTMLElement>) => {
		const held = event.currentTarget.dataset.heldAt;
		if (held !== undefined) onDrag(event.clientY - Number(held));
	};
	const release = (event: PointerEvent<HTMLElement>) => {
		delete event.currentTarget.dataset.heldAt;
	};
	return createElement('div', {
		role: 'slider',
		tabIndex: 0,
		testID,
		'aria-label': label,
		'aria-orientation': 'vertical',
		'aria-valuenow': at,
		'aria-valuemin': from,
		'aria-valuemax': to,
		'aria-valuetext': says,
		onPointerDown: (event: PointerEvent<HTMLElement>) => {
			event.currentTarget.setPointerCapture?.(event.pointerId);
			event.currentTarget.dataset.heldAt = `${event.clientY}`;
			onHold();
		},
		onPointerMove: move,
		onPointerUp: release,
		onPointerCancel: release,
		onKeyDown: (event: KeyboardEvent) => {
			const steps = KEYS[event.key];
			if (steps === undefined) return;
			event.preventDefault();
			onStep(steps);
		},
		style: [styles.handle, style],
		children,
	});
}

const styles = StyleSheet.create({
	handle: {
		...({ touchAction: 'none', cursor: 'ns-resize', userSelect: 'none' } as object),
		position: 'absolute',
		display: 'flex',
		minHeight: 44,
		minWidth: 44,
		boxSizing: 'border-box',
	},
});
