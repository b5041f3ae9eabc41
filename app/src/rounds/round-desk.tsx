import { useRouter } from 'expo-router';
import { DeskScreen } from '../desk/desk-screen';
import { Button } from '../ui/button';
import { Page } from '../ui/page';
import { Words } from '../ui/words';
import { useRound } from './use-round';

/** The Desk of an exercise of a Round, once the Round is made. */
export function RoundDesk({ name, code }: { readonly name: string; readonly code: string }) {
	const router = useRouter();
	const made = useRound(code);
	if (made?.ok && made.value.exercises.some((exercise) => exercise.name === name)) return <DeskScreen name={name} />;
	const message = made && (made.ok ? 'This Round has no such exercise.' : made.fault.message);
	return (
		<Page
			title="An exercise of a Round"
			testID="round-desk"
			tools={<Button label="Rounds" onPress={() => router.navigate('/rounds')} testID="to-rounds" />}
		>
			<Words role="status" aria-live="polite">
				{message ?? 'The Round is being laid out…'}
			</Words>
		</Page>
	);
}
