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
		if (!onServer || !isSent)
			return setSaid(`The server does not have ${what} yet. Once it is sent, it can be shown; try again in a moment.`);
		const [id, secret] = [newId(), newKey()];
		const look = { id, hash: hashOf(secret), shows, lasts: 'month' } as const;
		const sent = await send(look);
		if (!sent) return;
		setMade(look);
		const address = `${globalThis.location.origin}/look#${id}.${secret}`;
		setLink(address);
		setSaid(
			`${(await copied(address)) ? 'The link is copied. ' : ''}Whoever has it sees ${what} and how it came about, and can change nothing. ${sent.until ? `It ends on ${dateText(Date.parse(sent.until))}. ` : ''}Take it back under Settings, Desks and devices.`,
		);
	};
	const withoutEnd = async () => {
		if (!made || !(await send({ ...made, lasts: 'always' }))) return;
		setMade(null);
		setSaid('The link works until you take it back. Do that under Settings, Desks and devices.');
	};
	return (
		<Box style={styles.show}>
			<Box style={styles.row}>
				<Button
					label="Show it to somebody"
					say={`a link to look at ${what}`}
					onPress={() => void make().catch(() => setSaid('This could not be done here. Try once more.'))}
					testID="make-look"
				/>
			</Box>
			<Words size="small" role="status" aria-live="polite" testID="look-says">
				{said}
			</Words>
			{made ? (
				<Box style={styles.row}>
					<Button
						label="No end date"
						say="until you take it back"
						onPress={() => void withoutEnd().catch(() => setSaid('This could not be done here. Try once more.'))}
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
