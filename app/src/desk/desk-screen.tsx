import { nanoid } from '@reduxjs/toolkit';
import { addingStep, BOOK, type BookExercise, type Fact, type Factor } from '@tidy-sum/core';
import type { Step } from '@tidy-sum/schema';
import { useRouter } from 'expo-router';
import Bulb from 'lucide-react-native/icons/lightbulb';
import { type ReactNode, useCallback, useEffect, useRef } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { madeRound, placeInRound, shownCode } from '../rounds/made-rounds';
import { useAppDispatch, useAppSelector } from '../store/store';
import { GAP, SHORT_UNDER, WIDE_FROM } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { afterPaint } from '../ui/after-paint';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { later } from '../ui/later';
import { Words } from '../ui/words';
import type { Arrive } from './arriving';
import { Balance } from './balance';
import { checkWork } from './check-work';
import { closed, type Panel, showed } from './desk-slice';
import { KeptWhere } from './kept-where';
import { Line } from './line';
import { Numbers } from './numbers';
import { AnswerPanel } from './panels/answer-panel';
import { BlockPanel } from './panels/block-panel';
import { BookPanel } from './panels/book-panel';
import { FactsPanel } from './panels/facts-panel';
import { PlacesPanel } from './panels/places-panel';
import { StartPanel } from './panels/start-panel';
import type { Taken } from './panels/take-panel';
import { VerdictPanel } from './panels/verdict-panel';
import { Problem } from './problem';
import { Rehearsal } from './rehearsal';
import { SHELF } from './shelf';
import { useShortcuts } from './shortcuts';
import { Tools } from './tools';
import { useDesk, useShelf } from './use-desk';
import { useInView } from './use-in-view';
import { firstUnit, hint, mayAdd, nextBlock, panelFor } from './what-next';
import { isOwn, mustPlace, needsLine, ownName, wantOf } from './work';
import { begunAnew, did, opened, redid, swapped, undid } from './works-slice';

const panels = () => import('./panels/later');
const BesidePanel = later(async () => (await panels()).BesidePanel);
const CalculatorPanel = later(async () => (await panels()).CalculatorPanel);
const KeysPanel = later(async () => (await panels()).KeysPanel);
const MorePanel = later(async () => (await panels()).MorePanel);
const NudgePanel = later(async () => (await panels()).NudgePanel);
const OwnPanel = later(async () => (await panels()).OwnPanel);
const TakePanel = later(async () => (await panels()).TakePanel);

/** How long after the start the scripts needed later are fetched, so that they are there without a network. */
const FETCH_AFTER_MS = 3000;

const NOTHING = { number: '', unit: '' };

