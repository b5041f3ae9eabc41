import type { NewLook, Shown } from '@tidy-sum/schema/desk';
import { useState } from 'react';
import { deskOpen, sayFailed } from '../store/desk-acts';
import { useAppSelector } from '../store/store';
import { deskOnServer } from '../sync/desk-on-server';
import { hashOf } from '../sync/key-hash';
import { newId, newKey } from '../sync/keys';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { copied } from '../ui/copied';
import { dateText } from '../ui/dates';
import { Words } from '../ui/words';
import * as words from './words';

type Props = {
	readonly shows: Shown;
	/** What is shown, as it is said: "this line", "this Round". */
	readonly what: string;
};

/** Makes a link that shows a line or a Round to somebody and lets them change nothing; it can be taken back. */
export function ShowLink({ shows, what }: Props) {
	const styles = useStyles();
	const { desk, onServer } = useAppSelector(({ sync }) => sync);
	const isSent = useAppSelector(({ works }) => shows.is === 'round' || (works.byId[shows.id]?.version ?? 0) > 0);
	const [said, setSaid] = useState('');
	const [link, setLink] = useState('');
	const [made, setMade] = useState<NewLook | null>(null);
	const send = async (look: NewLook) => {
		const here = await deskOpen(desk);
		if (!here) return null;
		const answer = await deskOnServer(here.id, here.key).makeLook(look);
		if (answer.came === 'here') return { until: answer.value };
		setSaid(sayFailed(answer));
		return null;
	};
	const make = async () => {
		if (!onServer || !isSent) return setSaid(words.theServerDoesNotHaveYetTry(what));
		const [id, secret] = [newId(), newKey()];
		const look = { id, hash: hashOf(secret), shows, lasts: 'month' } as const;
		const sent = await send(look);
		if (!sent) return;
		setMade(look);
		const address = `${globalThis.location.origin}/look#${id}.${secret}`;
		setLink(address);
		setSaid(words.viewOnlyLinkMade(await copied(address), what, sent.until && dateText(Date.parse(sent.until))));
	};
	const withoutEnd = async () => {
		if (!made || !(await send({ ...made, lasts: 'always' }))) return;
		setMade(null);
		setSaid(words.theLinkWorksUntilYou);
	};
	return (
		<Box style={styles.show}>
			<Box style={styles.row}>
				<Button
					label={words.showItToSomeone}
					say={words.aViewOnlyLinkTo(what)}
					onPress={() => void make().catch(() => setSaid(words.thisDidNotWorkPleaseTry))}
					testID="make-look"
				/>
			</Box>
			<Words size="small" role="status" aria-live="polite" testID="look-says">
				{said}
			</Words>
			{made ? (
				<Box style={styles.row}>
					<Button
						label={words.noEndDate}
						say={words.untilYouWithdrawIt}
						onPress={() => void withoutEnd().catch(() => setSaid(words.thisDidNotWorkPleaseTry))}
						testID="look-lasting"
					/>
				</Box>
			) : null}
			{link ? (
				<Words size="small" style={styles.link} testID="look-link">
					{link}
				</Words>
			) : null}
		</Box>
	);
}

const useStyles = makeStyles(() => ({
	show: { gap: GAP.s },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	link: { ...({ overflowWrap: 'anywhere', userSelect: 'all' } as object) },
}));
