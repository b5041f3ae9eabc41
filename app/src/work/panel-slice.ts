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

/** What was keyed into the calculator, and on the Desk of which exercise. */
export type Keyed = { readonly exercise: string; readonly text: string };

type DeskState = { readonly panel: Panel; readonly keyed: Keyed };

const NONE: Panel = { kind: 'none' };
const SHUT: Panel = { kind: 'none', shut: true };

/** What is open on the Desk, and keyed beside it; not kept, since the work is. */
export const deskSlice = createSlice({
	name: 'desk',
	initialState: { panel: NONE, keyed: { exercise: '', text: '' } } as DeskState,
	reducers: {
		showed: (state, { payload }: PayloadAction<Panel>): DeskState => ({ ...state, panel: payload }),
		/** Closed by hand: nothing opens by itself until the next step. */
		closed: (state): DeskState => ({ ...state, panel: SHUT }),
		/** Nothing is chosen: what comes next opens by itself. */
		freed: (state): DeskState => ({ ...state, panel: NONE }),
		keyed: (state, { payload }: PayloadAction<Keyed>): DeskState => ({ ...state, keyed: payload }),
	},
});

export const { showed, closed, freed, keyed } = deskSlice.actions;
