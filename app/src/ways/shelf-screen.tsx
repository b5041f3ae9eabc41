import { useRouter } from 'expo-router';
import { PlacePage } from '../places/place-page';
import { Box } from '../ui/box';
import { LinkRow } from '../ui/link-row';
import { Words } from '../ui/words';
import { SHELF_PARTS } from './shelf-parts';
import * as words from './words';

/** The Shelf: its parts, each with a page of its own. */
export function ShelfScreen() {
	const router = useRouter();
	return (
		<PlacePage title={words.shelf} place="shelf" testID="shelf">
			<Words tone="soft">{words.lookThingsUpTryThemOutAnd}</Words>
			<Box role="list">
				{SHELF_PARTS.map(({ name, title, says }) => (
					<LinkRow
						key={name}
						title={title}
						says={says}
						onOpen={() => router.navigate(`/shelf/${name}`)}
						testID={`part-${name}`}
					/>
				))}
			</Box>
		</PlacePage>
	);
}
