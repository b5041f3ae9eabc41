import { useLocalSearchParams } from 'expo-router';
import { later } from '../../src/ui/later';

const FiguresScreen = later(async () => (await import('../../src/shelf/figures-screen')).FiguresScreen);

export default function FiguresRoute() {
	return <FiguresScreen link={useLocalSearchParams<{ number: string }>()} />;
}
