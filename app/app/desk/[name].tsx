import { useLocalSearchParams } from 'expo-router';
import { DeskScreen } from '../../src/desk/desk-screen';
import { placeInRound } from '../../src/rounds/made-rounds';
import { RoundDesk } from '../../src/rounds/round-desk';

export default function DeskRoute() {
	const { name } = useLocalSearchParams<{ name: string }>();
	const at = placeInRound(name);
	return at ? <RoundDesk name={name} code={at.code} /> : <DeskScreen name={name} />;
}
