import { useRouter } from 'expo-router';
import { __iconData as Record } from 'lucide-react-native/icons/chart-column';
import { __iconData as Bring } from 'lucide-react-native/icons/file-plus';
import { __iconData as Settings } from 'lucide-react-native/icons/settings';
import { type ReactNode, useMemo } from 'react';
import { PlacePage } from '../places/place-page';
import { useAppSelector } from '../store/store';
import { useBeginGuided } from '../store/use-guided';
import { useSettings } from '../store/use-settings';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { LinkRow } from '../ui/link-row';
import { Words } from '../ui/words';
import { broughtIn, titleNamed } from '../work/brought';
import { type HalfDone, halfDone, isFirstDay } from '../work/half-done';
import { SAYS_HOW_FAR } from '../work/how-far';
import { isSheet, problemName } from '../work/sheet';
import { sheetNamed, sheetProgress } from '../work/sheet-progress';
import type { TodayMade } from '../worker/core-jobs';
import { useToday } from './use-today';
import { WeekStrip } from './week-strip';
import * as words from './words';

/** How many things that were left, and how many sheets, stand here; the rest stands among the problems. */
const SHOWN = 3;

function Part({ title, children }: { readonly title: string; readonly children: ReactNode }) {
	const styles = useStyles();
	return (
		<Box style={styles.part}>
			<Words strong size="title" role="heading" aria-level={2}>
				{title}
			</Words>
			{children}
		</Box>
	);
}

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
				{left.map(({ name, title, prompt, state, path }) => (
					<LinkRow
						key={name}
						title={title}
						says={`${SAYS_HOW_FAR[state]} · ${firstWords(prompt)}`}
						onOpen={() => router.navigate(path as '/')}
						testID={`left-${name}`}
					/>
				))}
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
			<Box role="list" testID="due">
				{made.due.map(({ skill, title, why }) => (
					<Box key={skill} role="listitem">
						<Words>
							{title}: {why}
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
						/>
					);
				})}
			</Box>
		</Part>
	);
}

/** What was left, what is due and why, the sheets under way, and how the week went. */
function Parts() {
	const styles = useStyles();
	const router = useRouter();
	const works = useAppSelector((state) => state.works);
	const made = useToday();
	const begin = useBeginGuided();
	const [{ guide }] = useSettings();
	const left = useMemo(() => halfDone(works, SHOWN), [works]);
	const first = useMemo(() => isFirstDay(works), [works]);
	return (
		<>
			{first ? <Words testID="first-day">{words.convertQuantitiesAsYouDoOn}</Words> : null}
			<Left left={left} />
			{first ? null : <Box style={styles.due}>{made ? <Due made={made} /> : null}</Box>}
			<Sheets />
			<Box style={styles.rest} />
			<Box style={styles.row}>
				{first && guide === 'never' ? (
					<Button label={words.workYourFirstLine} kind="strong" onPress={begin} testID="begin-guided" />
				) : null}
				<Button
					label={words.bringAProblem}
					say={words.ofYourOwnOrAWholeSheet}
					icon={Bring}
					onPress={() => router.navigate('/bring')}
					testID="to-bring"
				/>
				{first ? (
					<Button label={words.chooseAnExercise} onPress={() => router.navigate('/problems')} testID="to-problems" />
				) : null}
			</Box>
			{first ? null : <WeekStrip week={made?.week ?? null} />}
			<Box style={styles.row}>
				<Button
					label={words.theRecord}
					say={words.yourProgress}
					icon={Record}
					onPress={() => router.navigate('/record')}
					testID="to-record"
				/>
				<Button
					label={words.settings}
					icon={Settings}
					onPress={() => router.navigate('/settings')}
					testID="to-settings"
				/>
			</Box>
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

/** The first page, which tells at a look where one is and what to do. */
export function TodayScreen() {
	const isComing = useAppSelector(({ sync }) => sync.coming);
	return (
		<PlacePage title={words.today} place="today" testID="today">
			{isComing ? <OnItsWay /> : <Parts />}
		</PlacePage>
	);
}

const useStyles = makeStyles(() => ({
	part: { gap: GAP.s },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	due: { minHeight: 132 },
	// What is always there stands at the foot of the page, under the thumb.
	rest: { flexGrow: 1 },
}));
