import type { ComponentType } from 'react';
import type { DeskView } from '../work/desk-view';
import type { Panel, PanelKind, PanelOf } from '../work/panel-slice';
import type { Acts } from './use-acts';

/** What the content of a panel is given. */
export type PanelProps<K extends PanelKind> = {
	readonly view: DeskView;
	/** What it was opened with. */
	readonly panel: PanelOf<K>;
	readonly acts: Acts;
	readonly wide: boolean;
};

/** Where a panel stands open: on which Desk, whether beside the line, and whether it was chosen or must come first. */
export type PanelAt = { readonly view: DeskView; readonly wide: boolean; readonly chosen: boolean };

/** A key that opens a panel. */
export type PanelKey = {
	readonly key: string;
	readonly shows: string;
	readonly says: string;
	/** What it opens; null where there is nothing to open now. */
	readonly opens: (view: DeskView) => Panel | null;
};

/** A panel of the Desk. */
export type PanelRow<K extends PanelKind> = {
	readonly title: string;
	/** Its name for tests, where that is not its kind. */
	readonly testID?: string;
	/** How much of a phone it takes. */
	readonly height: 'low' | 'tall';
	/** What of the page stays in view over it: the end of the line, or the end of the page, where the numbers are. */
	readonly keeps: 'line' | 'numbers';
	/** The tool under the thumb it belongs to. */
	readonly tool: 'facts' | 'answer' | 'line' | null;
	readonly mayOpen: (view: DeskView, panel: PanelOf<K>) => boolean;
	/** What stands open where it may not; left out, what must be done first. */
	readonly instead?: (view: DeskView) => Panel;
	readonly mayClose: (at: PanelAt) => boolean;
	/** What it begins anew with: another unit, another block. */
	readonly anewWith?: (panel: PanelOf<K>, view: DeskView) => string | number;
	readonly Content: ComponentType<PanelProps<K>>;
	readonly keys?: readonly PanelKey[];
};
