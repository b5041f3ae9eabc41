import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { useAppSelector } from '../store/store';
import { Box } from '../ui/box';
import { dayText } from '../ui/dates';
import { LinkRow } from '../ui/link-row';
import { Part } from '../ui/part';
import { Words } from '../ui/words';
import { type MySeat, myClasses } from '../work/my-classes';
import { sheetProgress } from '../work/sheet-progress';
import { sheetOfHanded } from '../work/tries-to-send';
import * as words from './words';

function Seat({ seat: { id, title, says } }: { readonly seat: MySeat }) {
	const router = useRouter();
	const works = useAppSelector((state) => state.works);
	const handed = useAppSelector(({ classes }) => classes.views[id]?.handed);
	const waiting = useAppSelector(({ classes }) => classes.waiting[id] ?? 0);
	const sheets = (handed ?? []).map((set) =>
		words.sheetOfClass(
			set.title,
			sheetProgress(works, sheetOfHanded(set.id)).right,
			set.count,
			set.due && dayText(Date.parse(set.due)),
		),
	);
	return (
		<LinkRow
			title={title}
			says={handed ? words.seatSays(says, sheets) : says}
			onOpen={() => router.navigate(`/class/${id}` as '/')}
			testID={`my-seat-${id}`}
		>
			{waiting ? (
				<Words size="small" tone="soft">
					{words.waitForTheNetwork(waiting)}
				</Words>
			) : null}
		</LinkRow>
	);
}

/** The classes this desk has a seat in, each with its sheets. */
export function MySeats() {
	const works = useAppSelector((state) => state.works);
	const { seats } = useMemo(() => myClasses(works), [works]);
	if (!seats.length) return null;
	return (
		<Part title={words.yourClass}>
			<Box role="list" testID="my-seats">
				{seats.map((seat) => (
					<Seat key={seat.id} seat={seat} />
				))}
			</Box>
		</Part>
	);
}
