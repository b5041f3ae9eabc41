import { useLocalSearchParams } from 'expo-router';
import { laterPage } from '../../src/store/later-page';
import { ShelfAhead } from '../../src/ways/shelf-ahead';
import type { PartLink } from '../../src/ways/shelf-parts';
import { SHELF_PARTS } from '../../src/ways/shelf-parts';

const ShelfPart = laterPage<{ name: string; link: PartLink }>(
	async () => (await import('../../src/ways/shelf-part')).ShelfPart,
	ShelfAhead,
);

/** The parts of the Shelf, whose pages are drawn ahead. */
export function generateStaticParams() {
	return SHELF_PARTS.map(({ name }) => ({ part: name }));
}

export default function PartRoute() {
	const { part, ...link } = useLocalSearchParams<Record<string, string>>();
	return <ShelfPart name={part ?? ''} link={link} />;
}
