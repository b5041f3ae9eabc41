import { useLocalSearchParams } from 'expo-router';
import { later } from '../../src/ui/later';

const RateScreen = later(async () => (await import('../../src/shelf/rate-screen')).RateScreen);

export default function RateRoute() {
	return <RateScreen link={useLocalSearchParams<{ from: string; to: string }>()} />;
}
