import { useEffect } from 'react';
import { useWindowDimensions } from 'react-native';
import { useAppDispatch, useAppSelector } from '../store/store';
import { WithExercise } from '../store/with-exercise';
import { SHORT_UNDER, WIDE_FROM } from '../theme/tokens';
import type { DeskView } from '../work/desk-view';
import { closed } from '../work/panel-slice';
import { opened } from '../work/works-slice';
import { DeskPage } from './desk-page';
import { PANELS } from './panels';
import { useLaterPanels } from './shown-panel';
import { useActs } from './use-acts';
import { useDeskKeys } from './use-desk-keys';
import { useInView } from './use-in-view';
import { panelFor } from './what-next';

/** How the screen is cut up: beside each other, one under another, or with little height all on one page. */
function useRoom(): { readonly wide: boolean; readonly short: boolean } {
	const { width, height } = useWindowDimensions();
	const wide = width >= WIDE_FROM;
	return { wide, short: !wide && height < SHORT_UNDER };
}

/** One exercise on the Desk. */
function Desk({ view }: { readonly view: DeskView }) {
	const { name } = view.exercise;
	const dispatch = useAppDispatch();
	const room = useRoom();
	const acts = useActs(name);
	const chosen = useAppSelector((state) => state.desk.panel);
	const panel = panelFor(chosen, view, room.wide);
	const isOpen = panel.kind !== 'none';
	const keepsNumbers = isOpen && PANELS[panel.kind].keeps === 'numbers';
	const inView = useInView(
		keepsNumbers || (room.short && isOpen) ? 'end' : 'line',
		`${panel.kind}${view.blocks.length}`,
	);
	useEffect(() => {
		dispatch(opened(name));
		dispatch(closed());
	}, [dispatch, name]);
	useDeskKeys(view, panel, acts);
	useLaterPanels();
	return <DeskPage view={view} acts={acts} room={room} panel={panel} chosen={chosen.kind !== 'none'} inView={inView} />;
}

/** The Desk: one exercise, worked from the problem to the checked answer; or why there is none of that name. */
export function DeskScreen({ name }: { readonly name: string }) {
	return <WithExercise name={name}>{(view) => <Desk view={view} />}</WithExercise>;
}
