import { bookExercise } from '@tidy-sum/core';
import { useRouter } from 'expo-router';
import { ProblemLink } from '../problem/problem-link';
import { useBeginGuided } from '../store/use-guided';
import { useSettings } from '../store/use-settings';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Part } from '../ui/part';
import { FirstLine } from './first-line';
import { ToBring } from './to-bring';
import * as words from './words';

/** What somebody new is offered: one prefix, two facts, a rate. */
const TO_TRY = ['honey-jar', 'beam-length', 'drip-line'].flatMap((name) => bookExercise(name) ?? []);

/** The first day: a line that builds itself, and the way to a line of your own. */
export function FirstDay() {
	const styles = useStyles();
	const router = useRouter();
	const begin = useBeginGuided();
	const [{ guide }] = useSettings();
	const isGuided = guide === 'never';
	return (
		<>
			<FirstLine />
			<Box style={styles.first}>
				{isGuided ? (
					<Button label={words.workYourFirstLine} kind="strong" onPress={begin} testID="begin-guided" />
				) : (
					<Button
						label={words.chooseAnExercise}
						kind="strong"
						onPress={() => router.navigate('/problems')}
						testID="to-problems"
					/>
				)}
			</Box>
			<ToBring />
		</>
	);
}

/** Three exercises to begin with, for somebody who does not want to be shown. */
export function ToTry() {
	const styles = useStyles();
	const router = useRouter();
	return (
		<Part title={words.orTryOneOfThese}>
			<Box role="list" testID="to-try">
				{TO_TRY.map((exercise) => (
					<ProblemLink key={exercise.name} exercise={exercise} howFar="not-begun" says={exercise.trains} />
				))}
			</Box>
			<Box style={styles.row}>
				<Button
					label={words.allExercises}
					kind="quiet"
					onPress={() => router.navigate('/problems')}
					testID="to-all-problems"
				/>
			</Box>
		</Part>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row' },
	first: { maxWidth: 480 },
}));
