import { sayWanted, workChain } from '@tidy-sum/core';
import { unroundedText } from '@tidy-sum/core/help';
import type { WorkBody } from '@tidy-sum/schema';
import { useRouter } from 'expo-router';
import { __iconData as Back } from 'lucide-react-native/icons/arrow-left';
import { __iconData as Halt } from 'lucide-react-native/icons/pause';
import { __iconData as Play } from 'lucide-react-native/icons/play';
import { __iconData as Before } from 'lucide-react-native/icons/skip-back';
import { __iconData as On } from 'lucide-react-native/icons/skip-forward';
import { type ChangeEvent, type ReactNode, useCallback, useMemo, useState } from 'react';
import createElement from 'react-native-web/dist/exports/createElement';
import { sayVerdict } from '../line/four-lines';
import { WorkedLine } from '../line/worked-line';
import { Coming } from '../places/not-here';
import { useAppSelector } from '../store/store';
import { useSaysComing, useSteps } from '../store/use-exercise';
import { WithExercise } from '../store/with-exercise';
import { ShowLink } from '../taking/show-link';
import { GAP, TARGET } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Choices } from '../ui/choices';
import { Page } from '../ui/page';
import { useRoom } from '../ui/use-room';
import { Words } from '../ui/words';
import type { DeskView } from '../work/desk-view';
import { exerciseOf } from '../work/exercises';
import { answerOf, chainOf, startOf, wantOf } from '../work/line-of-work';
import { bodyAfter, sayStep } from '../work/said-steps';
import { verdictOf } from '../work/sent';
import { workOf } from '../work/work';
import { type Pace, usePlaying } from './use-playing';
import { useReplayKeys } from './use-replay-keys';
import * as words from './words';

const PACES: readonly { readonly value: Pace; readonly label: string }[] = [
	{ value: 'slow', label: 'slow' },
	{ value: 'steady', label: 'steady' },
	{ value: 'quick', label: 'quick' },
];

/** What stood on the line after so many steps. */
function stateAfter(body: WorkBody, name: string, count: number) {
	const work = workOf(bodyAfter(body, count));
	const exercise = exerciseOf(name, work);
	if (!exercise) return null;
	const chain = chainOf(exercise, work);
	const started = startOf(exercise, work) !== null;
	const worked = started ? workChain(chain) : null;
	const verdict = verdictOf(exercise, work, chain);
	return {
		exercise,
		chain,
		started,
		wanted: sayWanted(exercise, wantOf(exercise, work)),
		comesTo: worked?.ok ? unroundedText(worked.value) : '',
		answer: answerOf(exercise, work),
		checked: verdict?.ok ? sayVerdict(verdict.value) : '',
	};
}

/** Of a line that somebody else shows: what stands in place of the way to the Desk, and what is said of it. */
type ShownBy = { readonly shown?: ReactNode | undefined; readonly seenAs?: string | undefined };

type Props = ShownBy & {
	readonly view: DeskView;
	/** The id of the line. */
	readonly id: string;
	readonly body: WorkBody;
	readonly from?: number;
};

