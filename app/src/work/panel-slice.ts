import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/**
 * What each panel of the Desk is opened with, by its kind. A panel that is opened with something adds its line where it
 * stands (`desk/panels/`).
 */
export interface Panels {
	/** `shut` when the panel that opened by itself was closed by hand. */
	readonly none: { readonly shut?: boolean };
}

/** The kind of a panel. */
export type PanelKind = keyof Panels;

/** What the lower part of the Desk shows: a panel, and what it is opened with. */
export type PanelOf<K extends PanelKind> = { readonly kind: K } & Panels[K];
export type Panel = { readonly [K in PanelKind]: PanelOf<K> }[PanelKind];

type DeskState = { readonly panel: Panel };

const NONE: Panel = { kind: 'none' };
const SHUT: Panel = { kind: 'none', shut: true };

/** What is open on the Desk; not kept, since the work is. */
export const deskSlice = createSlice({
	name: 'desk',
	initialState: { panel: NONE } as DeskState,
	reducers: {
		showed: (_, { payload }: PayloadAction<Panel>): DeskState => ({ panel: payload }),
		/** Closed by hand: nothing opens by itself until the next step. */
		closed: (): DeskState => ({ panel: SHUT }),
		/** Nothing is chosen: what comes next opens by itself. */
		freed: (): DeskState => ({ panel: NONE }),
	},
});

export const { showed, closed, freed } = deskSlice.actions;
