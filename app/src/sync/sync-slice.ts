import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** Where the work is kept: only on this device so far, on its way, on the server too, or refused there. */
export type Keeping = 'device' | 'sending' | 'both' | 'refused';

/**
 * Whether this window may go on with its desk: yes; no, for the server does not open it to this device; the desk was erased; or
 * another window took it off this device.
 */
export type DeskAccess = 'open' | 'shut' | 'erased' | 'left';

/** What the link leads to that this page was opened with, where that is not the desk of this device: it is asked about once. */
export type LinkAsks = { readonly desk: string; readonly is: 'demo' | 'other' };

type SyncState = {
	/** The desk that is open; null before one is. */
	readonly desk: string | null;
	/** Whether the server has it: one that was only just begun is not there yet. */
	readonly onServer: boolean;
	readonly keeping: Keeping;
	readonly lasting: boolean;
	/** Whether the device has taken all that was to be kept on it; a full or broken store refuses. */
	readonly holds: boolean;
	readonly aside: number;
	readonly access: DeskAccess;
	/** Pieces of work that somebody looks at, and whose steps are not here yet. */
	readonly wanted: readonly string[];
	readonly link: LinkAsks | null;
	/** Whether the work of the desk is on the server and has not come here yet: it has just been joined. */
	readonly coming: boolean;
};

const START: SyncState = {
	desk: null,
	onServer: false,
	keeping: 'both',
	lasting: true,
	holds: true,
	aside: 0,
	access: 'open',
	wanted: [],
	link: null,
	coming: false,
};

export const syncSlice = createSlice({
	name: 'sync',
	initialState: START,
	reducers: {
		deskOpened: (state, { payload }: PayloadAction<{ readonly desk: string; readonly onServer: boolean }>) => ({
			...state,
			...payload,
		}),
		kept: (state, { payload }: PayloadAction<Keeping>) => ({ ...state, keeping: payload }),
		/** Whether the browser gives a store: else what is done lasts on the device only while the page is open. */
		lastingIs: (state, { payload }: PayloadAction<boolean>) => ({ ...state, lasting: payload }),
		/** The device has refused something that was to be kept on it, or has taken all of it since. */
		holdsAll: (state, { payload }: PayloadAction<boolean>) => ({ ...state, holds: payload }),
		/** Pieces of work that cannot be read: they are set aside where they are, and hide none of the others. */
		setAside: (state, { payload }: PayloadAction<number>) => ({ ...state, aside: state.aside + payload }),
		accessIs: (state, { payload }: PayloadAction<DeskAccess>) => ({ ...state, access: payload }),
		/** The steps of pieces of work are wanted, before those of others. */
		wanted: (state, { payload }: PayloadAction<string | readonly string[]>) => {
			const all = new Set([...state.wanted, ...(typeof payload === 'string' ? [payload] : payload)]);
			return all.size === state.wanted.length ? state : { ...state, wanted: [...all] };
		},
		comingIs: (state, { payload }: PayloadAction<boolean>) => ({ ...state, coming: payload }),
		linkAsks: (state, { payload }: PayloadAction<LinkAsks | null>) => ({ ...state, link: payload }),
	},
});

export const { deskOpened, kept, lastingIs, holdsAll, setAside, accessIs, wanted, comingIs, linkAsks } =
	syncSlice.actions;
