import { useLocalSearchParams } from 'expo-router';
import { later } from '../../src/ui/later';

const DeskScreen = later(async () => (await import('../../src/desk/desk-screen')).DeskScreen);

export default function DeskRoute() {
	const { name, block } = useLocalSearchParams<{ name: string; block?: string }>();
	return <DeskScreen name={name} block={block ?? null} />;
}
