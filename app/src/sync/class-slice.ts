import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { SeatView } from '@tidy-sum/schema/class';

/**
 * What is known of the classes this desk has a seat in: what was handed out, how many answers wait to be sent, and whether the
 * seat opens no more. All of it is asked for again when the page is opened.
 */
export type ClassState = {
	readonly views: Readonly<Record<string, SeatView>>;
	readonly waiting: Readonly<Record<string, number>>;
	readonly shut: Readonly<Record<string, true>>;
};

const EMPTY: ClassState = { views: {}, waiting: {}, shut: {} };

export const classSlice = createSlice({
	name: 'classes',
	initialState: EMPTY,
	reducers: {
		seatViewCame: (
			state,
			{ payload: { id, view } }: PayloadAction<{ readonly id: string; readonly view: SeatView }>,
		) => ({
			...state,
			views: { ...state.views, [id]: view },
		}),
		waitingIs: (state, { payload: { id, count } }: PayloadAction<{ readonly id: string; readonly count: number }>) =>
			state.waiting[id] === count ? state : { ...state, waiting: { ...state.waiting, [id]: count } },
		seatIsShut: (state, { payload }: PayloadAction<string>) => ({
			...state,
			shut: { ...state.shut, [payload]: true as const },
		}),
	},
});

export const { seatViewCame, waitingIs, seatIsShut } = classSlice.actions;
