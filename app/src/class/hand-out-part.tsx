import type { HandedOut } from '@tidy-sum/schema/class';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { sayFailed } from '../store/desk-acts';
import { useAppSelector } from '../store/store';
import { useAllHere } from '../store/use-all-here';
import { newId } from '../sync/keys';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Choices } from '../ui/choices';
import { Confirm } from '../ui/confirm';
import { dayText } from '../ui/dates';
import { Notice } from '../ui/notice';
import { Part } from '../ui/part';
import { Words } from '../ui/words';
import { broughtIn, titleNamed } from '../work/brought';
import { handedOf } from '../work/handed';
import { isSheet } from '../work/sheet';
import { sheetNamed } from '../work/sheet-progress';
import type { WorksState } from '../work/works-reducer';
import type { ClassHere } from './use-class';
import * as words from './words';

/** The end of the day that comes after so many days, in the time of this device; null for none. */
export function dueAfter(days: number, now: Date): string | null {
	if (!days) return null;
	return new Date(now.getFullYear(), now.getMonth(), now.getDate() + days, 23, 59).toISOString();
}

/** The labels of problems on a sheet whose answers could not be checked, since nothing says what is wanted. */
function uncheckable(works: WorksState, sheet: string): readonly string[] {
	return sheetNamed(works, sheet).problems.flatMap(({ label, told }, i) =>
		told && told.want === null ? [label ?? `${i + 1}`] : [],
	);
}

/** A sheet that was handed out, with its end and the way to take it back. */
function Handed({ here: { server, askAgain }, set }: { readonly here: ClassHere; readonly set: HandedOut }) {
	const styles = useStyles();
	const [why, setWhy] = useState('');
	const takeBack = async () => {
		const answer = await server.takeBack(set.id);
		setWhy(answer.came === 'here' ? '' : sayFailed(answer));
		await askAgain();
	};
	return (
		<Box role="listitem" style={styles.item}>
			<Words strong>{set.title}</Words>
			<Words size="small">{words.handedSays(set.count, set.due && dayText(Date.parse(set.due)))}</Words>
			<Confirm
				label={words.takeItBack}
				say={set.title}
				question={words.takeItBackQuestion}
				yes={words.takeBack}
				no={words.keepIt}
				onYes={() => void takeBack()}
				testID={`take-back-${set.id}`}
			/>
			<Notice>{why}</Notice>
		</Box>
	);
}

/** Handing a sheet of this desk out to the class, and what was handed out. */
export function HandOutPart({ here }: { readonly here: ClassHere }) {
	const styles = useStyles();
	const router = useRouter();
	const works = useAppSelector((state) => state.works);
	useAllHere(isSheet);
	const sheets = useMemo(() => broughtIn(works).filter(isSheet), [works]);
	const [chosen, setSheet] = useState<string | null>(null);
	const [days, setDays] = useState<string>('7');
	const [says, setSays] = useState('');
	const sheet = chosen ?? sheets[0] ?? null;
	const doubtful = sheet === null ? [] : uncheckable(works, sheet);
	const handOut = async () => {
		if (sheet === null) return;
		const set = { ...handedOf(works, sheet), title: titleNamed(works, sheet).slice(0, 120) };
		const answer = await here.server.handOut(newId(), dueAfter(Number(days), new Date()), set);
		setSays(answer.came === 'here' ? words.handedOutNow : sayFailed(answer));
		await here.askAgain();
	};
	return (
		<Part title={words.handASheetOut} testID="hand-out" noPrint>
			{sheet === null ? (
				<>
					<Words>{words.bringASheetFirst}</Words>
					<Box style={styles.row}>
						<Button label={words.bringProblems} onPress={() => router.navigate('/bring')} testID="to-bring" />
					</Box>
				</>
			) : (
				<>
					<Choices
						label={words.whichSheet}
						choices={sheets.map((value) => ({ value, label: titleNamed(works, value) }))}
						chosen={sheet}
						layout="column"
						onChoose={setSheet}
						testID="hand-out-sheet"
					/>
					<Choices
						label={words.dueWhen}
						choices={words.DUE_CHOICES}
						chosen={days}
						onChoose={setDays}
						testID="hand-out-due"
					/>
					{doubtful.length ? <Notice>{words.cannotBeChecked(doubtful.join(', '))}</Notice> : null}
					<Box style={styles.row}>
						<Button label={words.handItOut} kind="strong" onPress={() => void handOut()} testID="hand-out-go" />
					</Box>
					<Words size="small" role="status" aria-live="polite" testID="hand-out-says">
						{says}
					</Words>
				</>
			)}
			{here.view?.handed.length ? (
				<Box role="list" aria-label={words.handedOut} style={styles.list} testID="class-handed">
					{here.view.handed.map((set) => (
						<Handed key={set.id} here={here} set={set} />
					))}
				</Box>
			) : null}
		</Part>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	list: { gap: GAP.m },
	item: { gap: GAP.xs, alignItems: 'flex-start' },
}));
