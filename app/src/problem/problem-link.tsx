import type { BookExercise } from '@tidy-sum/core';
import { useRouter } from 'expo-router';
import { FromTo } from '../ui/from-to';
import { LinkRow } from '../ui/link-row';
import { fromToOf } from '../work/from-to-of';
import { type HowFar, isRight } from '../work/how-far';

type Props = {
	readonly exercise: BookExercise;
	readonly howFar: HowFar;
	/** What it trains, and how far it is. */
	readonly says: string;
};

/** A problem in a list: what it starts from over what is wanted, its title, and how far it is. */
export function ProblemLink({ exercise, howFar, says }: Props) {
	const router = useRouter();
	const { name, title } = exercise;
	const isDone = isRight(howFar);
	return (
		<LinkRow
			title={title}
			says={says}
			lead={<FromTo {...fromToOf(exercise, isDone)} isDone={isDone} />}
			onOpen={() => router.navigate(`/desk/${name}`)}
			testID={`open-${name}`}
		/>
	);
}
