import { useLocalSearchParams } from 'expo-router';
import { later } from '../src/ui/later';

const RecordScreen = later(async () => (await import('../src/record/record-screen')).RecordScreen);

export default function RecordRoute() {
	return <RecordScreen part={useLocalSearchParams<{ part?: string }>().part} />;
}
