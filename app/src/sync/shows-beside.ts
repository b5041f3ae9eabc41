import type { Store } from '@reduxjs/toolkit';
import { erased, foundBeside, goneThere, type WorkEntry, type WorksState } from '../work/works-reducer';
import type { Found } from './among-rows';
import type { DeviceStore } from './device-store';
import type { Hears } from './windows';

type Parts = {
	readonly store: Pick<Store<{ readonly works: WorksState }>, 'getState' | 'dispatch'>;
	readonly device: DeviceStore;
	readonly desk: string;
};

/** Pieces just as they were read from the device. They are not written back: one of them may have been erased since. */
const asRead = new WeakSet<WorkEntry>();

/** Whether a piece is just as it was read from the device after another window wrote it. */
export function isAsRead(entry: WorkEntry): boolean {
	return asRead.has(entry);
}

/** Takes a piece that another window has changed into the state of this one. */
export function takeFound(store: Parts['store'], { theirs, fresh }: Found): void {
	asRead.add(theirs);
	store.dispatch(foundBeside(theirs, fresh));
}

/** Shows in this window what another one of the same desk wrote, and lets go what the other erased. */
export function showsBeside({ store, device, desk }: Parts): Hears['onWrote'] {
	return ({ ids, gone, erased: byHand }) => {
		// It is asked for no more, even before the server knows that it was erased.
		if (byHand.length) store.dispatch(erased(byHand));
		const known = gone.filter((id) => store.getState().works.byId[id]);
		if (known.length) store.dispatch(goneThere(known));
		void device.piecesBeside(desk, ids).then(
			(pieces) => {
				for (const theirs of pieces) takeFound(store, { theirs });
			},
			() => {},
		);
	};
}
