import { useLocalSearchParams } from 'expo-router';
import { pageAhead } from '../src/places/page-ahead';
import * as words from '../src/places/titles';
import { laterPage } from '../src/store/later-page';

const RecordScreen = laterPage(
	async () => (await import('../src/record/record-screen')).RecordScreen,
	pageAhead(words.theRecord),
);

export default function RecordRoute() {
	return <RecordScreen part={useLocalSearchParams<{ part?: string }>().part} />;
}
