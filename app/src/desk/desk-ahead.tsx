import { type BookExercise, mustPlace, sayWantedAtFirst } from '@tidy-sum/core';
import { pageTexts } from '../device/with-page';
import { useFollowing } from '../store/use-following';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { useRoom } from '../ui/use-room';
import { exerciseNamed } from '../work/exercises';
import { Problem } from './problem';

const nothing = () => {};

/** The problem of an exercise of the book, as it stands on its Desk. */
function OfBook({ exercise }: { readonly exercise: BookExercise }) {
	return (
		<Problem
			exercise={exercise}
			placed={[]}
			wanted={sayWantedAtFirst(exercise)}
			title={exercise.title}
			aside={useFollowing(exercise.name).aside}
			onQuantity={mustPlace(exercise) ? nothing : null}
			onChange={null}
		/>
	);
}

/** The problem whose text came with the page. */
function OfPage({ name }: { readonly name: string }) {
	const { title, aside, prompt, wanted } = pageTexts(`/desk/${name}`);
	return (
		<Problem
			exercise={{ prompt }}
			placed={[]}
			wanted={wanted}
			title={title}
			aside={aside}
			onQuantity={null}
			onChange={null}
		/>
	);
}

/** The Desk before the device's own work is read: the problem, where it will stand. */
export function DeskAhead({ name }: { readonly name: string }) {
	const styles = useStyles();
	const { wide } = useRoom();
	const exercise = exerciseNamed(name);
	return (
		<Box style={styles.screen} role="main" testID="desk-ahead">
			<Box style={[styles.problem, wide && styles.roomy]}>
				{exercise ? <OfBook exercise={exercise} /> : <OfPage name={name} />}
			</Box>
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	screen: { flex: 1, backgroundColor: palette.page },
	problem: { paddingHorizontal: GAP.l },
	roomy: { paddingHorizontal: GAP.xl * 2, paddingVertical: GAP.l },
}));
