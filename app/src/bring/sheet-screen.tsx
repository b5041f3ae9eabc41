import type { Told } from '@tidy-sum/schema';
import { useRouter } from 'expo-router';
import { __iconData as Back } from 'lucide-react-native/icons/arrow-left';
import { useMemo, useState } from 'react';
import { NotHere } from '../places/not-here';
import { useAppDispatch, useAppSelector } from '../store/store';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Confirm } from '../ui/confirm';
import { Field } from '../ui/field';
import { Listed } from '../ui/listed';
import { Page } from '../ui/page';
import { Sockets } from '../ui/sockets';
import { Words } from '../ui/words';
import { toldIn } from '../work/handed';
import { SAYS_HOW_FAR, workNamed } from '../work/how-far';
import { piecesOfSheet, problemName, type Sheet, sheetOf, sheetTitle } from '../work/sheet';
import { sheetProgress } from '../work/sheet-progress';
import { socketOf } from '../work/socket-of';
import { did, erased, undid, type WorksState } from '../work/works-reducer';
import { HandOn } from './hand-on';
import { instructed } from './instructions';
import { ProblemRow } from './problem-row';
import { useTold } from './use-told';
import * as words from './words';

/** A problem as it was read: with the work on it, or from its text if nobody has worked on it. */
function toldOf(works: WorksState, name: string, read: Told | undefined): Told | undefined {
	const work = workNamed(works, name);
	return work && (work.told || work.start) ? toldIn(work) : read;
}

/** The problems of a sheet, each with how far it is; worked one after another. */
function Problems({ name, sheet }: { readonly name: string; readonly sheet: Sheet }) {
	const styles = useStyles();
	const router = useRouter();
	const dispatch = useAppDispatch();
	const works = useAppSelector((state) => state.works);
	const [renaming, setRenaming] = useState(false);
	const [removed, setRemoved] = useState(false);
	const { problems } = sheet;
	const read = useTold(useMemo(() => problems.filter(({ told }) => !told).map(({ text }) => text), [problems]));
	const said = useMemo(() => instructed(problems.map(({ text }) => text)), [problems]);
	const { states, right, begun, next } = sheetProgress(works, name, sheet);
	const open = (at: number) => router.navigate(`/desk/${problemName(name, problems[at]?.id ?? '')}`);
	const title = sheetTitle(sheet);
	return (
		<Page
			title={title}
			testID="sheet"
			tools={
				<>
					<Button
						label={words.back}
						say={words.toAllProblems}
						icon={Back}
						onPress={() => router.navigate('/problems' as '/')}
						testID="to-problems"
					/>
					<Button label={words.handIn} onPress={() => router.navigate(`/hand-in/${name}`)} testID="sheet-hand-in" />
					<Box style={styles.grow}>
						{next === undefined ? null : (
							<Button
								label={begun ? words.continueWith(problems[next]?.label ?? next + 1) : words.start}
								kind="strong"
								onPress={() => open(next)}
								testID="go-on"
							/>
						)}
					</Box>
				</>
			}
		>
			<Words role="status" testID="sheet-says">
				{words.problemsRightBegunStillTo(problems.length, right, begun - right, problems.length - begun)}
			</Words>
			<Box style={styles.row}>
				<Button label={words.rename} on={renaming} onPress={() => setRenaming(!renaming)} testID="sheet-rename" />
			</Box>
			{renaming ? (
				<Field
					label={words.theTitleOfTheSheet}
					named
					value={sheet.title}
					onChange={(text) => dispatch(did(name, { do: 'entitle', title: text.slice(0, 120) }))}
					placeholder={title}
					testID="sheet-title"
				/>
			) : null}
			{removed ? (
				<Box style={styles.row} role="status" aria-live="polite">
					<Words>{words.theProblemWasRemovedFrom}</Words>
					<Button
						label={words.bringItBack}
						onPress={() => {
							dispatch(undid(name));
							setRemoved(false);
						}}
						testID="problem-back"
					/>
				</Box>
			) : null}
			<Box role="list" testID="problems">
				{problems.map(({ id, label, text, told }, at) => {
					const state = states[at] ?? 'not-begun';
					const named = words.problem(label ?? at + 1);
					return (
						<Listed
							key={id}
							title={named}
							onOpen={() => open(at)}
							onUp={at > 0 ? () => dispatch(did(name, { do: 'arrange', what: id, to: at - 1 })) : undefined}
							onDown={
								at < problems.length - 1
									? () => dispatch(did(name, { do: 'arrange', what: id, to: at + 1 }))
									: undefined
							}
							onRemove={() => {
								dispatch(did(name, { do: 'leave', what: id }));
								setRemoved(true);
							}}
							testID={`problem-${at + 1}`}
						>
							<Box style={styles.head}>
								<Words strong>{label ?? at + 1}</Words>
								<Sockets states={[socketOf(state)]} says={SAYS_HOW_FAR[state]} />
								<Words size="small" tone="soft" aria-hidden>
									{SAYS_HOW_FAR[state]}
								</Words>
							</Box>
							<ProblemRow
								text={text}
								{...said[at]}
								told={toldOf(works, problemName(name, id), told ?? read.get(text))}
							/>
						</Listed>
					);
				})}
			</Box>
			<HandOn name={name} />
			<Confirm
				label={words.eraseThisSheet}
				say={words.hereAndOnEveryDevice}
				question={words.eraseTheSheetAndAllIts}
				yes={words.eraseItForGood}
				no={words.keepIt}
				onYes={() => {
					dispatch(erased(piecesOfSheet(works, name)));
					router.navigate('/problems' as '/');
				}}
				testID="erase-sheet"
			/>
		</Page>
	);
}

/** A sheet by its name: how far one is, its problems, and where to go on. */
export function SheetScreen({ name = '' }: { readonly name?: string | undefined }) {
	const body = useAppSelector(({ works }) => works.byId[works.open[name] ?? '']?.body);
	if (!body) return <NotHere why={words.thereIsNoSuchSheetOnThis} />;
	return <Problems name={name} sheet={sheetOf(body)} />;
}

const useStyles = makeStyles(() => ({
	head: { flexDirection: 'row', alignItems: 'center', gap: GAP.s },
	row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.s },
	grow: { flexGrow: 1 },
}));
