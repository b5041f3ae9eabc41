import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Settings } from './settings';
import { readSettings } from './settings';

/** What this device is set to. */
export const settingsSlice = createSlice({
	name: 'settings',
	initialState: readSettings,
	reducers: {
		/** Some of it is set anew; the rest stays. */
		set: (state, { payload }: PayloadAction<Partial<Settings>>): Settings => ({ ...state, ...payload }),
	},
});

export const { set } = settingsSlice.actions;
