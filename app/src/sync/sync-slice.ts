import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** Where the work is kept: only on this device so far, on its way, on the server too, or refused there. */
export type Keeping = 'device' | 'sending' | 'both' | 'refused';

export const syncSlice = createSlice({
	name: 'sync',
	initialState: { keeping: 'both' as Keeping, lasting: true, aside: 0 },
	reducers: {
		kept: (state, { payload }: PayloadAction<Keeping>) => ({ ...state, keeping: payload }),
		/** This browser gives no store: what is done lasts on the device only while the page is open. */
		fleeting: (state) => ({ ...state, lasting: false }),
		/** Pieces of work that cannot be read: they are set aside where they are, and hide none of the others. */
		setAside: (state, { payload }: PayloadAction<number>) => ({ ...state, aside: state.aside + payload }),
	},
});

export const { kept, fleeting, setAside } = syncSlice.actions;
