import { useLocalSearchParams } from 'expo-router';
import { later } from '../../src/ui/later';

const HandInScreen = later(async () => (await import('../../src/hand-in/hand-in-screen')).HandInScreen);

export default function HandInRoute() {
	const { name } = useLocalSearchParams<{ name: string }>();
	return <HandInScreen name={name} />;
}
