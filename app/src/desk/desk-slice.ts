import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** What the lower part of the Desk shows. */
export type Panel =
	| { readonly kind: 'none' }
	/** The facts that hold a unit; with none touched, to search among them. */
	| { readonly kind: 'facts'; readonly unit: string }
	| { readonly kind: 'block'; readonly id: string; readonly writing?: boolean }
	| { readonly kind: 'start' }
	/** The places of the problem's quantities; from the one at this place in the text. */
	| { readonly kind: 'places'; readonly from?: number }
	/** A problem of one's own; `half` begins a fact with what was touched in the text. */
	| { readonly kind: 'own'; readonly half?: string }
	| { readonly kind: 'answer' }
	| { readonly kind: 'verdict' }
	| { readonly kind: 'nudge' }
	| { readonly kind: 'keys' }
	| { readonly kind: 'book' }
	| { readonly kind: 'more' }
	| { readonly kind: 'calculator' }
	| { readonly kind: 'beside' }
	| { readonly kind: 'take' };

type DeskState = { readonly panel: Panel };

const NONE: Panel = { kind: 'none' };

/** What is open on the Desk; not kept, since the work is. */
export const deskSlice = createSlice({
	name: 'desk',
	initialState: { panel: NONE } as DeskState,
	reducers: {
		showed: (_, { payload }: PayloadAction<Panel>): DeskState => ({ panel: payload }),
		closed: (): DeskState => ({ panel: NONE }),
	},
});

export const { showed, closed } = deskSlice.actions;
