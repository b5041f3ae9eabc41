import type { LucideIconData } from 'lucide-react-native';
import { __iconData as Shelf } from 'lucide-react-native/icons/library';
import { __iconData as Problems } from 'lucide-react-native/icons/list-checks';
import { __iconData as Rounds } from 'lucide-react-native/icons/repeat';
import { __iconData as Today } from 'lucide-react-native/icons/sunrise';
import * as words from './words';

export type PlaceName = 'today' | 'problems' | 'rounds' | 'shelf';

/** One of the four places one can go to from anywhere. */
export type PlaceRow = {
	readonly name: PlaceName;
	readonly label: string;
	readonly path: string;
	readonly icon: LucideIconData;
	/** How the addresses begin that belong to it, beside its own. */
	readonly holds: readonly string[];
};

/** The four places, in the order they stand in. */
export const PLACES: readonly PlaceRow[] = [
	{ name: 'today', label: words.today, path: '/', icon: Today, holds: ['/record', '/settings', '/desks', '/join'] },
	{
		name: 'problems',
		label: words.problems,
		path: '/problems',
		icon: Problems,
		holds: ['/desk/', '/bring', '/sheet/', '/working/', '/replay/', '/hand-in/'],
	},
	{
		name: 'rounds',
		label: words.rounds,
		path: '/rounds',
		icon: Rounds,
		holds: ['/round/', '/desk/round-', '/replay/round-', '/working/round-', '/hand-in/round-', '/marking'],
	},
	{ name: 'shelf', label: words.shelf, path: '/shelf', icon: Shelf, holds: ['/shelf/'] },
];

/** The place an address belongs to: the one that holds the most of it; null where it belongs to none. */
export function placeOf(pathname: string): PlaceName | null {
	const holding = PLACES.flatMap(({ name, path, holds }) => {
		const starts = holds.filter((start) => pathname.startsWith(start));
		return pathname === path ? [{ name, start: path }] : starts.map((start) => ({ name, start }));
	});
	return holding.sort((a, b) => b.start.length - a.start.length)[0]?.name ?? null;
}
