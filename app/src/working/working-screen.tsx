import { nanoid } from '@reduxjs/toolkit';
import {
	type BookExercise,
	type Chain,
	goalOf,
	judge,
	type Outcome,
	solutionOf,
	VERDICT_LINES,
	type WorkedChain,
	workChain,
	writtenQuantity,
} from '@tidy-sum/core';
import { compareLines } from '@tidy-sum/core/help';
import { readWorking, sayFailing, standsAt, type Working } from '@tidy-sum/core/problem';
import type { SingleStep } from '@tidy-sum/schema';
import { useRouter } from 'expo-router';
import Back from 'lucide-react-native/icons/arrow-left';
import { useEffect, useMemo, useState } from 'react';
import { FourLinesShown, SlipShown } from '../line/four-lines';
import { LinesBeside } from '../line/lines-beside';
import { WorkedLine } from '../line/worked-line';
import { useAppDispatch } from '../store/store';
import { WithExercise } from '../store/with-exercise';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Choices } from '../ui/choices';
import { Field } from '../ui/field';
import { Page } from '../ui/page';
import { Words } from '../ui/words';
import type { DeskView } from '../work/desk-view';
import { isOwn } from '../work/exercises';
import { answerOf } from '../work/line-of-work';
import { nameSent } from '../work/name-sent';
import { begunAnew, did } from '../work/works-slice';
import type { Naming } from '../worker/core-jobs';

/** The line of a working with what follows from it; null where none was found, or it cannot be worked. */
function lineOf({ start, factors }: Working): { readonly chain: Chain; readonly worked: WorkedChain } | null {
	if (!start) return null;
	const chain = { start, factors };
	const worked = workChain(chain);
	return worked.ok ? { chain, worked: worked.value } : null;
}

function answerText({ answer }: Working): string {
	return answer ? writtenQuantity(answer) : '';
}

/** What a working is held to: the exercise it was laid beside; by itself, from its start to the unit of its answer. */
function exerciseFor(view: DeskView, working: Working): BookExercise {
	const { exercise } = view;
	if (view.started && (view.wanted || goalOf(exercise) === null)) return exercise;
	const line = lineOf(working);
	const unit = working.answer?.unit || line?.worked.unit.text || '';
	return { ...exercise, ...(working.start ? { start: working.start } : {}), want: { unit }, rounding: 'figures' };
}

/** What is written on the way, each value beside what the line truly stands at there. */
function Claims({ working, worked }: { readonly working: Working; readonly worked: WorkedChain }) {
	const styles = useStyles();
	const { claims, answer, factors, first } = working;
	const rows = [
		...claims.map((claim, i) => ({
			after: claim.after,
			written: writtenQuantity(claim),
			fails: first?.what === 'claim' && first.at === i,
			name: claim.after < 0 ? 'the start, written again' : `after block ${claim.after + 1}`,
		})),
		...(answer
			? [
					{
						after: factors.length - 1,
						written: writtenQuantity(answer),
						fails: first?.what === 'answer',
						name: 'the answer',
					},
				]
			: []),
	];
	if (!rows.length) return null;
	return (
		<Box role="list" aria-label="What is written on the way" testID="claims">
			{rows.map(({ after, written, fails, name }) => (
				<Box key={`${name} ${written}`} role="listitem" style={[styles.claim, fails && styles.fails]}>
					<Words size="small" tone="soft">
						{name}
						{fails ? ' · first does not follow' : ''}
					</Words>
					<Words>
						written {written}; the line stands at {standsAt(worked, after) || '…'}
					</Words>
				</Box>
			))}
		</Box>
	);
}

type Beside = 'none' | 'mine' | 'key';

