import { useRouter } from 'expo-router';
import { useState } from 'react';
import { beginDesk, goOnApart, openDemo, openOther } from './store/desk-acts';
import { useAppDispatch, useAppSelector, useAppStore } from './store/store';
import { takeMyWork } from './store/take-my-work';
import { type Keeping, linkAsks } from './sync/sync-slice';
import { Button } from './ui/button';
import { Strip } from './ui/strip';

/** Asks once about a link that leads to another desk: the one that is open stays in the list, whatever is chosen. */
function AsksLink() {
	const dispatch = useAppDispatch();
	const router = useRouter();
	const link = useAppSelector(({ sync }) => sync.link);
	const [why, setWhy] = useState('');
	if (!link) return null;
	const isDemo = link.is === 'demo';
	const open = async () => {
		setWhy('One moment…');
		const came = await (isDemo ? openDemo : openOther)(link.desk, Date.now());
		if (!came.done) setWhy(came.why);
	};
	return (
		<Strip
			title={isDemo ? 'This link leads to a desk of made-up work.' : 'This link leads to another desk.'}
			says={
				why ||
				(isDemo
					? 'You get a copy of your own to work on. Your desk stays as it is, in the list under Settings.'
					: 'Your own desk stays as it is, in the list under Settings.')
			}
			testID="link-asks"
		>
			<Button label={isDemo ? 'Open the copy' : 'Open it'} onPress={() => void open()} testID="link-open" />
			{why && !isDemo ? (
				<Button
					label="Enter a code"
					onPress={() => {
						dispatch(linkAsks(null));
						router.navigate('/join' as '/');
					}}
					testID="link-join"
				/>
			) : null}
			<Button label="Stay here" onPress={() => dispatch(linkAsks(null))} testID="link-stay" />
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
			<Strip
				title="This desk was taken off this device, in another window."
				says="Nothing you do here now is kept. A code or a recovery sheet opens the desk again."
				testID="desk-left"
			>
				<Button label="Open what is here" onPress={() => globalThis.location.assign('/')} testID="left-open" />
			</Strip>
		);
	if (access === 'erased')
		return (
			<Strip
				title="This desk was erased on another device."
				says="Nothing of it is here any more."
				testID="desk-erased"
			>
				<Button label="Begin a new desk" onPress={() => void beginDesk(Date.now())} testID="begin-anew" />
			</Strip>
		);
	return (
		<Strip
			title="The server does not open this desk to this device."
			says="Another device shut it out, or had the desk first. All your work is kept here."
			testID="desk-shut"
		>
			<Button label="Join with a code" onPress={() => router.navigate('/join' as '/')} testID="shut-join" />
			<Button
				label="Go on apart"
				say="with all work that is here, as a desk of its own"
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
			(name) => onSaid(`Saved as ${name}. Settings takes it in again, on any device.`),
			() => onSaid('The file could not be made here. Try once more; nothing was changed.'),
		);
	return <Button label="All my work as a file" onPress={() => void take()} testID="strip-take" />;
}

/** Where a change is that the device refused. */
const REFUSED: Readonly<Record<Keeping, string>> = {
	both: 'It is on the server. This device may be full.',
	sending: 'It is on its way to the server. This device may be full.',
	device: 'The server is away too, so the change lasts only while this page is open. This device may be full.',
	refused: 'The server did not take it either, so it lasts only while this page is open. This device may be full.',
};

/** Says that the device refuses to keep the last change, for as long as it does. */
function SaysRefused() {
	const [said, setSaid] = useState('');
	const sync = useAppSelector((state) => state.sync);
	if (sync.holds || !sync.lasting) return null;
	return (
		<Strip
			title="This device could not keep the last change."
			says={said || REFUSED[sync.keeping]}
			testID="device-refuses"
		>
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
		<Strip
			title="This browser keeps nothing by itself."
			says={said || 'This desk ends with the page. A recovery sheet opens it again, on any device.'}
			testID="desk-fleeting"
		>
			<Button label="Recovery sheet" onPress={() => router.navigate('/desks' as '/')} testID="fleeting-sheet" />
			<TakeWork onSaid={setSaid} />
			<Button label="Later" onPress={() => setRead(true)} testID="fleeting-later" />
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
