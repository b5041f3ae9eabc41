import { useLocalSearchParams } from 'expo-router';
import { later } from '../../src/ui/later';

const BringScreen = later(async () => (await import('../../src/bring/later')).BringScreen);

export default function BringRoute() {
	const { name } = useLocalSearchParams<{ name: string }>();
	return <BringScreen name={name} />;
}