/** The working beside one's own line, or beside the worked one. */
function BesideOf({
	view,
	working,
	exercise,
}: {
	readonly view: DeskView;
	readonly working: Working;
	readonly exercise: BookExercise;
}) {
	const [beside, setBeside] = useState<Beside>('none');
	const dispatch = useAppDispatch();
	const line = lineOf(working);
	const solved = useMemo(() => (beside === 'key' ? solutionOf(exercise) : null), [beside, exercise]);
	if (!line) return null;
	const hasMine = view.blocks.length > 0;
	const key = solved?.ok && solved.value.chain ? { chain: solved.value.chain, answer: solved.value.answer } : null;
	const keyWorked = key && workChain(key.chain);
	const other =
		beside === 'mine'
			? { title: 'Your line', chain: view.chain, worked: view.shown, answer: answerOf(view.exercise, view.work) }
			: key && keyWorked?.ok
				? { title: 'The worked line', chain: key.chain, worked: keyWorked.value, answer: key.answer }
				: null;
	return (
		<>
			<Choices
				label="Lay it beside"
				choices={[
					{ value: 'none' as const, label: 'nothing' },
					...(hasMine ? [{ value: 'mine' as const, label: 'my line' }] : []),
					{ value: 'key' as const, label: 'the worked line' },
				]}
				chosen={beside}
				onChoose={(next) => {
					// That the worked line was shown is kept, as on the Desk.
					if (next === 'key' && !view.work.shown) dispatch(did(view.exercise.name, { do: 'show' }));
					setBeside(next);
				}}
				testID="beside"
			/>
			{beside !== 'none' && other ? (
				<LinesBeside
					mine={{ title: 'The working', ...line, answer: answerText(working) }}
					theirs={other}
					compared={compareLines(line.worked, other.worked)}
					calledMine="the working"
					called={beside === 'mine' ? 'your line' : 'the worked line'}
				/>
			) : null}
			{beside === 'key' && solved && !other ? (
				<Words>No worked line can be made for it: {solved.ok ? 'none is needed here' : solved.fault.message}</Words>
			) : null}
		</>
	);
}

/** The answer of a working, checked with its line: the four lines, and what may have happened. */
function Checked({ exercise, working }: { readonly exercise: BookExercise; readonly working: Working }) {
	const line = lineOf(working);
	const answer = answerText(working);
	const sent = useMemo(() => {
		const goal = goalOf(exercise);
		return line?.chain.factors.length ? { ...line.chain, ...(goal === null ? {} : { want: goal }) } : undefined;
	}, [line, exercise]);
	const judged = useMemo((): Outcome<ReturnType<typeof linesOf>> => {
		const made = judge(exercise, answer, sent);
		return made.ok ? { ok: true, value: linesOf(made.value) } : made;
	}, [exercise, answer, sent]);
	const [naming, setNaming] = useState<Naming | null>(null);
	const isRight = judged.ok && judged.value.right;
	useEffect(() => {
		let gone = false;
		if (!isRight)
			nameSent({ exercise, answer, line: sent }).then(
				(named) => gone || setNaming(named),
				() => {},
			);
		return () => {
			gone = true;
		};
	}, [isRight, exercise, answer, sent]);
	if (!judged.ok) return <Words tone="look">{judged.fault.message}</Words>;
	const [slip, other] = isRight ? [] : (naming?.slips ?? []);
	return (
		<>
			<FourLinesShown lines={judged.value} />
			{slip ? (
				<SlipShown slip={slip} other={other} isTold={VERDICT_LINES.some((one) => judged.value[one].why === slip.why)} />
			) : null}
		</>
	);
}

function linesOf({ lines }: Extract<ReturnType<typeof judge>, { ok: true }>['value']) {
	return lines;
}

/** What is done to lay a working on the Desk: its start, its blocks, its answer. */
function stepsOf(working: Working, exercise: BookExercise, isAlone: boolean): readonly SingleStep[] {
	const { start, factors } = working;
	const goal = goalOf(exercise);
	return [
		...(start && isAlone ? [{ do: 'start', start } as const] : []),
		...(goal !== null && isAlone ? [{ do: 'want', unit: goal } as const] : []),
		...factors.map((factor) => ({ do: 'place' as const, block: nanoid(8), factor })),
		...(working.answer ? [{ do: 'answer', text: answerText(working) } as const] : []),
	];
}

