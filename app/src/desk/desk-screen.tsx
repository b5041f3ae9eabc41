import Bulb from 'lucide-react-native/icons/lightbulb';
import { type ReactNode, useEffect } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { useAppDispatch, useAppSelector } from '../store/store';
import { GAP, SHORT_UNDER, WIDE_FROM } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Words } from '../ui/words';
import { Balance } from './balance';
import { closed } from './desk-slice';
import { followingOf } from './following';
import { KeptWhere } from './kept-where';
import { Line } from './line';
import { Numbers } from './numbers';
import { Problem } from './problem';
import { Rehearsal } from './rehearsal';
import { useShortcuts } from './shortcuts';
import { ShownPanel, useLaterPanels } from './shown-panel';
import { Tools } from './tools';
import { useActs } from './use-acts';
import { useDesk } from './use-desk';
import { useInView } from './use-in-view';
import { firstUnit, hint, nextBlock, panelFor } from './what-next';
import { isOwn, mustPlace, needsLine, wantOf } from './work';
import { opened, redid, undid } from './works-slice';

/** The Desk: one exercise, worked from the problem to the checked answer. */
export function DeskScreen({ name }: { readonly name: string | undefined }) {
	const styles = useStyles();
	const room = useWindowDimensions();
	const wide = room.width >= WIDE_FROM;
	const short = !wide && room.height < SHORT_UNDER;
	const dispatch = useAppDispatch();
	const view = useDesk(name);
	const chosen = useAppSelector((state) => state.desk.panel);
	const { exercise } = view;
	const panel = panelFor(chosen, view, wide);

	useEffect(() => {
		dispatch(opened(exercise.name));
		dispatch(closed());
	}, [dispatch, exercise.name]);
	useLaterPanels();

	const onNumbers = panel.kind === 'answer' || panel.kind === 'verdict';
	const tall = onNumbers || panel.kind === 'own' || panel.kind === 'calculator' || panel.kind === 'beside';
	const { scroll, onEnd, onRoom } = useInView(
		onNumbers || (short && panel.kind !== 'none') ? 'end' : 'line',
		`${panel.kind}${view.blocks.length}`,
	);

	const acts = useActs(exercise.name);
	const { show, close, onDo, onUnit, onBlock, onOwnProblem } = acts;
	const openBlock = panel.kind === 'block' ? panel.id : null;
	const blockAt = view.blocks.findIndex(({ id }) => id === openBlock);
	useShortcuts({
		undo: () => dispatch(undid(exercise.name)),
		redo: () => dispatch(redid(exercise.name)),
		facts: () => view.started && show({ kind: 'facts', unit: firstUnit(view) }),
		search: () => view.started && show({ kind: 'facts', unit: '' }),
		write: () => view.started && acts.onWrite(),
		answer: () => show({ kind: view.verdict ? 'verdict' : 'answer' }),
		check: () => show({ kind: 'answer' }),
		exercises: () => show({ kind: 'book' }),
		nudge: acts.onNudge,
		keys: () => show({ kind: 'keys' }),
		calculator: acts.onCalculator,
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
	const touched = panel.kind === 'facts' && panel.unit && !(wide && chosen.kind === 'none') ? panel.unit : null;
	const shownPanel =
		panel.kind === 'none' ? null : (
			<ShownPanel view={view} panel={panel} chosen={chosen.kind !== 'none'} wide={wide} acts={acts} />
		);

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
			<Button label="Nudge" icon={Bulb} onPress={acts.onNudge} testID="nudge-open" />
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
				aside={followingOf(exercise.name).aside}
				onQuantity={mustPlace(exercise) || isOwn(exercise.name) ? acts.onQuantity : null}
				onChange={isOwn(exercise.name) ? onOwnProblem : null}
			/>
			{lineless ? null : (
				<Line
					view={view}
					touched={touched}
					selected={openBlock}
					onUnit={onUnit}
					onBlock={onBlock}
					onStart={acts.onStart}
					arriving={acts.arriving}
					onEnd={onEnd}
				/>
			)}
			{view.beside[0] ? (
				<View style={styles.beside} testID="beside">
					<Words size="small">Another line for this exercise is kept as well.</Words>
					<Button
						label="Show the other line"
						testID="show-other"
						onPress={() => acts.onSwap(view.beside[0] as string)}
					/>
				</View>
			) : null}
			{wide ? balance : null}
			{wide ? helpRow : null}
			{view.blocks.length ? <Numbers view={view} onZeros={acts.onZeros} onCalculator={acts.onCalculator} /> : null}
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
