import { useRouter } from 'expo-router';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Page } from '../ui/page';
import { Words } from '../ui/words';
import * as words from './words';

/** In place of a page that cannot be drawn: what happened, that nothing is lost, and the ways on. */
export function BrokenPage({ onAgain }: { readonly onAgain: () => void }) {
	const styles = useStyles();
	const router = useRouter();
	return (
		<Page title={words.thisPageCannotBeShown} testID="broken-page">
			<Words>{words.partOfThisPageFailedYour}</Words>
			<Box style={styles.row}>
				<Button label={words.tryAgain} kind="strong" onPress={onAgain} />
				<Button label={words.today} onPress={() => router.navigate('/')} />
				<Button label={words.problems} onPress={() => router.navigate('/problems' as '/')} />
			</Box>
			<Words size="small" tone="soft">
				{words.ifThisHappensAgainSaveAll}
			</Words>
		</Page>
	);
}

const useStyles = makeStyles(() => ({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s } }));
