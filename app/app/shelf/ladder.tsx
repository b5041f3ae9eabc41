import { useLocalSearchParams } from 'expo-router';
import { later } from '../../src/ui/later';

const LadderScreen = later(async () => (await import('../../src/shelf/ladder-screen')).LadderScreen);

export default function LadderRoute() {
	return <LadderScreen link={useLocalSearchParams<{ value: string; to: string; hide: string }>()} />;
}
