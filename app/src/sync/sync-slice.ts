import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** Where the work is kept: only on this device so far, on its way, on the server too, or refused there. */
export type Keeping = 'device' | 'sending' | 'both' | 'refused';

export const syncSlice = createSlice({
	name: 'sync',
	initialState: { keeping: 'both' as Keeping },
	reducers: {
		kept: (_, { payload }: PayloadAction<Keeping>) => ({ keeping: payload }),
	},
});

export const { kept } = syncSlice.actions;
