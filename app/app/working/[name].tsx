import { useLocalSearchParams } from 'expo-router';
import { pageAhead } from '../../src/places/page-ahead';
import { laterPage } from '../../src/store/later-page';

const WorkingScreen = laterPage(
	async () => (await import('../../src/working/working-screen')).WorkingScreen,
	pageAhead('One moment'),
);

export default function WorkingRoute() {
	const { name } = useLocalSearchParams<{ name: string }>();
	return <WorkingScreen name={name} />;
}
