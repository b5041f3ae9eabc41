import { useRouter } from 'expo-router';
import { __iconData as Record } from 'lucide-react-native/icons/chart-column';
import { __iconData as Settings } from 'lucide-react-native/icons/settings';
import { PlacePage } from '../places/place-page';
import { useAppSelector } from '../store/store';
import { Button } from '../ui/button';
import { Words } from '../ui/words';
import { isFirstDay } from '../work/half-done';
import { FirstDay, ToTry } from './first-day';
import { MySeats } from './my-seats';
import { ToGoOnWith } from './to-go-on-with';
import { ToPractise } from './to-practise';
import * as words from './words';

/** The ways from Today to what you look at now and then. */
function Ways() {
	const router = useRouter();
	return (
		<>
			<Button
				label={words.theRecord}
				say={words.yourProgress}
				kind="quiet"
				icon={Record}
				onPress={() => router.navigate('/record')}
				testID="to-record"
			/>
			<Button
				label={words.settings}
				kind="quiet"
				icon={Settings}
				onPress={() => router.navigate('/settings')}
				testID="to-settings"
			/>
		</>
	);
}

/** What is said while the work of a desk that was just joined is on its way here. */
function OnItsWay() {
	const isAway = useAppSelector(({ sync }) => sync.keeping === 'device');
	return (
		<Words role="status" aria-live="polite" testID="on-its-way">
			{isAway ? words.yourWorkIsOnTheServerWhich : words.loadingYourWork}
		</Words>
	);
}

/** The first page, which tells at a look where you are and what to do. */
export function TodayScreen() {
	const isComing = useAppSelector(({ sync }) => sync.coming);
	const first = useAppSelector(({ works }) => isFirstDay(works));
	const frame = { title: words.today, place: 'today', testID: 'today', ways: <Ways /> } as const;
	if (isComing)
		return (
			<PlacePage {...frame}>
				<OnItsWay />
			</PlacePage>
		);
	if (first)
		return (
			<PlacePage {...frame} says={words.convertQuantitiesAsYouDoOn} beside={<ToTry />}>
				<MySeats />
				<FirstDay />
			</PlacePage>
		);
	return (
		<PlacePage {...frame} beside={<ToPractise />}>
			<ToGoOnWith />
		</PlacePage>
	);
}
