import { useRouter } from 'expo-router';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { LinkRow } from '../ui/link-row';
import { Part } from '../ui/part';
import { Sockets } from '../ui/sockets';
import { Words } from '../ui/words';
import { SOCKET_IN_ROUND } from '../work/socket-of';
import type { TodayMade } from '../worker/core-jobs';
import { useToday } from './use-today';
import { WeekStrip } from './week-strip';
import * as words from './words';

/** The Round that was worked on last, where something of it is left. */
function Unfinished({ round: { code, states } }: { readonly round: NonNullable<TodayMade['unfinished']> }) {
	const router = useRouter();
	const right = states.filter((state) => state === 'right').length;
	const says = words.ofRoundRight(right, states.length);
	return (
		<Part title={words.yourRound}>
			<Box role="list">
				<LinkRow
					title={words.goOnWithYourRound}
					says={says}
					onOpen={() => router.navigate(`/round/${code}`)}
					testID="unfinished-round"
				>
					<Sockets states={states.map((state) => SOCKET_IN_ROUND[state])} says={says} />
				</LinkRow>
			</Box>
		</Part>
	);
}

/** What is due and why, as one Round. */
function Due({ made }: { readonly made: TodayMade }) {
	const styles = useStyles();
	const router = useRouter();
	return (
		<Part title={made.practised ? words.toPractise : words.aFirstRound}>
			<Box role="list" style={styles.lines} testID="due">
				{made.due.map(({ skill, title, why }) => (
					<Box key={skill} role="listitem">
						<Words>
							<Words strong>{title}</Words>: {why}
						</Words>
					</Box>
				))}
			</Box>
			<Box style={styles.row}>
				<Button
					label={words.startNewExercises}
					kind="strong"
					onPress={() => router.navigate(`/round/${made.round}`)}
					testID="begin-due"
				/>
			</Box>
		</Part>
	);
}

/** The Round that was left, what is due and why, and how the week went; all of it comes from the worker at once. */
export function ToPractise() {
	const made = useToday();
	if (!made) return null;
	return (
		<>
			{made.unfinished ? <Unfinished round={made.unfinished} /> : null}
			<Due made={made} />
			<WeekStrip week={made.week} />
		</>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	lines: { gap: GAP.xs },
}));
