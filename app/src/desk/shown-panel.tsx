import { useContext, useEffect } from 'react';
import { Button } from '../ui/button';
import { Guarded } from '../ui/guarded';
import { Words } from '../ui/words';
import type { DeskView } from '../work/desk-view';
import type { PanelKind, PanelOf } from '../work/panel-slice';
import { GuideContext } from './guide';
import { laterPanels } from './later-panels';
import { FramingContext, PanelFrame } from './panel-frame';
import { rowOf } from './panels';
import type { Acts } from './use-acts';
import * as words from './words';

/** Fetches the scripts of the panels that are needed later, once the Desk stands: so they are there without a network. */
export function useLaterPanels(): void {
	useEffect(() => {
		laterPanels().catch(() => {});
	}, []);
}

/** In place of a panel that cannot be drawn. */
function BrokenPanel({ onAgain }: { readonly onAgain: () => void }) {
	return (
		<PanelFrame>
			<Words role="status">{words.thisPartCouldNotBeShown}</Words>
			<Button label={words.tryAgain} onPress={onAgain} />
		</PanelFrame>
	);
}

type Props<K extends PanelKind> = {
	readonly view: DeskView;
	readonly panel: PanelOf<K>;
	/** Whether it was chosen, and not only what must be done first. */
	readonly chosen: boolean;
	readonly wide: boolean;
	readonly acts: Acts;
};

/** The panel in the lower part of the Desk, or beside the line on a wide screen, as its row says. */
export function ShownPanel<K extends Exclude<PanelKind, 'none'>>({ view, panel, chosen, wide, acts }: Props<K>) {
	const { title, testID = panel.kind, mayClose, anewWith, Content } = rowOf<K>(panel);
	const onClose = mayClose({ view, wide, chosen }) ? acts.close : null;
	const isGuided = useContext(GuideContext) !== null;
	const hidesHint = !wide && !isGuided && (panel.kind === 'facts' || panel.kind === 'answer');
	return (
		<FramingContext value={{ title, testID, onClose, onHint: hidesHint ? acts.onNudge : null }}>
			<Guarded of={panel.kind} fallback={(again) => <BrokenPanel onAgain={again} />}>
				<Content
					key={`${panel.kind} ${anewWith?.(panel, view) ?? ''}`}
					view={view}
					panel={panel}
					acts={acts}
					wide={wide}
				/>
			</Guarded>
		</FramingContext>
	);
}
