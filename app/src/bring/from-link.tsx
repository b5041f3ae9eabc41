import { readHandedLink } from '@tidy-sum/exchange/handed-link';
import type { Handed } from '@tidy-sum/schema/handed';
import { useEffect, useMemo, useState } from 'react';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Notice } from '../ui/notice';
import { Words } from '../ui/words';
import { handedTitle } from '../work/handed';
import { canBeWorked } from './can-be-worked';
import { workedOf } from './take-in';
import * as words from './words';

/** Problems that came with a link, to be taken in. */
function Handing({
	handed,
	onTake,
	onLeave,
}: {
	readonly handed: Handed;
	readonly onTake: () => void;
	readonly onLeave: () => void;
}) {
	const styles = useStyles();
	const { problems } = handed;
	const isOne = problems.length === 1;
	const take = isOne ? words.addIt : words.addThem;
	return (
		<Box style={styles.handed} role="group" aria-label={words.sharedWithYou} testID="handed">
			<Words strong role="status" aria-live="polite">
				{words.sharedWithYouOfHanded(handedTitle(handed), problems.length)}
			</Words>
			<Words size="small">
				{problems
					.slice(0, 3)
					.map(({ text }) => text.slice(0, 120))
					.join(' · ')}
			</Words>
			<Box style={styles.row}>
				<Button
					label={workedOf(handed) ? words.andSeeHowItWasWorkedOut(take) : take}
					kind="strong"
					onPress={onTake}
					testID="handed-take"
				/>
				<Button label={words.notNow} onPress={onLeave} testID="handed-leave" />
			</Box>
		</Box>
	);
}

/** What a link holds behind its #; and a way to be done with it. */
function useHanded() {
	const [hash, setHash] = useState(() => globalThis.location?.hash ?? '');
	useEffect(() => {
		const changed = () => setHash(globalThis.location.hash);
		globalThis.addEventListener?.('hashchange', changed);
		return () => globalThis.removeEventListener?.('hashchange', changed);
	}, []);
	const letters = /^#p=(.+)$/.exec(hash)?.[1];
	const handed = useMemo(() => (letters ? readHandedLink(letters) : null), [letters]);
	const done = () => {
		globalThis.history.replaceState(globalThis.history.state, '', globalThis.location.pathname);
		setHash('');
	};
	return { handed, done };
}

const NOT_WORKABLE = words.aProblemInThisLinkHasA;

type Props = { readonly onTake: (handed: Handed) => void };

/** What came with the link the page was opened by: to be taken in or left; or why it cannot be read. */
export function FromLink({ onTake }: Props) {
	const { handed, done } = useHanded();
	const isWorkable = useMemo(() => !handed?.ok || canBeWorked(handed.value), [handed]);
	if (!handed) return null;
	if (!handed.ok) return <Notice>{handed.fault.message}</Notice>;
	if (!isWorkable) return <Notice>{NOT_WORKABLE}</Notice>;
	const take = () => {
		done();
		onTake(handed.value);
	};
	return <Handing handed={handed.value} onTake={take} onLeave={done} />;
}

const useStyles = makeStyles((palette) => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	handed: {
		gap: GAP.s,
		padding: GAP.m,
		borderLeftWidth: 4,
		borderLeftColor: palette.pine,
		backgroundColor: palette.panel,
	},
}));
