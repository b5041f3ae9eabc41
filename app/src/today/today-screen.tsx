import { bookExercise } from '@tidy-sum/core';
import { useRouter } from 'expo-router';
import { __iconData as Record } from 'lucide-react-native/icons/chart-column';
import { __iconData as Bring } from 'lucide-react-native/icons/file-plus';
import { __iconData as Settings } from 'lucide-react-native/icons/settings';
import { useMemo } from 'react';
import { PlacePage } from '../places/place-page';
import { ProblemLink } from '../problem/problem-link';
import { useAppSelector } from '../store/store';
import { useBeginGuided } from '../store/use-guided';
import { useSettings } from '../store/use-settings';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { LinkRow } from '../ui/link-row';
import { Part } from '../ui/part';
import { Sockets } from '../ui/sockets';
import { Words } from '../ui/words';
import { broughtIn, titleNamed } from '../work/brought';
import { type HalfDone, halfDone, isFirstDay } from '../work/half-done';
import { SAYS_HOW_FAR } from '../work/how-far';
import { isSheet, problemName } from '../work/sheet';
import { sheetNamed, sheetProgress } from '../work/sheet-progress';
import { socketOf } from '../work/socket-of';
import type { TodayMade, UnfinishedRound } from '../worker/core-jobs';
import { FirstLine } from './first-line';
import { LeftLine } from './left-line';
import { useToday } from './use-today';
import { WeekStrip } from './week-strip';
import * as words from './words';

/** How many things that were left, and how many sheets, stand here; the rest stands among the problems. */
const SHOWN = 3;

/** What somebody new is offered: one prefix, two facts, a rate. */
const TO_TRY = ['honey-jar', 'beam-length', 'drip-line'].flatMap((name) => bookExercise(name) ?? []);

/** How much of a problem stands under its title, in characters. */
const FIRST_WORDS = 90;

/** The first words of a problem, so that one knows it again. */
function firstWords(prompt: string): string {
	return prompt.length > FIRST_WORDS ? `${prompt.slice(0, FIRST_WORDS).replace(/\s+\S*$/, '')} …` : prompt;
}

/** What was left half done: one touch leads back into it, at the very block. */
function Left({ left }: { readonly left: readonly HalfDone[] }) {
	const router = useRouter();
	if (!left.length) return null;
	return (
		<Part title={words.continueLabel}>
			<Box role="list" testID="left">
				{left.map(({ name, title, prompt, state, path }, at) => (
					<LinkRow
						key={name}
						title={title}
						says={`${SAYS_HOW_FAR[state]} · ${firstWords(prompt)}`}
						onOpen={() => router.navigate(path as '/')}
						testID={`left-${name}`}
					>
						{at === 0 ? <LeftLine name={name} /> : null}
					</LinkRow>
				))}
			</Box>
		</Part>
	);
}

const SOCKET_OF_ROUND = { right: 'filled', 'not-yet': 'look', 'not-tried': 'to-come' } as const;

/** The Round that was worked on last, where something of it is left. */
function Unfinished({ round: { code, states } }: { readonly round: UnfinishedRound }) {
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
					<Sockets states={states.map((state) => SOCKET_OF_ROUND[state])} says={says} />
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

/** The sheets under way. */
function Sheets() {
	const router = useRouter();
	const works = useAppSelector((state) => state.works);
	const sheets = useMemo(
		() =>
			broughtIn(works)
				.filter(isSheet)
				.map((name) => ({ name, ...sheetProgress(works, name) }))
				.filter(({ next }) => next !== undefined)
				.slice(0, SHOWN),
		[works],
	);
	if (!sheets.length) return null;
	return (
		<Part title={words.sheets}>
			<Box role="list" testID="sheets">
				{sheets.map(({ name, states, right, begun, next = 0 }) => {
					const problem = sheetNamed(works, name).problems[next];
					const says = words.problemsRightBegun(states.length, right, begun - right);
					return (
						<LinkRow
							key={name}
							title={titleNamed(works, name)}
							says={words.continueWith(says, problem?.label ?? next + 1)}
							onOpen={() =>
								router.navigate(begun ? `/desk/${problemName(name, problem?.id ?? '')}` : (`/sheet/${name}` as '/'))
							}
							testID={`sheet-${name}`}
						>
							<Sockets states={states.map(socketOf)} says={says} />
						</LinkRow>
					);
				})}
			</Box>
		</Part>
	);
}

/** The way to a problem of your own. */
function ToBring() {
	const styles = useStyles();
	const router = useRouter();
	return (
		<Box style={styles.row}>
			<Button
				label={words.bringAProblem}
				say={words.ofYourOwnOrAWholeSheet}
				icon={Bring}
				onPress={() => router.navigate('/bring')}
				testID="to-bring"
			/>
		</Box>
	);
}

/** The first day: a line that builds itself, and the way to a line of your own. */
function FirstDay() {
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
function ToTry() {
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

/** What was left, and the sheets under way. */
function ToGoOnWith() {
	const works = useAppSelector((state) => state.works);
	const left = useMemo(() => halfDone(works, SHOWN), [works]);
	return (
		<>
			<Left left={left} />
			<Sheets />
			<ToBring />
		</>
	);
}

/** The Round that was left, what is due and why, and how the week went; all of it comes from the worker at once. */
function ToPractise() {
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

/** The ways from Today to what you look at now and then. */
function Ways() {
	const router = useRouter();
	return (
		<>
			<Button
				label={words.theRecord}
				say={words.yourProgress}
				kind="quiet"
				icon={Record}
				onPress={() => router.navigate('/record')}
				testID="to-record"
			/>
			<Button
				label={words.settings}
				kind="quiet"
				icon={Settings}
				onPress={() => router.navigate('/settings')}
				testID="to-settings"
			/>
		</>
	);
}

/** What is said while the work of a desk that was just joined is on its way here. */
function OnItsWay() {
	const isAway = useAppSelector(({ sync }) => sync.keeping === 'device');
	return (
		<Words role="status" aria-live="polite" testID="on-its-way">
			{isAway ? words.yourWorkIsOnTheServerWhich : words.loadingYourWork}
		</Words>
	);
}

/** The first page, which tells at a look where you are and what to do. */
export function TodayScreen() {
	const isComing = useAppSelector(({ sync }) => sync.coming);
	const first = useAppSelector(({ works }) => isFirstDay(works));
	const frame = { title: words.today, place: 'today', testID: 'today', ways: <Ways /> } as const;
	if (isComing)
		return (
			<PlacePage {...frame}>
				<OnItsWay />
			</PlacePage>
		);
	if (first)
		return (
			<PlacePage {...frame} says={words.convertQuantitiesAsYouDoOn} beside={<ToTry />}>
				<FirstDay />
			</PlacePage>
		);
	return (
		<PlacePage {...frame} beside={<ToPractise />}>
			<ToGoOnWith />
		</PlacePage>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	lines: { gap: GAP.xs },
	first: { maxWidth: 480 },
}));
