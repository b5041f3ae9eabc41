import { useWindowDimensions } from 'react-native';
import { useHydrated } from '../device/use-hydrated';
import {
	LOW_UNDER,
	NARROW_UNDER,
	ON_ITS_SIDE_FROM,
	SHORT_UNDER,
	TALL_FROM,
	TIGHT_UNDER,
	WIDE_FROM,
} from '../theme/tokens';

export type Room = {
	readonly width: number;
	readonly height: number;
	/** Whether there is room for two columns. */
	readonly wide: boolean;
	/** Whether the keypad has to be low, and the line shown in one row while the answer is typed. */
	readonly low: boolean;
	readonly tight: boolean;
	/** Whether line and answer both have room above each other. */
	readonly tall: boolean;
	readonly narrow: boolean;
	/** Whether there is so little height (a phone on its side, 200 % text) that nothing is pinned. */
	readonly short: boolean;
};

/** How much larger everything is drawn than at first: the size of text that is set. */
function enlarged(): number {
	return Number(globalThis.document?.documentElement.style.getPropertyValue('--size')) || 1;
}

/** The room assumed for a page drawn ahead: a phone's. */
const PHONE = { width: 390, height: 844 };

/** The room there is on the screen, in the pixels things are laid out in. */
export function useRoom(): Room {
	const here = useWindowDimensions();
	const screen = useHydrated() ? here : PHONE;
	const by = enlarged();
	const [width, height] = [screen.width / by, screen.height / by];
	const wide = width >= WIDE_FROM;
	return {
		width,
		height,
		wide,
		low: height < LOW_UNDER,
		tight: height < TIGHT_UNDER,
		tall: height >= TALL_FROM,
		narrow: width < NARROW_UNDER,
		short: !wide && height < SHORT_UNDER,
	};
}

/** The room of the Desk: a phone on its side has the panel beside the line, as a wide screen does. */
export function useDeskRoom(): Room {
	const room = useRoom();
	return room.short && room.width >= ON_ITS_SIDE_FROM ? { ...room, wide: true, short: false } : room;
}