/** How a line came about, one step after another: by a slider, by keys, or by itself at a pace. */
function Replay({ view, id, body, from = body.steps.length, shown, seenAs }: Props) {
	const styles = useStyles();
	const router = useRouter();
	const { name, title } = view.exercise;
	const count = body.steps.length;
	const { at, goTo, playing, toggle, pace, setPace } = usePlaying(count, from);
	const { wide } = useRoom();
	// On a wide screen a class looks at it together.
	const [large, setLarge] = useState(wide);
	const [numbers, setNumbers] = useState(false);
	const state = useMemo(() => stateAfter(body, name, at), [body, name, at]);
	const says = useMemo(() => sayStep(body, view.exercise, at), [body, view.exercise, at]);
	// A problem of one's own is posed by its first steps: what it will be is told before them as well.
	const prompt = state?.exercise.prompt || view.exercise.prompt;
	const onStep = useCallback((by: number) => goTo(at + by), [goTo, at]);
	useReplayKeys({ onStep, onToggle: toggle });
	return (
		<Page
			title={words.replay(title)}
			testID="replay"
			full={large}
			tools={
				<>
					{shown ?? (
						<Button
							label={words.desk}
							kind="tool"
							icon={Back}
							onPress={() => router.navigate(`/desk/${name}`)}
							testID="to-desk"
						/>
					)}
					<Button
						label={words.previous}
						say={words.oneStep}
						kind="tool"
						icon={Before}
						disabled={at === 0}
						onPress={() => onStep(-1)}
						testID="replay-back"
					/>
					<Button
						label={playing ? words.pause : words.play}
						kind="tool"
						icon={playing ? Halt : Play}
						onPress={toggle}
						testID="replay-play"
					/>
					<Button
						label={words.next}
						say={words.oneStep}
						kind="tool"
						icon={On}
						disabled={at === count}
						onPress={() => onStep(1)}
						testID="replay-on"
					/>
				</>
			}
		>
			{seenAs ? <Words testID="look-title">{seenAs}</Words> : null}
			<Box style={large ? styles.large : styles.plain}>
				{prompt ? <Words>{prompt}</Words> : null}
				<Words strong role="status" aria-live="polite" testID="replay-says">
					{at === 0 ? says : words.of(at, count, says)}
				</Words>
				{createElement('input', {
					type: 'range',
					min: 0,
					max: count,
					value: at,
					onChange: ({ target }: ChangeEvent<HTMLInputElement>) => goTo(Number(target.value)),
					'aria-label': words.theStepThatIsShown,
					'aria-valuetext': words.stepOf(at, count, says),
					style: styles.slider,
					testID: 'replay-slider',
				})}
				{state?.started ? (
					<WorkedLine chain={state.chain} testID="replay-line" />
				) : (
					<Words tone="soft">{words.theLineIsEmpty}</Words>
				)}
				<Words size="small" tone="soft">
					{words.wanted(state?.wanted ?? '')}
				</Words>
				{numbers && state?.comesTo ? <Words testID="replay-comes">{words.itEquals(state.comesTo)}</Words> : null}
				{state?.answer && (numbers || state.checked) ? (
					<Words testID="replay-answer">{words.answer(state.answer)}</Words>
				) : null}
				{state?.checked ? <Words testID="replay-checked">{words.checked(state.checked)}</Words> : null}
			</Box>
			<Box style={styles.row}>
				<Button
					label={words.showTheNumbers}
					on={numbers}
					onPress={() => setNumbers(!numbers)}
					testID="replay-numbers"
				/>
				<Button label={words.largeTextForAClass} on={large} onPress={() => setLarge(!large)} testID="replay-large" />
			</Box>
			<Choices label={words.speed} choices={PACES} chosen={pace} onChoose={setPace} testID="replay-pace" />
			<Words size="small" tone="soft">
				{words.useTheArrowKeysToMoveStep}
			</Words>
			{shown ? null : <ShowLink shows={{ is: 'work', id }} what={words.thisLine} />}
		</Page>
	);
}

/** Which line is played back, and from which of its steps. */
type From = { readonly line?: string | undefined; readonly at?: string | undefined };

function ReplayOf({ view, line, at, ...shownBy }: From & ShownBy & { readonly view: DeskView }) {
	const router = useRouter();
	const { name, title } = view.exercise;
	const entry = useAppSelector(({ works }) => {
		const named = works.byId[line ?? ''];
		return named?.body.exercise === name ? named : works.byId[works.open[name] ?? ''];
	});
	const body = entry?.body;
	const isComing = useSteps(entry?.id);
	const saysComing = useSaysComing();
	if (isComing) return <Coming says={saysComing} />;
	const from = at !== undefined && /^\d{1,5}$/.test(at) ? Number(at) : undefined;
	if (entry && body?.steps.length)
		return (
			<Replay
				key={`${name} ${line} ${at}`}
				view={view}
				id={entry.id}
				body={body}
				{...(from === undefined ? {} : { from })}
				{...shownBy}
			/>
		);
	return (
		<Page
			title={words.replay(title)}
			testID="replay"
			tools={
				<Button
					label={words.toTheLine}
					kind="strong"
					onPress={() => router.navigate(`/desk/${name}`)}
					testID="to-desk"
				/>
			}
		>
			<Words>{words.thereAreNoStepsYetOnceYou}</Words>
		</Page>
	);
}

/**
 * How the work on an exercise came about.
 * @param line the id of the line that is played back; the one on the Desk where it is left out.
 * @param at the step that is shown first; the last one where it is left out.
 */
export function ReplayScreen({
	name = '',
	line,
	at,
	...shownBy
}: From & ShownBy & { readonly name?: string | undefined }) {
	return <WithExercise name={name}>{(view) => <ReplayOf view={view} line={line} at={at} {...shownBy} />}</WithExercise>;
}

const useStyles = makeStyles((palette) => ({
	plain: { gap: GAP.m },
	large: { gap: GAP.m, ...({ zoom: 1.5 } as object) },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	slider: { width: '100%', height: TARGET, margin: 0, ...({ accentColor: palette.pine } as object) },
}));
