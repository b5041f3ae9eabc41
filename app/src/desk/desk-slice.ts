import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** What the lower part of the Desk shows. */
export type Panel =
	| { readonly kind: 'none' }
	| { readonly kind: 'facts'; readonly unit: string }
	| { readonly kind: 'block'; readonly id: string }
	| { readonly kind: 'answer' }
	| { readonly kind: 'verdict' }
	| { readonly kind: 'nudge' }
	| { readonly kind: 'keys' }
	| { readonly kind: 'book' };

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
