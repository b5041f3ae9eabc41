import { useLocalSearchParams } from 'expo-router';
import { later } from '../../src/ui/later';

const TemperatureScreen = later(async () => (await import('../../src/shelf/temperature-screen')).TemperatureScreen);

export default function TemperatureRoute() {
	const link = useLocalSearchParams<{ number: string; unit: string; until: string; range: string; view: string }>();
	return <TemperatureScreen link={link} />;
}
