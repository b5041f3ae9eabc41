import { configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector, useStore } from 'react-redux';
import { settingsSlice } from '../device/settings-slice';
import { classSlice } from '../sync/class-slice';
import { syncSlice } from '../sync/sync-slice';
import { deskSlice } from '../work/panel-slice';
import { worksReducer } from '../work/works-reducer';

/** The store of the app; tests make their own. */
export function makeStore() {
	return configureStore({
		reducer: {
			works: worksReducer,
			desk: deskSlice.reducer,
			sync: syncSlice.reducer,
			classes: classSlice.reducer,
			settings: settingsSlice.reducer,
		},
		devTools: false,
	});
}

export type AppStore = ReturnType<typeof makeStore>;
export type AppState = ReturnType<AppStore['getState']>;

export const useAppDispatch = useDispatch.withTypes<AppStore['dispatch']>();
export const useAppSelector = useSelector.withTypes<AppState>();
export const useAppStore = useStore.withTypes<AppStore>();
