import { useLocalSearchParams } from 'expo-router';
import { later } from '../src/ui/later';

const ProblemsScreen = later(async () => (await import('../src/problems/problems-screen')).ProblemsScreen);

export default function ProblemsRoute() {
	return <ProblemsScreen link={useLocalSearchParams<{ search?: string; kind?: string; state?: string }>()} />;
}
