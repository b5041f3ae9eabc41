import { type RefObject, useCallback, useEffect, useRef } from 'react';
import type { LayoutChangeEvent, ScrollView } from 'react-native';

export type InView = {
	readonly scroll: RefObject<ScrollView | null>;
	readonly onEnd: (bottom: number) => void;
	/** Told how tall the pictures under the line are. */
	readonly onPictures: (height: number) => void;
	readonly onRoom: (event: LayoutChangeEvent) => void;
};

/** How much of the room the pictures under the line may take from it. */
const PICTURES_SHARE = 0.6;

/**
 * Keeps in view what is being worked on as the room for it changes: the end of the line, or the end of the
 * page, where the numbers are.
 * @param target which of the two.
 * @param when a text that changes when it is time to look again.
 */
export function useInView(target: 'line' | 'end', when: string): InView {
	const scroll = useRef<ScrollView>(null);
	const bottom = useRef(0);
	const below = useRef(0);
	const room = useRef(0);
	const frame = useRef(0);
	const shown = useRef<'line' | 'end' | null>(null);
	const show = useCallback(() => {
		cancelAnimationFrame(frame.current);
		frame.current = requestAnimationFrame(() => {
			if (target === 'end') scroll.current?.scrollToEnd({ animated: false });
			else {
				const end = bottom.current + Math.min(below.current, room.current * PICTURES_SHARE);
				scroll.current?.scrollTo({ y: Math.max(0, end - room.current), animated: false });
			}
		});
	}, [target]);
	const last = useRef('');
	useEffect(() => {
		if (last.current === when && target === shown.current) return;
		last.current = when;
		shown.current = target;
		show();
	}, [show, when, target]);
	const onEnd = useCallback(
		(end: number) => {
			bottom.current = end;
			show();
		},
		[show],
	);
	const onPictures = useCallback(
		(height: number) => {
			below.current = height;
			show();
		},
		[show],
	);
	const onRoom = useCallback(
		({ nativeEvent: { layout } }: LayoutChangeEvent) => {
			room.current = layout.height;
			show();
		},
		[show],
	);
	return { scroll, onEnd, onPictures, onRoom };
}
