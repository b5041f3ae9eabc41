import { useRouter } from 'expo-router';
import { workNamed } from '../work/how-far';
import { GUIDED } from '../work/list-names';
import { begunAnew } from '../work/works-reducer';
import { useAppDispatch, useAppSelector } from './store';
import { useSettings } from './use-settings';

/** Begins the guide through your first line: on a fresh line, if the one before has something on it. */
export function useBeginGuided(): () => void {
	const dispatch = useAppDispatch();
	const router = useRouter();
	const [, change] = useSettings();
	const before = useAppSelector(({ works }) => workNamed(works, GUIDED));
	return () => {
		if (before && (before.blocks.length || before.answer !== '')) dispatch(begunAnew(GUIDED));
		change({ guide: 'on' });
		router.navigate(`/desk/${GUIDED}`);
	};
}
