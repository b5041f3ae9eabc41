import { type DeskView, deskIn } from '../work/desk-view';
import { type Shelf, shelfIn } from '../work/my-shelf';
import { useAppSelector } from './store';

/** The Desk of the exercise with this name; null where there is none of that name. */
export function useDesk(name: string): DeskView | null {
	return useAppSelector((state) => deskIn(state, name));
}

/** One's own Shelf as it stands. */
export function useShelf(): Shelf {
	return useAppSelector((state) => shelfIn(state.works));
}
