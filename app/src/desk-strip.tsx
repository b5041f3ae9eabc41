import { useRouter } from 'expo-router';
import { useState } from 'react';
import { beginDesk, goOnApart, openDemo, openOther } from './store/desk-acts';
import { useAppDispatch, useAppSelector, useAppStore } from './store/store';
import { linkAsks } from './sync/sync-slice';
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

/** What is to be said of the desk over every page: a link that leads to another, or a desk that does not open. */
export function DeskStrip() {
	return (
		<>
			<AsksLink />
			<SaysAccess />
		</>
	);
}
