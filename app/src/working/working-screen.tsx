import { nanoid } from '@reduxjs/toolkit';
import { type BookExercise, goalOf } from '@tidy-sum/core';
import { readWorking, sayFailing, WORKING_LIMIT, type Working } from '@tidy-sum/core/problem';
import { type SingleStep, TEXT_LIMIT } from '@tidy-sum/schema';
import { useRouter } from 'expo-router';
import { __iconData as Back } from 'lucide-react-native/icons/arrow-left';
import { useMemo, useState } from 'react';
import { WorkedLine } from '../line/worked-line';
import { useAppDispatch } from '../store/store';
import { WithExercise } from '../store/with-exercise';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import { Notice } from '../ui/notice';
import { Page } from '../ui/page';
import { Words } from '../ui/words';
import type { DeskView } from '../work/desk-view';
import { isOwn } from '../work/exercises';
import { begunAnew, did } from '../work/works-reducer';
import { Claims } from './claims';
import { answerText, lineOf } from './line-of-working';
import * as words from './words';
import { WorkingBeside } from './working-beside';
import { WorkingChecked } from './working-checked';

/** What a working is held to: the exercise it was laid beside; by itself, from its start to the unit of its answer. */
function exerciseFor(view: DeskView, working: Working): BookExercise {
	const { exercise } = view;
	if (view.started && (view.wanted || goalOf(exercise) === null)) return exercise;
	const line = lineOf(working);
	const unit = working.answer?.unit || line?.worked.unit.text || '';
	return { ...exercise, ...(working.start ? { start: working.start } : {}), want: { unit }, rounding: 'figures' };
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
		// What is longer stays in the field, and its beginning is read.
		if (next.length <= TEXT_LIMIT) dispatch(did(name, { do: 'paste', text: next }));
	};
	const toDesk = () => {
		// The line that stands there is kept beside it.
		if (view.blocks.length) dispatch(begunAnew(name));
		dispatch(did(name, { do: 'together', steps: [...stepsOf(working, exercise, isAlone)] }));
		router.navigate(`/desk/${name}`);
	};
	const isEmpty = text.trim() === '';
	return (
		<Page
			title={words.aWorking}
			testID="working"
			tools={
				<>
					<Button label={words.desk} icon={Back} onPress={() => router.navigate(`/desk/${name}`)} testID="to-desk" />
					<Box style={styles.grow}>
						<Button
							label={words.openItOnTheDesk}
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
				label={words.theWorkingTypedOrPasted}
				named
				value={text}
				onChange={onText}
				lines={4}
				placeholder={words.ftInFtIn}
				testID="working-text"
			/>
			{isEmpty ? (
				<Words size="small" tone="soft">
					{words.yourOwnFromPaperAFriendsOr}
				</Words>
			) : (
				<Words strong tone={first ? 'look' : 'ink'} role="status" aria-live="polite" testID="working-says">
					{sayFailing(working)}
				</Words>
			)}
			{text.length > WORKING_LIMIT ? <Notice>{words.onlyTheFirstCharactersOfA(WORKING_LIMIT)}</Notice> : null}
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
					{words.notReadAsPartOfTheLine(unread.map(([from, to]) => `“${text.slice(from, to)}”`).join(', '))}
				</Words>
			) : null}
			{line && working.factors.length ? (
				<>
					<WorkingBeside view={view} working={working} exercise={exercise} />
					<Box style={styles.row}>
						<Button
							label={words.checkItsAnswer}
							disabled={!working.answer}
							on={checking}
							onPress={() => setChecking(true)}
							testID="working-check"
						/>
					</Box>
					{working.answer ? null : <Words size="small">{words.itHasNoAnswerToCheckYet}</Words>}
					{checking && working.answer ? <WorkingChecked exercise={exercise} working={working} /> : null}
				</>
			) : null}
		</Page>
	);
}

/** Somebody's written working: drawn as a line, with where it first fails, beside one's own or the worked one. */
export function WorkingScreen({ name = '' }: { readonly name?: string | undefined }) {
	return <WithExercise name={name}>{(view) => <WorkingOf key={name} view={view} />}</WithExercise>;
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	grow: { flexGrow: 1 },
}));
