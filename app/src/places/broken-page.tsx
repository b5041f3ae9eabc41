import { useRouter } from 'expo-router';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Page } from '../ui/page';
import { Words } from '../ui/words';

/** In place of a page that cannot be drawn: what happened, that nothing is lost, and the ways on. */
export function BrokenPage({ onAgain }: { readonly onAgain: () => void }) {
	const styles = useStyles();
	const router = useRouter();
	return (
		<Page title="This page cannot be shown" testID="broken-page">
			<Words>
				Something on it could not be drawn. What is kept of it stays as it is, and everything else still works.
			</Words>
			<Box style={styles.row}>
				<Button label="Try again" kind="strong" onPress={onAgain} />
				<Button label="Today" onPress={() => router.navigate('/')} />
				<Button label="Problems" onPress={() => router.navigate('/problems' as '/')} />
			</Box>
			<Words size="small" tone="soft">
				If it comes again, take all your work along as a file, in Settings, and show it to your teacher.
			</Words>
		</Page>
	);
}

const useStyles = makeStyles(() => ({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s } }));
