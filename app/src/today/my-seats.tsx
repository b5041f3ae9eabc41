import type { HandedOut } from '@tidy-sum/schema/class';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { useAppSelector } from '../store/store';
import { Box } from '../ui/box';
import { dayText } from '../ui/dates';
import { LinkRow } from '../ui/link-row';
import { Part } from '../ui/part';
import { Sockets } from '../ui/sockets';
import { Words } from '../ui/words';
import { type MySeat, myClasses } from '../work/my-classes';
import { sheetProgress } from '../work/sheet-progress';
import { socketOf } from '../work/socket-of';
import { sheetOfHanded } from '../work/tries-to-send';
import * as words from './words';

/** A sheet of a class, with how far it is and when it is due. */
function SheetOfClass({ seat, set }: { readonly seat: MySeat; readonly set: HandedOut }) {
	const router = useRouter();
	const works = useAppSelector((state) => state.works);
	const waiting = useAppSelector(({ classes }) => classes.waiting[seat.id] ?? 0);
	const sheet = sheetOfHanded(set.id);
	const { states, right } = sheetProgress(works, sheet);
	const due = set.due && dayText(Date.parse(set.due));
	return (
		<LinkRow
			title={set.title}
			says={words.seatSays(seat.says, seat.title, right, set.count, due)}
			onOpen={() => router.navigate(`/sheet/${sheet}` as '/')}
			testID={`class-${sheet}`}
		>
			<Sockets states={states.map(socketOf)} says={words.rightOf(right, set.count)} />
			{waiting ? (
				<Words size="small" tone="soft">
					{words.waitForTheNetwork(waiting)}
				</Words>
			) : null}
		</LinkRow>
	);
}

/** The sheets of the classes this desk has a seat in; a class without any has a row of its own. */
export function MySeats() {
	const router = useRouter();
	const works = useAppSelector((state) => state.works);
	const views = useAppSelector(({ classes }) => classes.views);
	const { seats } = useMemo(() => myClasses(works), [works]);
	if (!seats.length) return null;
	return (
		<Part title={words.yourClass}>
			<Box role="list" testID="my-seats">
				{seats.map((seat) => {
					const handed = views[seat.id]?.handed ?? [];
					if (handed.length) return handed.map((set) => <SheetOfClass key={set.id} seat={seat} set={set} />);
					return (
						<LinkRow
							key={seat.id}
							title={seat.title}
							says={seat.says}
							onOpen={() => router.navigate(`/class/${seat.id}` as '/')}
							testID={`my-seat-${seat.id}`}
						/>
					);
				})}
			</Box>
		</Part>
	);
}