/** The Desk: one exercise, worked from the problem to the checked answer. */
export function DeskScreen({ name }: { readonly name: string | undefined }) {
	const styles = useStyles();
	const room = useWindowDimensions();
	const wide = room.width >= WIDE_FROM;
	const short = !wide && room.height < SHORT_UNDER;
	const dispatch = useAppDispatch();
	const router = useRouter();
	const view = useDesk(name);
	const shelf = useShelf();
	const chosen = useAppSelector((state) => state.desk.panel);
	const { exercise } = view;
	const panel = panelFor(chosen, view, wide);

	useEffect(() => {
		dispatch(opened(exercise.name));
		dispatch(closed());
	}, [dispatch, exercise.name]);
	useEffect(() => {
		const timer = setTimeout(() => void panels().catch(() => {}), FETCH_AFTER_MS);
		return () => clearTimeout(timer);
	}, []);

	const onNumbers = panel.kind === 'answer' || panel.kind === 'verdict';
	const tall = onNumbers || panel.kind === 'own' || panel.kind === 'calculator' || panel.kind === 'beside';
	const { scroll, onEnd, onRoom } = useInView(
		onNumbers || (short && panel.kind !== 'none') ? 'end' : 'line',
		`${panel.kind}${view.blocks.length}`,
	);

	const show = useCallback((next: Panel) => dispatch(showed(next)), [dispatch]);
	const close = useCallback(() => dispatch(closed()), [dispatch]);
	const onDo = useCallback(
		(...steps: readonly Step[]) => {
			const [only] = steps;
			if (!only) return;
			const singles = steps.flatMap((step) => (step.do === 'together' ? step.steps : [step]));
			dispatch(did(exercise.name, steps.length === 1 ? only : { do: 'together', steps: singles }));
		},
		[dispatch, exercise.name],
	);
	const onUnit = useCallback((unit: string) => show({ kind: 'facts', unit }), [show]);
	const onBlock = useCallback((id: string) => show({ kind: 'block', id }), [show]);
	const onStart = useCallback(() => show({ kind: 'start' }), [show]);
	const onQuantity = useCallback((from: number) => show({ kind: 'places', from }), [show]);
	const onOwnProblem = useCallback(() => show({ kind: 'own' }), [show]);
	const arriving = useRef<Arrive>(null);
	const onPlace = useCallback(
		(factor: Factor) => {
			const block = nanoid(8);
			arriving.current?.(factor);
			afterPaint(() => {
				dispatch(did(exercise.name, { do: 'place', block, factor }));
				afterPaint(() => show({ kind: 'block', id: block }));
			});
		},
		[dispatch, exercise.name, show],
	);
	const onWriteBlock = useCallback(
		(factor: Factor) => {
			const block = nanoid(8);
			dispatch(did(exercise.name, { do: 'place', block, factor }));
			show({ kind: 'block', id: block, writing: true });
		},
		[dispatch, exercise.name, show],
	);
	const onWrite = useCallback(() => onWriteBlock({ top: NOTHING, bottom: NOTHING }), [onWriteBlock]);
	const onAddStep = useCallback(() => onWriteBlock(addingStep('')), [onWriteBlock]);
	const onShelf = useCallback((step: Step) => dispatch(did(SHELF, step)), [dispatch]);
	const onKeep = useCallback((fact: Fact) => onShelf({ do: 'keep', id: nanoid(8), fact }), [onShelf]);
	const onZeros = useCallback((figures: number) => onDo({ do: 'zeros', block: null, figures }), [onDo]);
	const onCalculator = useCallback(() => show({ kind: 'calculator' }), [show]);
	const onAnswer = () => show({ kind: 'answer' });
	const since = useRef(0);
	// biome-ignore lint/correctness/useExhaustiveDependencies: the time starts anew with each exercise.
	useEffect(() => {
		since.current = Date.now();
	}, [exercise.name]);
	const onCheck = () => {
		void dispatch(checkWork(exercise.name, since.current));
		since.current = Date.now();
		show({ kind: 'verdict' });
	};
	const onNudge = useCallback(() => show({ kind: 'nudge' }), [show]);
	// What is typed there may already be enough to begin; the panel stays until it is left.
	const onOwnDo = useCallback(
		(...steps: readonly Step[]) => {
			onOwnProblem();
			onDo(...steps);
		},
		[onDo, onOwnProblem],
	);
	const half = panel.kind === 'own' ? (panel.half ?? '') : '';
	const onTold = useCallback(() => onDo({ do: 'nudge', steps: 1 }), [onDo]);
	const onAnew = () => {
		dispatch(begunAnew(exercise.name));
		close();
	};
	const open = (other: string) => router.navigate(`/desk/${other}`);
	const onOwn = () => open(ownName(nanoid(10)));
	const onHandIn = () => router.navigate(`/hand-in/${exercise.name}`);
	const onTakeStart = ({ quantity, figures }: Taken) => {
		const next = ownName(nanoid(10));
		dispatch(did(next, { do: 'start', start: quantity, ...(figures === null ? {} : { figures }) }));
		open(next);
	};
	const openBlock = panel.kind === 'block' ? panel.id : null;
	const blockAt = view.blocks.findIndex(({ id }) => id === openBlock);
	useShortcuts({
		undo: () => dispatch(undid(exercise.name)),
		redo: () => dispatch(redid(exercise.name)),
		facts: () => view.started && show({ kind: 'facts', unit: firstUnit(view) }),
		search: () => view.started && show({ kind: 'facts', unit: '' }),
		write: () => view.started && onWrite(),
		answer: () => show({ kind: view.verdict ? 'verdict' : 'answer' }),
		check: () => show({ kind: 'answer' }),
		exercises: () => show({ kind: 'book' }),
		nudge: onNudge,
		keys: () => show({ kind: 'keys' }),
		calculator: onCalculator,
		more: () => show({ kind: 'more' }),
		places: () => (isOwn(exercise.name) ? onOwnProblem() : mustPlace(exercise) && show({ kind: 'places' })),
		close,
		walk: (by) => {
			const next = nextBlock(view, openBlock, by);
			if (next) onBlock(next);
		},
		turn: () =>
			openBlock ? onDo({ do: 'turn', block: openBlock }) : panel.kind === 'start' && onDo({ do: 'turnStart' }),
		remove: () => openBlock && onDo({ do: 'remove', block: openBlock }),
		move: (by) => openBlock && blockAt + by >= 0 && onDo({ do: 'move', block: openBlock, to: blockAt + by }),
		raise: () => {
			const power = view.blocks[blockAt]?.factor.power ?? 1;
			if (openBlock) onDo({ do: 'raise', block: openBlock, power: (power % 3) + 1 });
		},
	});
	const at = BOOK.findIndex((other) => other.name === exercise.name);
	const inRound = placeInRound(exercise.name);
	const round = inRound && madeRound(inRound.code);
	const following = round ? round.exercises[(inRound?.place ?? 0) + 1] : (BOOK[(at + 1) % BOOK.length] as BookExercise);
	const onNext = () => (following ? open(following.name) : router.navigate(`/round/${inRound?.code}`));
	const shut = wide ? {} : { onClose: close };
	const touched = panel.kind === 'facts' && panel.unit && !(wide && chosen.kind === 'none') ? panel.unit : null;
	// What must be done first has nothing to close to.
	const leave = chosen.kind === 'none' ? {} : { onClose: close };

	const shownPanel = ((): ReactNode => {
		switch (panel.kind) {
			case 'facts':
				return (
					<FactsPanel
						key={panel.unit}
						from={view.facts}
						unit={panel.unit}
						onPlace={onPlace}
						onWrite={onWrite}
						onAdd={mayAdd(view) ? onAddStep : null}
						onKeep={onKeep}
						{...shut}
					/>
				);
			case 'block':
				return (
					<BlockPanel
						key={panel.id}
						view={view}
						index={blockAt}
						writing={panel.writing ?? false}
						onDo={onDo}
						onRemove={() => {
							onDo({ do: 'remove', block: panel.id });
							close();
						}}
						onClose={close}
					/>
				);
			case 'start':
				return (
					<StartPanel
						view={view}
						onTurn={() => onDo({ do: 'turnStart' })}
						onZeros={onZeros}
						onOther={isOwn(exercise.name) ? onOwnProblem : mustPlace(exercise) ? () => show({ kind: 'places' }) : null}
						onClose={close}
					/>
				);
			case 'places':
				return (
					<PlacesPanel
						key={panel.from ?? -1}
						view={view}
						from={panel.from}
						onDo={onDo}
						onFact={(text) => show({ kind: 'own', half: text })}
						onStay={() => show({ kind: 'places' })}
						onDone={close}
						{...leave}
					/>
				);
			case 'own':
				return (
					<OwnPanel
						key={exercise.name}
						view={view}
						half={half}
						onDo={onOwnDo}
						onClose={close}
						ready={view.started && view.wanted}
					/>
				);
			case 'answer':
				return (
					<AnswerPanel
						view={view}
						wide={wide}
						onWrite={(text) => onDo({ do: 'answer', text })}
						onCheck={onCheck}
						{...shut}
					/>
				);
			case 'verdict':
				return (
					<VerdictPanel
						view={view}
						onAnswer={onAnswer}
						onBlock={(index) => onBlock(view.blocks[index]?.id ?? '')}
						onShow={() => onDo({ do: 'show' })}
						onNext={onNext}
						next={following ? 'Next exercise' : 'How the Round went'}
						onPanel={(kind) => show({ kind })}
						onHandIn={onHandIn}
						{...shut}
					/>
				);
			case 'nudge':
				return <NudgePanel view={view} onTold={onTold} onClose={close} />;
			case 'keys':
				return <KeysPanel onClose={close} />;
			case 'book':
				return (
					<BookPanel
						current={exercise.name}
						round={inRound?.code ?? null}
						onRounds={(code) => router.navigate(code ? `/round/${code}` : '/rounds')}
						onOpen={open}
						onOwn={onOwn}
						onClose={close}
					/>
				);
			case 'more':
				return (
					<MorePanel
						shelf={shelf}
						onShelf={onShelf}
						onPanel={show}
						onHandIn={onHandIn}
						onPart={(part) => router.navigate(`/shelf/${part}`)}
						onAnew={onAnew}
						onOwn={onOwn}
						onClose={close}
					/>
				);
			case 'calculator':
				return <CalculatorPanel view={view} wide={wide} onClose={close} />;
			case 'beside':
				return (
					<BesidePanel
						view={view}
						onShow={() => onDo({ do: 'show' })}
						onAnew={onAnew}
						onSwap={(id) => dispatch(swapped({ exercise: exercise.name, id }))}
						onClose={close}
					/>
				);
			case 'take':
				return <TakePanel view={view} onStart={onTakeStart} onFact={onKeep} onClose={close} />;
			case 'none':
				return null;
		}
	})();

	const tools = (
		<Tools
			exercise={exercise.name}
			canUndo={view.canUndo}
			canRedo={view.canRedo}
			open={panel.kind}
			checked={view.verdict !== null}
			first={firstUnit(view)}
			started={view.started}
		/>
	);
	const lineless = !needsLine(exercise);
	const balance = lineless ? null : <Balance view={view} touched={touched} onUnit={onUnit} brief={!wide && tall} />;
	const helpRow = (
		<Box style={styles.hint}>
			<Box style={styles.hintWords}>
				<Words tone="pine" strong testID="hint">
					{hint(view, wide)}
				</Words>
			</Box>
			<Button label="Nudge" icon={Bulb} onPress={onNudge} testID="nudge-open" />
			{wide ? (
				<Button label="Keys" say="of the keyboard" onPress={() => show({ kind: 'keys' })} testID="keys-open" />
			) : null}
		</Box>
	);
	const work = (
		<>
			<Problem
				exercise={exercise}
				placed={view.work.placed}
				want={wantOf(exercise, view.work)}
				aside={inRound ? `Round ${shownCode(inRound.code)}` : at < 0 ? '' : `${at + 1} of ${BOOK.length}`}
				onQuantity={mustPlace(exercise) || isOwn(exercise.name) ? onQuantity : null}
				onChange={isOwn(exercise.name) ? onOwnProblem : null}
			/>
			{lineless ? null : (
				<Line
					view={view}
					touched={touched}
					selected={openBlock}
					onUnit={onUnit}
					onBlock={onBlock}
					onStart={onStart}
					arriving={arriving}
					onEnd={onEnd}
				/>
			)}
			{view.beside[0] ? (
				<View style={styles.beside} testID="beside">
					<Words size="small">Another line for this exercise is kept as well.</Words>
					<Button
						label="Show the other line"
						testID="show-other"
						onPress={() => dispatch(swapped({ exercise: exercise.name, id: view.beside[0] as string }))}
					/>
				</View>
			) : null}
			{wide ? balance : null}
			{wide ? helpRow : null}
			{view.blocks.length ? <Numbers view={view} onZeros={onZeros} onCalculator={onCalculator} /> : null}
			<KeptWhere />
			<Rehearsal />
		</>
	);
	const page = (content: ReactNode) => (
		<ScrollView
			ref={scroll}
			onLayout={onRoom}
			style={styles.working}
			contentContainerStyle={[styles.workingIn, wide && styles.roomy]}
		>
			{content}
		</ScrollView>
	);

	if (wide)
		return (
			<View style={styles.wide}>
				<View style={styles.left} role="main">
					{page(work)}
				</View>
				<View style={styles.right} role="complementary" aria-label="The Shelf and the tools">
					<View style={styles.shelf}>{shownPanel}</View>
					{tools}
				</View>
			</View>
		);
	const lower = shownPanel ? (
		<View style={short ? null : [styles.sheet, tall && styles.tall]}>{shownPanel}</View>
	) : (
		helpRow
	);
	// With little height (a phone on its side, or 200 % text) the parts stand one under another on one page.
	const upper = short ? (
		page(
			<>
				{work}
				{balance}
				{lower}
			</>,
		)
	) : (
		<>
			{page(work)}
			{balance}
			{lower}
		</>
	);
	return (
		<View style={styles.screen} role="main">
			{upper}
			{tools}
		</View>
	);
}

const useStyles = makeStyles((palette) => ({
	screen: { flex: 1, backgroundColor: palette.page },
	wide: { flex: 1, flexDirection: 'row', backgroundColor: palette.page },
	left: { flex: 1 },
	right: { width: 420, borderLeftWidth: 1, borderLeftColor: palette.rule, backgroundColor: palette.panel },
	shelf: { flex: 1 },
	working: { flex: 1 },
	workingIn: { paddingHorizontal: GAP.l, paddingBottom: GAP.l },
	roomy: { paddingHorizontal: GAP.xl * 2, paddingVertical: GAP.l, gap: GAP.m },
	sheet: { flexShrink: 1, maxHeight: '44%' },
	tall: { maxHeight: '64%' },
	hint: {
		flexDirection: 'row',
		alignItems: 'center',
		gap: GAP.m,
		paddingHorizontal: GAP.l,
		paddingVertical: GAP.s,
		backgroundColor: palette.panel,
	},
	hintWords: { flex: 1 },
	beside: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.s, paddingVertical: GAP.s },
}));
