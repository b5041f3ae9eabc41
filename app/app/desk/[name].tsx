import { useLocalSearchParams } from 'expo-router';
import { DeskScreen } from '../../src/desk/desk-screen';

export default function DeskRoute() {
	return <DeskScreen name={useLocalSearchParams<{ name: string }>().name} />;
}
