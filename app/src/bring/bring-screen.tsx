import { nanoid } from '@reduxjs/toolkit';
import { type SingleStep, TEXT_LIMIT } from '@tidy-sum/schema';
import { useRouter } from 'expo-router';
import { __iconData as Back } from 'lucide-react-native/icons/arrow-left';
import { __iconData as Redo } from 'lucide-react-native/icons/redo-2';
import { __iconData as Undo } from 'lucide-react-native/icons/undo-2';
import { useCallback, useMemo, useState } from 'react';
import { PagesDraft } from '../picture/pages-draft';
import { usePages } from '../picture/use-pages';
import { useAppDispatch, useAppSelector } from '../store/store';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Choices } from '../ui/choices';
import { FileButton } from '../ui/file-button';
import { Notice } from '../ui/notice';
import { Page } from '../ui/page';
import { useRoom } from '../ui/use-room';
import { Words } from '../ui/words';
import { ownName } from '../work/exercises';
import { layStep } from '../work/handed';
import { canRedo, canUndo } from '../work/history';
import { BROUGHT, DRAFT } from '../work/list-names';
import { sheetName, sheetNameOf } from '../work/sheet';
import { did, redid, renamed, undid } from '../work/works-reducer';
import type { Brought } from '../worker/core-jobs';
import { FileDraft, keptOf } from './file-draft';
import { FromLink } from './from-link';
import { HandOn } from './hand-on';
import { MarkedField } from './marked-field';
import { PageDraft } from './page-draft';
import { ProblemDraft } from './problem-draft';
import { takeIn } from './take-in';
import { MARKED_LIMIT, questionOf, type Token, tokensOf } from './tokens';
import { useBrought } from './use-brought';
import { useBroughtBack } from './use-brought-back';
import { useChosen } from './use-chosen';
import { READ_FILES, useFile } from './use-file';
import { useShared } from './use-shared';
import * as words from './words';

const NO_TOKENS: readonly Token[] = [];

/** What a text is taken for. */
type Kind = 'problem' | 'page' | 'working';

/** What a text is most likely, by what was read of it. */
function likely(brought: Brought | null): Kind {
	if (brought?.isWorking) return 'working';
	return brought && brought.problems.length > 1 ? 'page' : 'problem';
}

function kindsOf(brought: Brought | null) {
	const count = brought?.problems.length ?? 0;
	return [
		{ value: 'problem' as const, label: words.oneProblem },
		...(count > 1 ? [{ value: 'page' as const, label: words.aSheetOf(count) }] : []),
		{ value: 'working' as const, label: words.aWrittenWorking },
	];
}

