import { useLocalSearchParams } from 'expo-router';
import { pageAhead } from '../src/places/page-ahead';
import * as words from '../src/places/titles';
import { laterPage } from '../src/store/later-page';

const ProblemsScreen = laterPage(
	async () => (await import('../src/problems/problems-screen')).ProblemsScreen,
	pageAhead(words.problems, 'problems'),
);

export default function ProblemsRoute() {
	return <ProblemsScreen link={useLocalSearchParams<{ search?: string; kind?: string; state?: string }>()} />;
}
