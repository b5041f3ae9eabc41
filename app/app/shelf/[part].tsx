import { useLocalSearchParams } from 'expo-router';
import { later } from '../../src/ui/later';

const ShelfPart = later(async () => (await import('../../src/ways/shelf-part')).ShelfPart);

export default function PartRoute() {
	const { part, ...link } = useLocalSearchParams<Record<string, string>>();
	return <ShelfPart name={part ?? ''} link={link} />;
}
