import { useLocalSearchParams } from 'expo-router';
import { later } from '../../src/ui/later';

const RoundScreen = later(async () => (await import('../../src/rounds/later')).RoundScreen);

export default function RoundRoute() {
	const { code } = useLocalSearchParams<{ code: string }>();
	return <RoundScreen code={code} />;
}
