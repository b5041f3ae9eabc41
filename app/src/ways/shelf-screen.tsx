import { useRouter } from 'expo-router';
import Desk from 'lucide-react-native/icons/arrow-left';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box, Touch } from '../ui/box';
import { Button } from '../ui/button';
import { Page } from '../ui/page';
import { Words } from '../ui/words';
import { SHELF_PARTS } from './shelf-parts';

/** The Shelf: its parts, each with a page of its own. */
export function ShelfScreen() {
	const styles = useStyles();
	const router = useRouter();
	return (
		<Page
			title="Shelf"
			testID="shelf"
			tools={<Button label="Desk" icon={Desk} onPress={() => router.navigate('/')} testID="to-desk" />}
		>
			<Words tone="soft">What one can look up and play with, and take to the Desk.</Words>
			<Box role="list">
				{SHELF_PARTS.map(({ name, title, says }) => (
					<Box key={name} role="listitem">
						<Touch onTouch={() => router.navigate(`/shelf/${name}`)} style={styles.part} testID={`part-${name}`}>
							<Words strong tone="pine">
								{title}
							</Words>
							<Words size="small">{says}</Words>
						</Touch>
					</Box>
				))}
			</Box>
		</Page>
	);
}

const useStyles = makeStyles((palette) => ({
	part: {
		minHeight: 64,
		justifyContent: 'center',
		paddingVertical: GAP.s,
		borderBottomWidth: 1,
		borderRadius: 0,
		borderBottomColor: palette.rule,
	},
}));
