import { nanoid } from '@reduxjs/toolkit';
import { BOOK, type Factor, listed, quoted } from '@tidy-sum/core';
import { useRouter } from 'expo-router';
import Bulb from 'lucide-react-native/icons/lightbulb';
import { type ReactNode, useCallback, useEffect } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { useAppDispatch, useAppSelector } from '../store/store';
import { GAP, SHORT_UNDER, WIDE_FROM } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { afterPaint } from '../ui/after-paint';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Words } from '../ui/words';
import { Balance } from './balance';
import { mustGoOf } from './describe';
import { closed, type Panel, showed } from './desk-slice';
import { KeptWhere } from './kept-where';
import { Line } from './line';
import { Numbers } from './numbers';
import { AnswerPanel } from './panels/answer-panel';
import { BlockPanel } from './panels/block-panel';
import { BookPanel } from './panels/book-panel';
import { FactsPanel } from './panels/facts-panel';
import { KeysPanel } from './panels/keys-panel';
import { NudgePanel } from './panels/nudge-panel';
import { VerdictPanel } from './panels/verdict-panel';
import { Problem } from './problem';
import { Rehearsal } from './rehearsal';
import { useShortcuts } from './shortcuts';
import { Tools } from './tools';
import { type DeskView, useDesk } from './use-desk';
import { useInView } from './use-in-view';
import { did, opened, redid, swapped, undid } from './works-slice';

/** What is open when nothing was chosen: the verdict of checked work; on a wide screen the Shelf beside the line. */
function panelFor(chosen: Panel, view: DeskView, wide: boolean): Panel {
	if (chosen.kind === 'block' && !view.blocks.some(({ id }) => id === chosen.id))
		return panelFor({ kind: 'none' }, view, wide);
	if (chosen.kind === 'verdict' && !view.verdict) return panelFor({ kind: 'none' }, view, wide);
	if (chosen.kind !== 'none' || !wide) return chosen;
	if (view.verdict) return { kind: 'verdict' };
	if (view.worked.reached) return { kind: 'answer' };
	return { kind: 'facts', unit: mustGoOf(view.columns)[0]?.base ?? '' };
}

function hint(view: DeskView): string {
	const left = [...new Set(mustGoOf(view.columns).map(({ base }) => base))];
	if (view.verdict) return view.verdict.right ? 'Checked: all right.' : 'Checked. Open Answer to see the four lines.';
	if (view.worked.reached) return 'The line closes. Work the numbers, then write the answer.';
	if (left.length) return `Touch a unit that must go: ${listed(left.map(quoted))}.`;
	return 'What is wanted is not on the line yet. Open Facts.';
}

/** The unit the Shelf opens on when none was touched: the first that must go, else the first that stands. */
function firstUnit({ columns, worked }: DeskView): string {
	return (mustGoOf(columns)[0] ?? worked.pieces.find(({ pair }) => pair === null))?.base ?? '';
}

/** The block after the open one, or before it; from none the first or the last. */
function nextBlock({ blocks }: DeskView, open: string | null, by: 1 | -1): string | undefined {
	const at = blocks.findIndex(({ id }) => id === open);
	if (at < 0) return blocks.at(by === 1 ? 0 : -1)?.id;
	return blocks[(at + by + blocks.length) % blocks.length]?.id;
}

