import { useRouter } from 'expo-router';
import { PlacePage } from '../places/place-page';
import { Box } from '../ui/box';
import { LinkRow } from '../ui/link-row';
import { Words } from '../ui/words';
import { SHELF_PARTS } from './shelf-parts';

/** The Shelf: its parts, each with a page of its own. */
export function ShelfScreen() {
	const router = useRouter();
	return (
		<PlacePage title="Shelf" place="shelf" testID="shelf">
			<Words tone="soft">What one can look up and play with, and take to the Desk.</Words>
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
