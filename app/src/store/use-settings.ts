import { useCallback } from 'react';
import { keepSettings, type Settings } from '../device/settings';
import { set } from '../device/settings-slice';
import { useAppDispatch, useAppSelector } from './store';

/** What this device is set to, and how some of it is set anew: it is kept at once. */
export function useSettings(): readonly [Settings, (some: Partial<Settings>) => void] {
	const dispatch = useAppDispatch();
	const settings = useAppSelector((state) => state.settings);
	const change = useCallback(
		(some: Partial<Settings>) => {
			dispatch(set(some));
			keepSettings({ ...settings, ...some });
		},
		[dispatch, settings],
	);
	return [settings, change];
}
