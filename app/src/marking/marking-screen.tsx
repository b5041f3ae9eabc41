import { fileName } from '@tidy-sum/exchange/form-rows';
import { useRouter } from 'expo-router';
import { __iconData as Back } from 'lucide-react-native/icons/arrow-left';
import { useMemo, useState } from 'react';
import type { TakeForm } from '../taking/take-form';
import { TakeWith } from '../taking/take-with';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Choices } from '../ui/choices';
import { Field } from '../ui/field';
import { FileButton } from '../ui/file-button';
import { IntoView } from '../ui/into-view';
import { Notice } from '../ui/notice';
import { Page } from '../ui/page';
import { Words } from '../ui/words';
import type { MarkedWhole, SetFrom } from '../worker/form-jobs';
import { ReportView } from './report-view';
import { useMarking } from './use-marking';
import * as words from './words';

const FROM: readonly { readonly value: SetFrom['from']; readonly label: string }[] = [
	{ value: 'file', label: words.aFile },
	{ value: 'round', label: words.aRound },
	{ value: 'book', label: words.theBook },
];

const EXERCISES = '.csv,.json,.zip,.xml,text/csv,application/json,application/zip';
const ANSWERS = '.csv,.txt,text/csv,text/plain';

async function bytesOf(file: File): Promise<Uint8Array> {
	return new Uint8Array(await file.arrayBuffer());
}

/** What is taken along of marked answers. */
function formsOf({ report, csv, html }: MarkedWhole): readonly TakeForm[] {
	const form = (
		name: string,
		label: string,
		says: string,
		content: string,
		extension: string,
		type: string,
	): TakeForm => ({
		name,
		label,
		says,
		make: async () => ({ content, name: fileName(words.marked(report.title), extension), type, says: [] }),
	});
	return [
		form('marked', words.theMarkedAnswers, words.csvWithTheFourChecksThe, csv, 'csv', 'text/csv'),
		form('report', words.theReport, words.aPageToPrint, html, 'html', 'text/html'),
	];
}

/** The set that was chosen; null where something of it is still missing. */
function chosenSet(from: SetFrom['from'], file: Uint8Array | null, code: string): SetFrom | null {
	if (from === 'book') return { from };
	if (from === 'round') return code.trim() === '' ? null : { from, code };
	return file && { from, bytes: file };
}

type Given = { readonly name: string; readonly bytes: Uint8Array };

/** Marks the answers of a class: two files in, the report and the marked answers out. */
export function MarkingScreen() {
	const styles = useStyles();
	const router = useRouter();
	const [from, setFrom] = useState<SetFrom['from']>('file');
	const [set, setSet] = useState<Given | null>(null);
	const [code, setCode] = useState('');
	const [answers, setAnswers] = useState<Given | null>(null);
	const [points, setPoints] = useState('');
	const { state, start, stop } = useMarking();
	const exercises = chosenSet(from, set?.bytes ?? null, code);
	const running = state.is === 'running';
	const whole = state.is === 'done' ? state.whole : null;
	const forms = useMemo(() => (whole ? formsOf(whole) : []), [whole]);
	const take = (give: (given: Given) => void) => async (file: File) =>
		give({ name: file.name, bytes: await bytesOf(file) });
	const begin = () => {
		if (exercises && answers) void start(exercises, answers.bytes, points);
	};
	const came =
		state.is === 'done' ? (
			<Box style={styles.came} testID="marking-came">
				<IntoView toTop>
					<Words strong size="title" role="heading" aria-level={2}>
						{words.theResult}
					</Words>
				</IntoView>
				{state.stopped ? <Words>{words.stoppedHereIsWhatWasMarked}</Words> : null}
				<ReportView report={state.whole.report} />
				<TakeWith forms={forms} />
			</Box>
		) : undefined;
	return (
		<Page
			title={words.markAClasssAnswers}
			testID="marking"
			beside={came}
			tools={
				<>
					<Button label={words.rounds} icon={Back} onPress={() => router.navigate('/rounds')} testID="to-rounds" />
					<Box style={styles.grow}>
						{running ? (
							<Button
								label={words.stop}
								say={words.keepWhatIsMarked}
								kind="strong"
								onPress={stop}
								testID="marking-stop"
							/>
						) : (
							<Button
								label={words.markThem}
								kind="strong"
								disabled={!exercises || !answers}
								onPress={begin}
								testID="marking-start"
							/>
						)}
					</Box>
				</>
			}
		>
			<Words size="small" tone="soft">
				{words.youNeedTheExercisesAndACsv}
			</Words>
			<Choices
				label={words.whereAreTheExercises}
				choices={FROM}
				chosen={from}
				onChoose={setFrom}
				testID="marking-from"
			/>
			{from === 'file' ? (
				<Box style={styles.row}>
					<FileButton
						label={words.fileOfExercises}
						say={words.csvJsonOrQti}
						accept={EXERCISES}
						onFile={(file) => void take(setSet)(file)}
						testID="marking-set"
					/>
					<Words size="small" role="status" aria-live="polite" testID="marking-set-name">
						{set?.name ?? ''}
					</Words>
				</Box>
			) : null}
			{from === 'round' ? (
				<Field
					label={words.codeOfTheRound}
					named
					value={code}
					onChange={setCode}
					placeholder={words.k7mAe}
					testID="marking-code"
				/>
			) : null}
			<Box style={styles.row}>
				<FileButton
					label={words.fileOfAnswers}
					say={words.csv}
					accept={ANSWERS}
					onFile={(file) => void take(setAnswers)(file)}
					testID="marking-answers"
				/>
				<Words size="small" role="status" aria-live="polite" testID="marking-answers-name">
					{answers?.name ?? ''}
				</Words>
			</Box>
			<Field
				label={words.pointsForEachLineOptional}
				named
				value={points}
				onChange={setPoints}
				placeholder={words.valueUnit}
				testID="marking-points"
			/>
			<Words size="small" tone="soft">
				{words.forExampleLineValueFigures}
			</Words>
			{running ? (
				<Words role="status" aria-live="polite" testID="marking-progress">
					{state.of ? words.ofMarked(state.done, state.of) : words.readingTheFiles}
				</Words>
			) : null}
			{state.is === 'fault' ? <Notice testID="marking-fault">{state.message}</Notice> : null}
		</Page>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.s },
	grow: { flexGrow: 1 },
	came: { gap: GAP.l },
}));
