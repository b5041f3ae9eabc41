import { type RefObject, useCallback, useRef } from 'react';
import type { NativeScrollEvent, NativeSyntheticEvent, ScrollView } from 'react-native';

/** How far each page was scrolled, by its address, since the app was opened. */
const kept = new Map<string, number>();

function address(): string {
	return globalThis.location?.pathname ?? '';
}

type KeptScroll = {
	readonly ref: RefObject<ScrollView | null>;
	readonly onScroll: (event: NativeSyntheticEvent<NativeScrollEvent>) => void;
	readonly onContentSizeChange: (width: number, height: number) => void;
	readonly scrollEventThrottle: number;
};

/**
 * Keeps the place a page is scrolled to: who comes back to an address stands where they were. What the page holds may
 * come piece by piece, so the place is gone to as soon as the page is long enough for it.
 */
export function useKeptScroll(): KeptScroll {
	const ref = useRef<ScrollView>(null);
	const at = useRef(address());
	const wanted = useRef(kept.get(at.current) ?? 0);
	const onScroll = useCallback(({ nativeEvent }: NativeSyntheticEvent<NativeScrollEvent>) => {
		const { y } = nativeEvent.contentOffset;
		if (wanted.current > 0 && y < wanted.current) return;
		wanted.current = 0;
		kept.set(at.current, y);
	}, []);
	const onContentSizeChange = useCallback((_: number, height: number) => {
		if (wanted.current > 0 && height > wanted.current) ref.current?.scrollTo({ y: wanted.current, animated: false });
	}, []);
	return { ref, onScroll, onContentSizeChange, scrollEventThrottle: 100 };
}
