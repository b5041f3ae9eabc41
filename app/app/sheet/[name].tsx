import { useLocalSearchParams } from 'expo-router';
import { later } from '../../src/ui/later';

const SheetScreen = later(async () => (await import('../../src/bring/later')).SheetScreen);

export default function SheetRoute() {
	const { name } = useLocalSearchParams<{ name: string }>();
	return <SheetScreen name={name} />;
}
