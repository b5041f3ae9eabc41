import { useLocalSearchParams } from 'expo-router';
import { later } from '../../src/ui/later';

const FactsScreen = later(async () => (await import('../../src/shelf/facts-screen')).FactsScreen);

export default function FactsRoute() {
	const link = useLocalSearchParams<{ search: string; open: string }>();
	// A link to another search opens the page anew.
	return <FactsScreen key={link.search} link={link} />;
}
