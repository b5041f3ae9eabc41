import { mustPlace, underProblem } from '@tidy-sum/core';
import { __iconData as Bulb } from 'lucide-react-native/icons/lightbulb';
import { type ReactNode, useContext } from 'react';
import { ScrollView, View } from 'react-native';
import { Balance } from '../line/balance';
import { Line } from '../line/line';
import { SmallLine } from '../line/small-line';
import { useFollowing } from '../store/use-following';
import { BESIDE, GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { later } from '../ui/later';
import type { Room as DeskRoom } from '../ui/use-room';
import { Words } from '../ui/words';
import type { DeskView } from '../work/desk-view';
import { isOwn } from '../work/exercises';
import { needsLine, wantOf } from '../work/line-of-work';
import type { Panel } from '../work/panel-slice';
import { sayPartsAsOne } from '../work/parts-as-one';
import { firstUnit } from './first-unit';
import { AT_BLOCK, GuideContext, Guided } from './guide';
import { laterPanels } from './later-panels';
import { hasPicture } from './may-add';
import { PANELS } from './panels';
import { Problem } from './problem';
import { ShownPanel } from './shown-panel';
import { Tools } from './tools';
import type { Acts } from './use-acts';
import type { InView } from './use-in-view';
import { hint } from './what-next';
import * as words from './words';

/** The numbers are drawn in the frame after the line itself, so their script may come after its own. */
const Numbers = later(async () => (await laterPanels()).Numbers);

/** Where the work is kept: a sign beside the title, and a sentence over the tools when it is not. */
const KeptSign = later(async () => (await laterPanels()).KeptSign);
const NotKept = later(async () => (await laterPanels()).NotKept);
const KEPT_SIGN = <KeptSign />;

/** Pictures beside a line whose steps are not all factors. */
const LinePictures = later(async () => (await laterPanels()).LinePictures);

type Room = Pick<DeskRoom, 'wide' | 'short' | 'low' | 'tight' | 'tall'>;

type Props = {
	readonly view: DeskView;
	readonly acts: Acts;
	readonly room: Room;
	/** The open panel, and whether it was chosen. */
	readonly panel: Panel;
	readonly chosen: boolean;
	readonly inView: InView;
};

type PartProps = Pick<Props, 'view' | 'acts'>;

/** The unit the open panel is about; on a wide screen only where it was touched. */
function touchedIn({ panel, chosen, room }: Props): string | null {
	const isTouched = panel.kind === 'facts' && panel.unit !== '' && (chosen || !room.wide);
	return isTouched ? panel.unit : null;
}

/** The one thing to do next, in a sentence, and a nudge for who does not know how. */
function HelpRow({ view, acts, wide }: PartProps & { readonly wide: boolean }) {
	const styles = useStyles();
	return (
		<Box style={styles.hint}>
			<Box style={styles.hintWords}>
				<Words tone="pine" strong testID="hint">
					{hint(view, wide)}
				</Words>
			</Box>
			<Button label={words.hint} icon={Bulb} onPress={acts.onNudge} testID="nudge-open" />
			{wide ? (
				<Button
					label={words.keys}
					say={words.ofTheKeyboard}
					onPress={() => acts.show({ kind: 'keys' })}
					testID="keys-open"
				/>
			) : null}
		</Box>
	);
}

/** What is wanted, in words. */
function sayWantedOf({ work, exercise }: DeskView): string {
	return [sayPartsAsOne(work, exercise), underProblem(exercise, wantOf(exercise, work))].filter(Boolean).join(' ');
}

/** The way to another line that is kept for the same exercise. */
function OtherLine({ view: { beside }, acts }: PartProps) {
	const styles = useStyles();
	const [other] = beside;
	if (other === undefined) return null;
	return (
		<View style={styles.beside} testID="beside">
			<Words size="small">{words.thereIsAnotherLineForThis}</Words>
			<Button label={words.showTheOtherLine} testID="show-other" onPress={() => acts.onSwap(other)} />
		</View>
	);
}

/** The problem, the line, and the numbers that follow from it. */
function Work({ children, ...props }: Props & { readonly children: ReactNode }) {
	const { view, acts, panel, inView } = props;
	const { exercise, work } = view;
	const own = isOwn(exercise.name);
	const { title, aside } = useFollowing(exercise.name);
	return (
		<>
			<Problem
				exercise={exercise}
				placed={work.placed}
				wanted={sayWantedOf(view)}
				title={title ?? exercise.title}
				aside={aside}
				sign={KEPT_SIGN}
				onQuantity={mustPlace(exercise) || own ? acts.onQuantity : null}
				onChange={own ? acts.onOwnProblem : null}
			/>
			{needsLine(exercise) ? (
				<Line
					view={view}
					touched={touchedIn(props)}
					selected={panel.kind === 'block' ? panel.id : null}
					onUnit={acts.onUnit}
					onBlock={acts.onBlock}
					onStart={acts.onStart}
					arriving={acts.arriving}
					onEnd={inView.onEnd}
				/>
			) : null}
			<OtherLine view={view} acts={acts} />
			{children}
			{view.started && hasPicture(view) ? <LinePictures view={view} onHeight={inView.onPictures} /> : null}
			{view.blocks.length ? (
				<Numbers view={view} onZeros={acts.onZeros} onCalculator={acts.onCalculator} onUncover={acts.onUncover} />
			) : null}
		</>
	);
}

/** The page of the Desk: problem, line, balance, a panel, and the tools; beside each other where there is room. */
export function DeskPage(props: Props) {
	const { view, acts, panel, chosen, inView } = props;
	const { wide, short, low, tight } = props.room;
	const styles = useStyles();
	const tall = panel.kind !== 'none' && PANELS[panel.kind].height === 'tall';
	const pictured = panel.kind === 'block' && hasPicture(view);
	const isOpen = panel.kind !== 'none';
	// While the answer is typed where there is little room, the line and its result stay in view in one row.
	const isInARow = (wide ? tight : !props.room.tall) && panel.kind === 'answer' && view.blocks.length > 0;
	const row = isInARow ? <SmallLine view={view} wanted={sayWantedOf(view)} /> : null;
	const balance = needsLine(view.exercise) ? (
		<Balance
			view={view}
			touched={touchedIn(props)}
			onUnit={acts.onUnit}
			brief={!wide && (tall || pictured || (low && isOpen))}
		/>
	) : null;
	const isAnswer = panel.kind === 'answer';
	const guide = useContext(GuideContext);
	const help = guide ? (
		// On a wide screen the panel beside the line says what to do in it.
		<Guided at={['touch', ...AT_BLOCK, ...(wide ? [] : (['done'] as const))]} />
	) : (
		<HelpRow view={view} acts={acts} wide={wide} />
	);
	const open =
		panel.kind === 'none' ? null : <ShownPanel view={view} panel={panel} chosen={chosen} wide={wide} acts={acts} />;
	const tools = (
		<Tools
			acts={acts}
			canUndo={view.canUndo}
			canRedo={view.canRedo}
			open={panel.kind}
			checked={view.verdict !== null}
			first={firstUnit(view)}
			started={view.started}
			out={useFollowing(view.exercise.name).out}
		/>
	);
	const page = (below: ReactNode, within: ReactNode = null) => (
		<ScrollView
			ref={inView.scroll}
			onLayout={inView.onRoom}
			style={styles.working}
			contentContainerStyle={[styles.workingIn, wide && styles.roomy]}
		>
			<Work {...props}>{within}</Work>
			{below}
		</ScrollView>
	);
	if (wide)
		return (
			<View style={styles.wide}>
				<View style={styles.left} role="main">
					{page(
						null,
						<>
							{balance}
							{help}
						</>,
					)}
					{row}
				</View>
				<View style={styles.right} role="complementary" aria-label={words.theShelfAndTheTools}>
					<View style={styles.shelf}>{open}</View>
					<NotKept />
					{tools}
				</View>
			</View>
		);
	const lower = (
		<>
			{row && tight ? null : balance}
			{row}
			{open ? (
				<View style={short ? null : [styles.sheet, tall && styles.tall, isAnswer && styles.answer]}>{open}</View>
			) : (
				help
			)}
		</>
	);
	return (
		<View style={styles.screen} role="main">
			{page(short ? <View style={styles.bleeding}>{lower}</View> : null)}
			{short ? null : lower}
			<NotKept />
			{tools}
		</View>
	);
}

const useStyles = makeStyles((palette) => ({
	screen: { flex: 1, backgroundColor: palette.page },
	wide: { flex: 1, flexDirection: 'row', backgroundColor: palette.page },
	left: { flex: 1 },
	right: { width: BESIDE, borderLeftWidth: 1, borderLeftColor: palette.rule, backgroundColor: palette.panel },
	shelf: { flex: 1 },
	working: { flex: 1 },
	workingIn: { paddingHorizontal: GAP.l, paddingBottom: GAP.l },
	roomy: { paddingHorizontal: GAP.xl * 2, paddingVertical: GAP.l, gap: GAP.m },
	bleeding: { marginHorizontal: -GAP.l },
	sheet: { flexShrink: 1, maxHeight: '44%' },
	tall: { maxHeight: '64%' },
	// As tall as its keys: the page above it gives way.
	answer: { maxHeight: '100%' },
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
