import { useLocalSearchParams } from 'expo-router';
import { RoundAhead } from '../../src/rounds/round-ahead';
import { laterPage } from '../../src/store/later-page';

const RoundScreen = laterPage<{ code: string }>(
	async () => (await import('../../src/rounds/round-pages')).RoundScreen,
	RoundAhead,
);

export default function RoundRoute() {
	const { code } = useLocalSearchParams<{ code: string }>();
	return <RoundScreen code={code} />;
}