function WorkingOf({ view }: { readonly view: DeskView }) {
	const styles = useStyles();
	const router = useRouter();
	const dispatch = useAppDispatch();
	const { exercise: given, work } = view;
	const { name } = given;
	const [text, setText] = useState(work.working);
	const [checking, setChecking] = useState(false);
	const working = useMemo(() => readWorking(text), [text]);
	const exercise = useMemo(() => exerciseFor(view, working), [view, working]);
	const line = lineOf(working);
	const { first, unread } = working;
	const isAlone = isOwn(name) && !view.started;
	const onText = (next: string) => {
		setText(next);
		setChecking(false);
		dispatch(did(name, { do: 'paste', text: next }));
	};
	const toDesk = () => {
		// The line that stands there is kept beside it.
		if (view.blocks.length) dispatch(begunAnew(name));
		const started = isAlone || (isOwn(name) && view.blocks.length > 0);
		dispatch(did(name, { do: 'together', steps: [...stepsOf(working, exercise, started)] }));
		router.navigate(`/desk/${name}`);
	};
	const isEmpty = text.trim() === '';
	return (
		<Page
			title="A working"
			testID="working"
			tools={
				<>
					<Button label="Desk" icon={Back} onPress={() => router.navigate(`/desk/${name}`)} testID="to-desk" />
					<Box style={styles.grow}>
						<Button
							label="Open it on the Desk"
							kind="strong"
							disabled={!line || !working.factors.length}
							onPress={toDesk}
							testID="working-to-desk"
						/>
					</Box>
				</>
			}
		>
			{given.prompt ? <Words size="small">{given.prompt}</Words> : null}
			<Field
				label="The working, typed or pasted"
				named
				value={text}
				onChange={onText}
				lines={4}
				placeholder="5.5 ft × 12 in / 1 ft = 66 in"
				testID="working-text"
			/>
			{isEmpty ? (
				<Words size="small" tone="soft">
					Your own from paper, a friend’s, or a book’s: in one line or step by step, with the values on the way. LaTeX
					is read too.
				</Words>
			) : (
				<Words strong tone={first ? 'look' : 'ink'} role="status" aria-live="polite" testID="working-says">
					{sayFailing(working)}
				</Words>
			)}
			{line ? (
				<>
					<WorkedLine
						chain={line.chain}
						fails={first?.what === 'factor' ? (first.at ?? null) : null}
						testID="working-line"
					/>
					<Claims working={working} worked={line.worked} />
				</>
			) : null}
			{unread.length && !isEmpty ? (
				<Words size="small" tone="soft" testID="working-unread">
					Not read as part of the line: {unread.map(([from, to]) => `“${text.slice(from, to)}”`).join(', ')}.
				</Words>
			) : null}
			{line && working.factors.length ? (
				<>
					<BesideOf view={view} working={working} exercise={exercise} />
					<Box style={styles.row}>
						<Button
							label="Check its answer"
							disabled={!working.answer}
							on={checking}
							onPress={() => setChecking(true)}
							testID="working-check"
						/>
					</Box>
					{working.answer ? null : <Words size="small">It has no answer yet that could be checked.</Words>}
					{checking && working.answer ? <Checked exercise={exercise} working={working} /> : null}
				</>
			) : null}
		</Page>
	);
}

/** Somebody's written working: drawn as a line, with where it first fails, beside one's own or the worked one. */
export function WorkingScreen({ name = '' }: { readonly name?: string | undefined }) {
	return <WithExercise name={name}>{(view) => <WorkingOf key={name} view={view} />}</WithExercise>;
}

const useStyles = makeStyles((palette) => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	grow: { flexGrow: 1 },
	claim: { paddingVertical: GAP.xs, paddingHorizontal: GAP.s, borderRadius: 6 },
	fails: { backgroundColor: palette.lookWash, borderLeftWidth: 4, borderLeftColor: palette.look },
}));
