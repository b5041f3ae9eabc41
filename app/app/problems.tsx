import { useLocalSearchParams } from 'expo-router';
import { pageAhead } from '../src/places/page-ahead';
import { laterPage } from '../src/store/later-page';

const ProblemsScreen = laterPage(
	async () => (await import('../src/problems/problems-screen')).ProblemsScreen,
	pageAhead('Problems', 'problems'),
);

export default function ProblemsRoute() {
	return <ProblemsScreen link={useLocalSearchParams<{ search?: string; kind?: string; state?: string }>()} />;
}
