import { useLocalSearchParams } from 'expo-router';
import { pageAhead } from '../../src/places/page-ahead';
import * as words from '../../src/places/titles';
import { laterPage } from '../../src/store/later-page';

const WorkingScreen = laterPage(
	async () => (await import('../../src/working/working-screen')).WorkingScreen,
	pageAhead(words.oneMoment),
);

export default function WorkingRoute() {
	const { name } = useLocalSearchParams<{ name: string }>();
	return <WorkingScreen name={name} />;
}
