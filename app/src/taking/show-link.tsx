import type { Shown } from '@tidy-sum/schema/desk';
import { useState } from 'react';
import { deskOpen, sayFailed } from '../store/desk-acts';
import { useAppSelector } from '../store/store';
import { hashOf } from '../sync/key-hash';
import { newId, newKey } from '../sync/keys';
import { deskOnServer } from '../sync/server-store';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { copied } from '../ui/copied';
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
	const make = async () => {
		const here = await deskOpen(desk);
		if (!here || !onServer || !isSent)
			return setSaid(`The server does not have ${what} yet. Once it is sent, it can be shown; try again in a moment.`);
		const [id, secret] = [newId(), newKey()];
		const answer = await deskOnServer(here.id, here.key).makeLook(id, hashOf(secret), shows);
		if (answer.came !== 'here') return setSaid(sayFailed(answer));
		const made = `${globalThis.location.origin}/look#${id}.${secret}`;
		setLink(made);
		setSaid(
			`${(await copied(made)) ? 'The link is copied. ' : ''}Whoever has it sees ${what} and how it came about, and can change nothing. Take it back under Settings, Desks and devices.`,
		);
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