/** A text that is brought, until it is worked; or a student's own problem, whose text is changed here. */
function Bring({ name }: { readonly name: string }) {
	const styles = useStyles();
	const router = useRouter();
	const dispatch = useAppDispatch();
	const { wide } = useRoom();
	const { text, turn, onText, putText, settle: keepText, work, brought, isTooLong } = useBrought(name);
	const body = useAppSelector(({ works }) => works.byId[works.open[name] ?? '']?.body);
	const sheet = useAppSelector(({ works }) => sheetNameOf(works, name));
	const [chosenKind, setKind] = useState<{ readonly of: string; readonly kind: Kind } | null>(null);
	const isDraft = name === DRAFT;
	const isEmpty = text.trim() === '';
	const kind: Kind = !isDraft ? 'problem' : chosenKind && chosenKind.of === text ? chosenKind.kind : likely(brought);
	const page = useBroughtBack(brought, text);
	const isKept = text === work.text;
	const isMarked = kind === 'problem' && text.length <= MARKED_LIMIT;
	const tokens = useMemo(() => (isMarked ? tokensOf(work) : NO_TOKENS), [work, isMarked]);
	const { chosen, choose, onTouch } = useChosen(tokens, work.text);
	const onDo = useCallback(
		(...steps: readonly SingleStep[]) => {
			const [only] = steps;
			keepText();
			if (only) dispatch(did(name, steps.length === 1 ? only : { do: 'together', steps: [...steps] }));
		},
		[dispatch, name, keepText],
	);
	/** A draft becomes a problem, a sheet or a working of its own. */
	const settle = (as: string) => {
		keepText();
		if (isDraft) {
			dispatch(renamed({ from: DRAFT, as }));
			dispatch(did(BROUGHT, { do: 'bring', what: as }));
		}
		return isDraft ? as : name;
	};
	const toLine = () => router.navigate(`/desk/${settle(ownName(nanoid(10)))}`);
	const toSheet = () => {
		const as = sheetName(nanoid(10));
		dispatch(renamed({ from: DRAFT, as }));
		dispatch(did(as, layStep(page.problems)));
		if (brought?.title) dispatch(did(as, { do: 'entitle', title: brought.title }));
		dispatch(did(BROUGHT, { do: 'bring', what: as }));
		router.navigate(`/sheet/${as}` as '/');
	};
	const toWorking = () => {
		const as = ownName(nanoid(10));
		dispatch(did(as, { do: 'paste', text }));
		dispatch(did(BROUGHT, { do: 'bring', what: as }));
		dispatch(did(DRAFT, { do: 'pose', text: '' }));
		router.navigate(`/working/${as}` as '/');
	};
	const pages = usePages(text, putText);
	const file = useFile(putText, pages.take);
	useShared(putText);
	const onFiles = (files: readonly File[]) => void file.take(files);
	// Nothing is worked from a number that was hard to read before it was looked at.
	const isLookedAt = pages.doubts.length === 0 && pages.soFar === null;
	const isWhole = questionOf(work) === null && isKept && isLookedAt;
	const go = file.brought ? (
		<Button
			label={file.brought.handed.problems.length > 1 ? words.keepAsASheet : words.keepIt}
			kind="strong"
			onPress={() => file.brought && router.navigate(takeIn(dispatch, keptOf(file.brought)) as '/')}
			testID="file-keep"
		/>
	) : kind === 'page' ? (
		<Button label={words.keepAsASheet} kind="strong" disabled={!isLookedAt} onPress={toSheet} testID="to-sheet" />
	) : kind === 'working' ? (
		<Button
			label={words.lookAtTheWorking}
			kind="strong"
			disabled={isEmpty || !isLookedAt}
			onPress={toWorking}
			testID="to-working"
		/>
	) : (
		<Button label={words.toTheLine} kind="strong" disabled={!isWhole} onPress={toLine} testID="own-done" />
	);
	const choice =
		isDraft && !isEmpty && brought ? (
			<Choices
				label={words.thisIs}
				choices={kindsOf(brought)}
				chosen={kind}
				onChoose={(next) => setKind({ of: text, kind: next })}
				testID="bring-kind"
			/>
		) : null;
	return (
		<Page
			title={isDraft ? words.bringAProblem : words.changeTheProblem}
			testID="bring"
			tools={
				<>
					<Button
						kind="tool"
						label={words.back}
						say={sheet ? words.toTheSheet : isDraft ? words.toAllProblems : words.toTheDesk}
						icon={Back}
						onPress={() =>
							router.navigate((sheet ? `/sheet/${sheet}` : isDraft ? '/problems' : `/desk/${name}`) as '/')
						}
						testID="to-desk"
					/>
					<Button
						kind="tool"
						label={words.undo}
						icon={Undo}
						disabled={!body || !canUndo(body)}
						onPress={() => dispatch(undid(name))}
						testID="undo"
					/>
					<Button
						kind="tool"
						label={words.redo}
						icon={Redo}
						disabled={!body || !canRedo(body)}
						onPress={() => dispatch(redid(name))}
						testID="redo"
					/>
					<Box style={styles.grow}>{go}</Box>
				</>
			}
		>
			<FromLink onTake={(handed) => router.navigate(takeIn(dispatch, handed) as '/')} />
			<MarkedField
				text={text}
				turn={turn}
				onText={onText}
				onFiles={onFiles}
				tokens={tokens}
				read={work.text}
				low={kind === 'page' || text.length > MARKED_LIMIT}
				onTouch={onTouch}
			/>
			<PagesDraft pages={pages} text={text} onText={putText} />
			{file.said ? <Notice testID="file-notice">{file.said}</Notice> : null}
			{file.brought ? <FileDraft brought={file.brought} onLeave={file.leave} /> : null}
			{isTooLong ? (
				<Notice testID="too-long">{words.thisTextHasCharactersAndIs(text.length, TEXT_LIMIT)}</Notice>
			) : null}
			{isEmpty && isDraft && !pages.soFar ? (
				<>
					<Words size="small" tone="soft">
						{words.typeOrPasteItAsItIsOnYour}
					</Words>
					<Box style={styles.files}>
						<FileButton
							label={words.aPhoto}
							say={words.ofTheProblem}
							accept="image/*"
							onFiles={onFiles}
							camera
							testID="bring-photo"
						/>
						<FileButton
							label={words.aPictureOrFile}
							say={words.fromThisDeviceATextOr}
							accept={READ_FILES}
							onFiles={onFiles}
							testID="bring-file"
						/>
					</Box>
					<Words size="small" tone="soft">
						{words.handwritingIsNotRead}
					</Words>
				</>
			) : null}
			{kind === 'problem' ? null : choice}
			{kind === 'page' ? <PageDraft {...page} /> : null}
			{kind === 'problem' ? (
				<ProblemDraft
					name={name}
					work={work}
					tokens={tokens}
					chosen={chosen}
					onChoose={choose}
					onDo={onDo}
					wide={wide}
				/>
			) : null}
			{kind === 'problem' ? choice : null}
			{isDraft ? null : <HandOn name={name} />}
			{kind === 'problem' && text.length > MARKED_LIMIT ? (
				<Words size="small" tone="soft">
					{words.onlyTheFirstCharactersOf(MARKED_LIMIT)}
				</Words>
			) : null}
		</Page>
	);
}

/** Bring a problem: typed or pasted, read as one types, mended by touch, and taken to the line. */
export function BringScreen({ name = DRAFT }: { readonly name?: string | undefined }) {
	return <Bring key={name} name={name} />;
}

const useStyles = makeStyles(() => ({
	grow: { flexGrow: 1 },
	files: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
}));
