import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** Where the work is kept: only on this device so far, on its way, on the server too, or refused there. */
export type Keeping = 'device' | 'sending' | 'both' | 'refused';

export const syncSlice = createSlice({
	name: 'sync',
	initialState: { keeping: 'both' as Keeping, lasting: true },
	reducers: {
		kept: (state, { payload }: PayloadAction<Keeping>) => ({ ...state, keeping: payload }),
		/** This browser gives no store: what is done lasts on the device only while the page is open. */
		fleeting: (state) => ({ ...state, lasting: false }),
	},
});

export const { kept, fleeting } = syncSlice.actions;