/** The Desk: one exercise, worked from the problem to the checked answer. */
export function DeskScreen({ name }: { readonly name: string | undefined }) {
	const styles = useStyles();
	const room = useWindowDimensions();
	const wide = room.width >= WIDE_FROM;
	const short = !wide && room.height < SHORT_UNDER;
	const dispatch = useAppDispatch();
	const router = useRouter();
	const view = useDesk(name);
	const chosen = useAppSelector((state) => state.desk.panel);
	const { exercise } = view;
	const panel = panelFor(chosen, view, wide);

	useEffect(() => {
		dispatch(opened(exercise.name));
		dispatch(closed());
	}, [dispatch, exercise.name]);

	const onNumbers = panel.kind === 'answer' || panel.kind === 'verdict';
	const { scroll, onEnd, onRoom } = useInView(
		onNumbers || (short && panel.kind !== 'none') ? 'end' : 'line',
		`${panel.kind}${view.blocks.length}`,
	);

	const show = useCallback((next: Panel) => dispatch(showed(next)), [dispatch]);
	const close = useCallback(() => dispatch(closed()), [dispatch]);
	const onUnit = useCallback((unit: string) => show({ kind: 'facts', unit }), [show]);
	const onBlock = useCallback((id: string) => show({ kind: 'block', id }), [show]);
	const onPlace = useCallback(
		(factor: Factor) => {
			const block = nanoid(8);
			dispatch(did(exercise.name, { do: 'place', block, factor }));
			afterPaint(() => show({ kind: 'block', id: block }));
		},
		[dispatch, exercise.name, show],
	);
	const onAnswer = () => show({ kind: 'answer' });
	const onCheck = () => {
		dispatch(did(exercise.name, { do: 'check' }));
		show({ kind: 'verdict' });
	};
	const onNudge = useCallback(() => show({ kind: 'nudge' }), [show]);
	const openBlock = panel.kind === 'block' ? panel.id : null;
	useShortcuts({
		undo: () => dispatch(undid(exercise.name)),
		redo: () => dispatch(redid(exercise.name)),
		facts: () => show({ kind: 'facts', unit: firstUnit(view) }),
		answer: () => show({ kind: view.verdict ? 'verdict' : 'answer' }),
		exercises: () => show({ kind: 'book' }),
		nudge: onNudge,
		keys: () => show({ kind: 'keys' }),
		close,
		walk: (by) => {
			const next = nextBlock(view, openBlock, by);
			if (next) onBlock(next);
		},
		turn: () => openBlock && dispatch(did(exercise.name, { do: 'turn', block: openBlock })),
		remove: () => openBlock && dispatch(did(exercise.name, { do: 'remove', block: openBlock })),
	});
	const at = BOOK.findIndex((other) => other.name === exercise.name);
	const next = BOOK[(at + 1) % BOOK.length];
	const open = (other: string) => router.navigate(`/desk/${other}`);
	const shut = wide ? {} : { onClose: close };
	const blockAt = panel.kind === 'block' ? view.blocks.findIndex(({ id }) => id === panel.id) : -1;
	const touched = panel.kind === 'facts' && !(wide && chosen.kind === 'none') ? panel.unit : null;

	const shownPanel =
		panel.kind === 'facts' ? (
			<FactsPanel key={panel.unit} stated={exercise.facts} unit={panel.unit} onPlace={onPlace} {...shut} />
		) : panel.kind === 'block' ? (
			<BlockPanel
				view={view}
				index={blockAt}
				onTurn={() => dispatch(did(exercise.name, { do: 'turn', block: panel.id }))}
				onRaise={(power) => dispatch(did(exercise.name, { do: 'raise', block: panel.id, power }))}
				onRemove={() => {
					dispatch(did(exercise.name, { do: 'remove', block: panel.id }));
					close();
				}}
				onClose={close}
			/>
		) : panel.kind === 'answer' ? (
			<AnswerPanel
				view={view}
				wide={wide}
				onWrite={(text) => dispatch(did(exercise.name, { do: 'answer', text }))}
				onCheck={onCheck}
				{...shut}
			/>
		) : panel.kind === 'verdict' ? (
			<VerdictPanel
				view={view}
				onAnswer={onAnswer}
				onBlock={(index) => onBlock(view.blocks[index]?.id ?? '')}
				onShow={() => dispatch(did(exercise.name, { do: 'show' }))}
				onNext={next ? () => open(next.name) : null}
				{...shut}
			/>
		) : panel.kind === 'nudge' ? (
			<NudgePanel view={view} onClose={close} />
		) : panel.kind === 'keys' ? (
			<KeysPanel onClose={close} />
		) : panel.kind === 'book' ? (
			<BookPanel current={exercise.name} onOpen={open} onClose={close} />
		) : null;

	const tools = (
		<Tools
			exercise={exercise.name}
			canUndo={view.canUndo}
			canRedo={view.canRedo}
			open={panel.kind}
			checked={view.verdict !== null}
			first={firstUnit(view)}
		/>
	);
	const balance = <Balance view={view} touched={touched} onUnit={onUnit} brief={!wide && onNumbers} />;
	const helpRow = (
		<Box style={styles.hint}>
			<Box style={styles.hintWords}>
				<Words tone="pine" strong testID="hint">
					{hint(view)}
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
			<Problem exercise={exercise} place={at + 1} of={BOOK.length} />
			<Line
				view={view}
				touched={touched}
				selected={panel.kind === 'block' ? panel.id : null}
				onUnit={onUnit}
				onBlock={onBlock}
				onEnd={onEnd}
			/>
			{view.beside[0] ? (
				<View style={styles.beside} testID="beside">
					<Words size="small">This exercise was also worked elsewhere. Both lines are kept.</Words>
					<Button
						label="Show the other line"
						testID="show-other"
						onPress={() => dispatch(swapped({ exercise: exercise.name, id: view.beside[0] as string }))}
					/>
				</View>
			) : null}
			{wide ? balance : null}
			{wide ? helpRow : null}
			{view.blocks.length ? <Numbers view={view} /> : null}
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
		<View style={short ? null : [styles.sheet, onNumbers && styles.tall]}>{shownPanel}</View>
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
