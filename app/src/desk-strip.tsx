import { useRouter } from 'expo-router';
import { useState } from 'react';
import { beginDesk, goOnApart, openDemo, openOther } from './store/desk-acts';
import { useAppDispatch, useAppSelector, useAppStore } from './store/store';
import { takeMyWork } from './store/take-my-work';
import { type Keeping, linkAsks } from './sync/sync-slice';
import { Button } from './ui/button';
import { Strip } from './ui/strip';
import * as words from './words';

/** Asks once about a link that leads to another desk: the one that is open stays in the list, whatever is chosen. */
function AsksLink() {
	const dispatch = useAppDispatch();
	const router = useRouter();
	const link = useAppSelector(({ sync }) => sync.link);
	const [why, setWhy] = useState('');
	if (!link) return null;
	const isDemo = link.is === 'demo';
	const open = async () => {
		setWhy(words.oneMoment);
		const came = await (isDemo ? openDemo : openOther)(link.desk, Date.now());
		if (!came.done) setWhy(came.why);
	};
	return (
		<Strip
			title={isDemo ? words.thisLinkOpensADeskWithMade : words.thisLinkOpensAnotherDesk}
			says={why || (isDemo ? words.youGetYourOwnCopyToTry : words.yourOwnDeskStaysAsItIsFind)}
			testID="link-asks"
		>
			<Button label={isDemo ? words.openTheCopy : words.openIt} onPress={() => void open()} testID="link-open" />
			{why && !isDemo ? (
				<Button
					label={words.enterACode}
					onPress={() => {
						dispatch(linkAsks(null));
						router.navigate('/join' as '/');
					}}
					testID="link-join"
				/>
			) : null}
			<Button label={words.stayHere} onPress={() => dispatch(linkAsks(null))} testID="link-stay" />
		</Strip>
	);
}

/** Says that the desk does not open to this device any more, or was erased, and where to go on. */
function SaysAccess() {
	const store = useAppStore();
	const router = useRouter();
	const access = useAppSelector(({ sync }) => sync.access);
	if (access === 'open') return null;
	if (access === 'left')
		return (
			<Strip title={words.thisDeskWasRemovedFromThis} says={words.whatYouDoHereNowIsNotSaved} testID="desk-left">
				<Button label={words.openWhatIsHere} onPress={() => globalThis.location.assign('/')} testID="left-open" />
			</Strip>
		);
	if (access === 'erased')
		return (
			<Strip title={words.thisDeskWasErasedOnAnother} says={words.itsWorkIsNoLongerOnThis} testID="desk-erased">
				<Button label={words.startANewDesk} onPress={() => void beginDesk(Date.now())} testID="begin-anew" />
			</Strip>
		);
	return (
		<Strip title={words.theServerNoLongerLetsThis} says={words.anotherDeviceRemovedItOr} testID="desk-shut">
			<Button label={words.joinWithACode} onPress={() => router.navigate('/join' as '/')} testID="shut-join" />
			<Button
				label={words.makeItASeparateDesk}
				say={words.withAllTheWorkThatIsHere}
				onPress={() => void goOnApart(store.getState().works, store.getState().sync.desk, Date.now())}
				testID="shut-apart"
			/>
		</Strip>
	);
}

/** Offers all work as a file, and says what came of it. */
function TakeWork({ onSaid }: { readonly onSaid: (says: string) => void }) {
	const store = useAppStore();
	const take = () =>
		takeMyWork(store).then(
			(name) => onSaid(words.savedAsYouCanLoadItAgainIn(name)),
			() => onSaid(words.theFileCouldNotBeMade),
		);
	return <Button label={words.allMyWorkAsAFile} onPress={() => void take()} testID="strip-take" />;
}

/** Where a change is that the device refused. */
const REFUSED: Readonly<Record<Keeping, string>> = {
	both: words.itIsOnTheServerThisDevice,
	sending: words.itIsOnItsWayToTheServer,
	device: words.theServerCannotBeReached,
	refused: words.theServerDidNotTakeIt,
};

/** Says that the device refuses to keep the last change, for as long as it does. */
function SaysRefused() {
	const [said, setSaid] = useState('');
	const sync = useAppSelector((state) => state.sync);
	if (sync.holds || !sync.lasting) return null;
	return (
		<Strip title={words.thisDeviceCouldNotSaveYour} says={said || REFUSED[sync.keeping]} testID="device-refuses">
			<TakeWork onSaid={setSaid} />
		</Strip>
	);
}

/** Says, once there is work, that a browser without a store of its own loses the desk with the page, and what keeps it. */
function SaysFleeting() {
	const router = useRouter();
	const [isRead, setRead] = useState(false);
	const [said, setSaid] = useState('');
	const isAsked = useAppSelector(({ sync, works }) => !sync.lasting && Object.keys(works.byId).length > 0);
	if (!isAsked || isRead) return null;
	return (
		<Strip title={words.thisBrowserDoesNotSave} says={said || words.thisDeskIsGoneWhenYouClose} testID="desk-fleeting">
			<Button label={words.recoverySheet} onPress={() => router.navigate('/desks' as '/')} testID="fleeting-sheet" />
			<TakeWork onSaid={setSaid} />
			<Button label={words.later} onPress={() => setRead(true)} testID="fleeting-later" />
		</Strip>
	);
}

/** What is to be said of the desk over every page: a link that leads to another, a desk that does not open or is not kept. */
export function DeskStrip() {
	return (
		<>
			<AsksLink />
			<SaysAccess />
			<SaysRefused />
			<SaysFleeting />
		</>
	);
}
