import { useLocalSearchParams } from 'expo-router';
import { DeskScreen } from '../../src/desk/desk-screen';

export default function DeskRoute() {
	const { name } = useLocalSearchParams<{ name: string }>();
	return <DeskScreen name={name} />;
}
