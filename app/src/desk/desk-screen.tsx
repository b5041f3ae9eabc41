import { useEffect } from 'react';
import { useAppDispatch, useAppSelector } from '../store/store';
import { useFollowing } from '../store/use-following';
import { useSettings } from '../store/use-settings';
import { WithExercise } from '../store/with-exercise';
import { useBackCloses } from '../ui/use-back-closes';
import { useDeskRoom } from '../ui/use-room';
import { useTitle } from '../ui/use-title';
import type { DeskView } from '../work/desk-view';
import { freed, showed } from '../work/panel-slice';
import { opened } from '../work/works-reducer';
import { DeskPage } from './desk-page';
import { GuideContext, useGuide } from './guide';
import { PANELS } from './panels';
import { useLaterPanels } from './shown-panel';
import { useActs } from './use-acts';
import { useDeskKeys } from './use-desk-keys';
import { useInView } from './use-in-view';
import { opensAt, panelFor } from './what-next';

/** One exercise on the Desk. */
function Desk({ view, block }: { readonly view: DeskView; readonly block: string | null }) {
	const { name } = view.exercise;
	const dispatch = useAppDispatch();
	const room = useDeskRoom();
	const acts = useActs(name);
	const chosen = useAppSelector((state) => state.desk.panel);
	const [settings] = useSettings();
	const panel = panelFor(chosen, view, room.wide, opensAt(name, settings));
	const isOpen = panel.kind !== 'none';
	const keepsNumbers = isOpen && PANELS[panel.kind].keeps === 'numbers';
	const inView = useInView(
		keepsNumbers || (room.short && isOpen) ? 'end' : 'line',
		`${panel.kind}${view.blocks.length}`,
	);
	const isBeside = room.wide && panel.kind === 'facts';
	const guide = useGuide(view, isBeside ? chosen.kind : panel.kind, isBeside);
	useTitle(useFollowing(name).title ?? view.exercise.title);
	useEffect(() => {
		dispatch(opened(name));
		dispatch(block === null ? freed() : showed({ kind: 'block', id: block }));
	}, [dispatch, name, block]);
	// Beside the line a panel is no place of its own that one goes back from.
	useBackCloses(!room.wide && chosen.kind !== 'none', acts.close);
	useDeskKeys(view, panel, acts);
	useLaterPanels();
	return (
		<GuideContext value={guide}>
			<DeskPage view={view} acts={acts} room={room} panel={panel} chosen={chosen.kind !== 'none'} inView={inView} />
		</GuideContext>
	);
}

/**
 * The Desk: one exercise, worked from the problem to the checked answer; or why there is none of that name.
 * @param block the block that is open at first; left out where none is.
 */
export function DeskScreen({ name, block = null }: { readonly name: string; readonly block?: string | null }) {
	return <WithExercise name={name}>{(view) => <Desk view={view} block={block} />}</WithExercise>;
}
