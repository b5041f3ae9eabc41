import { useCallback } from 'react';
import { keepSettings, type Settings } from '../device/settings';
import { set } from '../device/settings-slice';
import { useAppDispatch, useAppSelector, useAppStore } from './store';

/** What this device is set to, and how some of it is set anew: it is kept at once. */
export function useSettings(): readonly [Settings, (some: Partial<Settings>) => void] {
	const dispatch = useAppDispatch();
	const store = useAppStore();
	const settings = useAppSelector((state) => state.settings);
	const change = useCallback(
		(some: Partial<Settings>) => {
			dispatch(set(some));
			// As they stand now: two changes of one moment are both kept.
			keepSettings(store.getState().settings);
		},
		[dispatch, store],
	);
	return [settings, change];
}
