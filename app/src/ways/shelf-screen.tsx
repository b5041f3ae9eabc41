import { useRouter } from 'expo-router';
import { PlacePage } from '../places/place-page';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box, Touch } from '../ui/box';
import { Words } from '../ui/words';
import { SHELF_PARTS } from './shelf-parts';

/** The Shelf: its parts, each with a page of its own. */
export function ShelfScreen() {
	const styles = useStyles();
	const router = useRouter();
	return (
		<PlacePage title="Shelf" place="shelf" testID="shelf">
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
		</PlacePage>
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
