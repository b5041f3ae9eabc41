import { useLocalSearchParams } from 'expo-router';
import { later } from '../../src/ui/later';

const SenseScreen = later(async () => (await import('../../src/shelf/sense-screen')).SenseScreen);

export default function SenseRoute() {
	return <SenseScreen link={useLocalSearchParams<{ value: string }>()} />;
}
