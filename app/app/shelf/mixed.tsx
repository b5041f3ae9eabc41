import { useLocalSearchParams } from 'expo-router';
import { later } from '../../src/ui/later';

const MixedScreen = later(async () => (await import('../../src/shelf/mixed-screen')).MixedScreen);

export default function MixedRoute() {
	return <MixedScreen link={useLocalSearchParams<{ text: string; measure: string }>()} />;
}
