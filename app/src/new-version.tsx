import { useEffect, useState } from 'react';
import { keepOffline } from './sync/keep-offline';
import { GAP } from './theme/tokens';
import { makeStyles } from './theme/use-styles';
import { Box } from './ui/box';
import { Button } from './ui/button';
import { Words } from './ui/words';

/** Says when a new version of the app is ready, and takes it with one touch. Every step is kept already, so none is lost. */
export function NewVersion() {
	const styles = useStyles();
	const [take, setTake] = useState<(() => void) | null>(null);
	useEffect(() => keepOffline((waiting) => setTake(() => waiting)), []);
	if (!take) return null;
	return (
		<Box style={styles.strip} role="status" aria-live="polite" testID="new-version">
			<Box style={styles.words}>
				<Words strong>A new version is ready.</Words>
				<Words size="small">What you have done is kept.</Words>
			</Box>
			<Button label="Take it" say="the new version" onPress={take} testID="take-version" />
			<Button label="Later" onPress={() => setTake(null)} testID="later-version" />
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	strip: {
		flexDirection: 'row',
		flexWrap: 'wrap',
		alignItems: 'center',
		gap: GAP.s,
		padding: GAP.s,
		paddingLeft: GAP.l,
		backgroundColor: palette.pineWash,
	},
	words: { flex: 1, minWidth: 160 },
}));
