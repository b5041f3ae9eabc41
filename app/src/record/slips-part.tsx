import { goalOf } from '@tidy-sum/core';
import type { SlipRecord } from '@tidy-sum/core/record';
import { placesInTime } from '@tidy-sum/exchange/charts';
import type { KeptTry, WorkBody } from '@tidy-sum/schema';
import { useRouter } from 'expo-router';
import { memo, useDeferredValue, useMemo, useState } from 'react';
import Svg, { Circle, Line } from 'react-native-svg';
import { WorkedLine } from '../line/worked-line';
import { useAppSelector } from '../store/store';
import { GAP } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { makeStyles } from '../theme/use-styles';
import { Box, Touch } from '../ui/box';
import { Button } from '../ui/button';
import { dateText } from '../ui/dates';
import { IntoView } from '../ui/into-view';
import { Words } from '../ui/words';
import { exerciseOf } from '../work/exercises';
import { titleOfWork } from '../work/title-of-work';
import { pathOfTry, tryAt } from '../work/try-lines';
import { workOf } from '../work/work';
import { Chart } from './chart';
import { canPractise, shortRound } from './short-round';
import { useChartWidth } from './use-chart-width';
import * as words from './words';

const HEIGHT = 44;
const DOT = 6;
const CHOSEN = 9;

/** For how long a slip has stayed away, in words that blame nobody. */
export function sayAway({ awayFor, points }: SlipRecord): string {
	if (awayFor === 0) return words.youMadeItInYourLatest;
	const last = dateText(points.at(-1)?.when ?? 0);
	return words.youHaveNotMadeItSinceIn(last, awayFor);
}

function times(count: number): string {
	return `${words.timeCount(count)}`;
}

/** The unit a line was to end in; '' where none was. */
function wantedIn(body: WorkBody): string {
	const exercise = exerciseOf(body.exercise, workOf(body));
	return (exercise && goalOf(exercise)) ?? '';
}

/** The very line of a try, drawn as it was, and the answer that was given. */
function LineOfTry({ made: { start, factors, answer }, want }: { readonly made: KeptTry; readonly want: string }) {
	return (
		<>
			{start ? <WorkedLine chain={{ start, factors, ...(want ? { want } : {}) }} testID="slip-line" /> : null}
			<Words testID="slip-answer">{words.answer(answer)}</Words>
		</>
	);
}

/** A dot for each time a slip came; drawn again only when the slip came again. */
const Dots = memo(function Dots({ xs }: { readonly xs: readonly number[] }) {
	const palette = usePalette();
	return xs.map((x, i) => (
		<Circle
			// biome-ignore lint/suspicious/noArrayIndexKey: the dots are in the order of time
			key={i}
			cx={x}
			cy={HEIGHT / 2}
			r={DOT}
			fill={palette.lookWash}
			stroke={palette.look}
			strokeWidth={2}
		/>
	));
});

/** When a slip came: a dot each time, which leads to the very line it happened on. */
function SlipTimes({ slip, now }: { readonly slip: SlipRecord; readonly now: number }) {
	const styles = useStyles();
	const palette = usePalette();
	const router = useRouter();
	const width = useChartWidth();
	const works = useAppSelector((state) => state.works);
	const { code, title, points, skills } = slip;
	const first = points[0]?.when ?? now;
	const xs = useMemo(() => {
		const whens = points.map(({ when }) => when);
		return placesInTime(whens, [first, now], width - 2 * CHOSEN).map((x) => x + CHOSEN);
	}, [points, first, now, width]);
	const titles = useMemo(() => points.map(({ exercise }) => titleOfWork(works, exercise)), [points, works]);
	const said = useMemo(() => points.map(({ when }, i) => `${dateText(when)}: ${titles[i]}.`), [points, titles]);
	const line = (at: number) => {
		const point = points[at];
		return point ? tryAt(works, point.exercise, point.when) : null;
	};
	return (
		<IntoView style={styles.open}>
			<Chart
				label={words.overTime(title)}
				says={words.eachTimeIsADotFromToToday(dateText(first))}
				points={said}
				touched={(x) => {
					const from = xs.map((dot) => Math.abs(dot - x * width));
					return from.indexOf(Math.min(...from));
				}}
				acts={(at) => {
					const found = line(at);
					return (
						<Box style={styles.acts}>
							{found ? <LineOfTry made={found.made} want={wantedIn(found.body)} /> : null}
							<Box style={styles.row}>
								{found ? (
									<Button
										label={words.seeHowItHappened}
										say={words.replayTheLineOfThisTry}
										onPress={() => router.navigate(pathOfTry(found) as '/')}
										testID="slip-replay"
									/>
								) : null}
								<Button
									label={words.toTheDesk}
									say={titles[at] ?? ''}
									onPress={() => router.navigate(`/desk/${points[at]?.exercise ?? ''}`)}
									testID="slip-desk"
								/>
								{canPractise(skills) ? (
									<Button
										label={words.aShortRoundOnIt}
										say={title}
										kind="strong"
										onPress={() => router.navigate(shortRound(skills))}
										testID={`round-on-${code}`}
									/>
								) : null}
							</Box>
						</Box>
					);
				}}
				table={() => ({
					heads: [words.when, words.exercise, words.answerTitle],
					rows: points.map(({ exercise, when }, i) => [
						dateText(when),
						titles[i] ?? '',
						tryAt(works, exercise, when)?.made.answer ?? '',
					]),
				})}
				testID="slip-times"
			>
				{(at) => (
					<Svg width={width} height={HEIGHT} viewBox={`0 0 ${width} ${HEIGHT}`}>
						<Line x1={0} x2={width} y1={HEIGHT / 2} y2={HEIGHT / 2} stroke={palette.edge} strokeWidth={1} />
						<Line x1={width - 1} x2={width - 1} y1={8} y2={HEIGHT - 8} stroke={palette.edge} strokeWidth={2} />
						<Dots xs={xs} />
						<Circle
							cx={xs[at] ?? 0}
							cy={HEIGHT / 2}
							r={CHOSEN}
							fill={palette.look}
							stroke={palette.ink}
							strokeWidth={2}
						/>
					</Svg>
				)}
			</Chart>
		</IntoView>
	);
}

