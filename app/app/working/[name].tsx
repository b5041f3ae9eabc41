import { useLocalSearchParams } from 'expo-router';
import { later } from '../../src/ui/later';

const WorkingScreen = later(async () => (await import('../../src/working/working-screen')).WorkingScreen);

export default function WorkingRoute() {
	const { name } = useLocalSearchParams<{ name: string }>();
	return <WorkingScreen name={name} />;
}
