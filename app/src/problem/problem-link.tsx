import type { BookExercise } from '@tidy-sum/core';
import { useRouter } from 'expo-router';
import { FromTo } from '../ui/from-to';
import { LinkRow } from '../ui/link-row';
import { Said } from '../ui/said';
import { fromToOf } from '../work/from-to-of';
import { type HowFar, isRight } from '../work/how-far';
import * as words from './words';

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
	const both = fromToOf(exercise, isDone);
	return (
		<LinkRow
			title={title}
			says={says}
			lead={<FromTo {...both} isDone={isDone} />}
			onOpen={() => router.navigate(`/desk/${name}`)}
			testID={`open-${name}`}
		>
			{both.from && both.to ? <Said>{words.fromTo(both.from, both.to)}</Said> : null}
		</LinkRow>
	);
}