const SMALL = { width: 320, height: 14, dot: 4 };

/** When a slip came, small: a dot each time, on one line of time for all slips. */
const SmallDots = memo(function SmallDots({
	whens,
	from,
	now,
}: {
	readonly whens: readonly number[];
	readonly from: number;
	readonly now: number;
}) {
	const palette = usePalette();
	const { width, height, dot } = SMALL;
	const xs = placesInTime(whens, [from, now], width - 2 * dot);
	return (
		<Box aria-hidden style={{ maxWidth: '100%' }}>
			<Svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} style={{ maxWidth: '100%' }}>
				<Line x1={0} x2={width} y1={height / 2} y2={height / 2} stroke={palette.edge} strokeWidth={1} />
				{xs.map((x, i) => (
					<Circle
						// biome-ignore lint/suspicious/noArrayIndexKey: the dots are in the order of time
						key={i}
						cx={x + dot}
						cy={height / 2}
						r={dot}
						fill={palette.look}
					/>
				))}
			</Svg>
		</Box>
	);
});

/** The slips over time: which recur, and since when one has stayed away. */
export function SlipsPart({ slips, now }: { readonly slips: readonly SlipRecord[]; readonly now: number }) {
	const styles = useStyles();
	const [open, setOpen] = useState<string | null>(slips[0]?.code ?? null);
	const drawn = useDeferredValue(open);
	if (!slips.length) return <Words>{words.noSlipWasNamedSoFar}</Words>;
	const from = Math.min(...slips.map(({ points }) => points[0]?.when ?? now));
	return (
		<>
			<Words size="small">{words.theSlipThatCostsMost(dateText(from))}</Words>
			<Box role="list" style={styles.slips} testID="slips">
				{slips.map((slip) => {
					const { code, title, points } = slip;
					return (
						<Box key={code} role="listitem" style={[styles.item, open === code && styles.whole]}>
							<Touch
								aria-expanded={open === code}
								onTouch={() => setOpen(open === code ? null : code)}
								style={styles.slip}
								testID={`slip-${code}`}
							>
								<Words strong tone="pine">
									{title}, {times(points.length)}
								</Words>
								{open === code ? null : <SmallDots whens={points.map(({ when }) => when)} from={from} now={now} />}
								<Words size="small">{sayAway(slip)}</Words>
							</Touch>
							{open === code && drawn === code ? <SlipTimes slip={slip} now={now} /> : null}
						</Box>
					);
				})}
			</Box>
		</>
	);
}

const useStyles = makeStyles(() => ({
	slips: { flexDirection: 'row', flexWrap: 'wrap', columnGap: GAP.xl * 2, rowGap: GAP.s },
	item: { flexGrow: 1, flexBasis: 330, maxWidth: '100%' },
	whole: { flexBasis: '100%' },
	slip: { minHeight: 52, justifyContent: 'center', gap: 2, paddingVertical: GAP.s },
	open: { paddingBottom: GAP.m },
	acts: { gap: GAP.s },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
}));
