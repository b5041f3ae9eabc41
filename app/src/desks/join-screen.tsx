import { useRouter } from 'expo-router';
import { __iconData as Back } from 'lucide-react-native/icons/arrow-left';
import { useEffect, useState } from 'react';
import { joinByCode, joinBySheet, openDeskHere } from '../store/desk-acts';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import { Notice } from '../ui/notice';
import { Page } from '../ui/page';
import { Words } from '../ui/words';
import { readJoining } from './read-joining';

/** What came behind the # of the address; it is taken out of it, so that it stays in no history. */
function takeFromAddress(): string {
	const { hash = '', pathname = '' } = globalThis.location ?? {};
	if (hash.length < 2) return '';
	globalThis.history?.replaceState(globalThis.history.state, '', pathname);
	return hash.slice(1);
}

/** Lets this device join a desk: with the code another device shows, or with a recovery sheet. */
export function JoinScreen() {
	const styles = useStyles();
	const router = useRouter();
	const [text, setText] = useState('');
	const [why, setWhy] = useState('');
	const [isJoined, setJoined] = useState(false);
	useEffect(() => {
		const came = takeFromAddress();
		if (came) setText(came);
	}, []);
	const join = async () => {
		const typed = readJoining(text);
		if (typed.is === 'none') return setWhy(typed.why);
		setWhy('One moment…');
		const now = Date.now();
		const came = await (typed.is === 'code' ? joinByCode(typed.code, now) : joinBySheet(typed.desk, typed.key, now));
		if (!came.done) return setWhy(came.why);
		setJoined(true);
		await openDeskHere(came.desk);
	};
	return (
		<Page
			title="Join a desk"
			testID="join"
			tools={
				<Button
					label="Out"
					say="to desks and devices"
					icon={Back}
					onPress={() => router.navigate('/desks' as '/')}
					testID="to-desks"
				/>
			}
		>
			{isJoined ? (
				<Words strong role="status" aria-live="polite" testID="join-done">
					This device has joined the desk. It opens now.
				</Words>
			) : (
				<Box style={styles.part}>
					<Words>
						On a device that has the desk, open Settings, then “Desks and devices”, and let another device in. Type the
						code it shows here, or the line of a recovery sheet. The desk then opens. What is on this device now stays
						in its list of desks.
					</Words>
					<Field
						label="Code, or the line of a recovery sheet"
						named
						value={text}
						onChange={setText}
						onSubmit={() => void join()}
						testID="join-code"
					/>
					<Notice testID="join-says">{why}</Notice>
					<Box style={styles.row}>
						<Button label="Join" kind="strong" onPress={() => void join()} testID="join-go" />
					</Box>
				</Box>
			)}
		</Page>
	);
}

const useStyles = makeStyles(() => ({
	part: { gap: GAP.m },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
}));
