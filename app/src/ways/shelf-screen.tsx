import { useRouter } from 'expo-router';
import { PlacePage } from '../places/place-page';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { LinkRow } from '../ui/link-row';
import { SHELF_PARTS } from './shelf-parts';
import * as words from './words';

/** The Shelf: its parts, each with a page of its own. */
export function ShelfScreen() {
	const styles = useStyles();
	const router = useRouter();
	return (
		<PlacePage title={words.shelf} says={words.lookThingsUpTryThemOutAnd} place="shelf" testID="shelf" full>
			<Box role="list" style={styles.parts}>
				{SHELF_PARTS.map(({ name, title, says, Picture }) => (
					<Box key={name} style={styles.part}>
						<LinkRow
							title={title}
							says={says}
							lead={<Picture />}
							onOpen={() => router.navigate(`/shelf/${name}`)}
							testID={`part-${name}`}
						/>
					</Box>
				))}
			</Box>
		</PlacePage>
	);
}

const useStyles = makeStyles(() => ({
	parts: { flexDirection: 'row', flexWrap: 'wrap', columnGap: GAP.xl * 2, rowGap: GAP.m },
	part: { flexGrow: 1, flexBasis: 330, maxWidth: '100%' },
}));
