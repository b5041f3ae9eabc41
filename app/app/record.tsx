import { useLocalSearchParams } from 'expo-router';
import { pageAhead } from '../src/places/page-ahead';
import { laterPage } from '../src/store/later-page';

const RecordScreen = laterPage(
	async () => (await import('../src/record/record-screen')).RecordScreen,
	pageAhead('The Record'),
);

export default function RecordRoute() {
	return <RecordScreen part={useLocalSearchParams<{ part?: string }>().part} />;
}
