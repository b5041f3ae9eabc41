import { useLocalSearchParams } from 'expo-router';
import { later } from '../../src/ui/later';

const ReplayScreen = later(async () => (await import('../../src/replay/replay-screen')).ReplayScreen);

export default function ReplayRoute() {
	const { name, line, at } = useLocalSearchParams<{ name: string; line?: string; at?: string }>();
	return <ReplayScreen name={name} line={line} at={at} />;
}
