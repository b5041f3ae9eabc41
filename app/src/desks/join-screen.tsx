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
import * as words from './words';

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
		setWhy(words.oneMoment);
		const now = Date.now();
		const came = await (typed.is === 'code' ? joinByCode(typed.code, now) : joinBySheet(typed.desk, typed.key, now));
		if (!came.done) return setWhy(came.why);
		setJoined(true);
		await openDeskHere(came.desk);
	};
	return (
		<Page
			title={words.joinADesk}
			testID="join"
			tools={
				<Button
					label={words.back}
					say={words.toDesksAndDevices}
					icon={Back}
					onPress={() => router.navigate('/desks' as '/')}
					testID="to-desks"
				/>
			}
		>
			{isJoined ? (
				<Words strong role="status" aria-live="polite" testID="join-done">
					{words.thisDeviceHasJoinedTheDesk}
				</Words>
			) : (
				<Box style={styles.part}>
					<Words>{words.onTheOtherDeviceOpen}</Words>
					<Field
						label={words.codeOrTheLineOfARecovery}
						named
						value={text}
						onChange={setText}
						onSubmit={() => void join()}
						testID="join-code"
					/>
					<Notice testID="join-says">{why}</Notice>
					<Box style={styles.row}>
						<Button label={words.join} kind="strong" onPress={() => void join()} testID="join-go" />
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
