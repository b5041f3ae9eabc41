import { useLocalSearchParams } from 'expo-router';
import { pageAhead } from '../../src/places/page-ahead';
import * as words from '../../src/places/titles';
import { laterPage } from '../../src/store/later-page';

const ReplayScreen = laterPage(
	async () => (await import('../../src/replay/replay-pages')).ReplayScreen,
	pageAhead(words.oneMoment),
);

export default function ReplayRoute() {
	const { name, line, at } = useLocalSearchParams<{ name: string; line?: string; at?: string }>();
	return <ReplayScreen name={name} line={line} at={at} />;
}
