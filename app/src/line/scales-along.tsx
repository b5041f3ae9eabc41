import { printStanding, printWritten, type WorkedChain } from '@tidy-sum/core';
import { type LineReading, readingsOf } from '@tidy-sum/core/help';
import { fromCelsius, SCALES, type Scale, toCelsius } from '@tidy-sum/core/shelf';
import Svg, { Circle, G, Line, Rect, Text } from 'react-native-svg';
import { FONT, GAP } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Words } from '../ui/words';
import * as words from './words';

/** The room for names at the left, of an axis, of a lane, and above the first. */
const NAMES = 44;
const AXIS = 30;
const LANE = 30;
/** The same for a range, whose two bars lie one under the other. */
const RANGE_LANE = 38;
const RIGHT = 14;
/** How many ticks an axis has, about. */
const TICKS = 5;

const KELVIN = 273.15;

/** A bar of the picture, in degrees Celsius, which only place it: from the zero it counts from to where it ends. */
type Bar = {
	readonly from: number;
	readonly to: number;
	/** Whether it ends where the start stands. */
	readonly holds: boolean;
	/** Where it would stand as a reading of its own scale, where that is elsewhere. */
	readonly asReading: number | null;
};

type Lane = { readonly name: string; readonly value: string; readonly say: string; readonly bars: readonly Bar[] };

const isScale = (text: string | null): text is Scale => (SCALES as readonly string[]).includes(text ?? '');

function barOf(reading: LineReading, start: LineReading): Bar {
	const { kelvins, asReading, zero, degrees } = reading;
	const counts = zero ?? degrees;
	return {
		from: isScale(counts) ? toCelsius(0, counts) : -KELVIN,
		to: kelvins.nearly() - KELVIN,
		holds: zero !== null && kelvins.equals(start.kelvins),
		asReading: zero === degrees || zero === null ? null : asReading.nearly() - KELVIN,
	};
}

function sayReading({ zero, degrees }: LineReading, bar: Bar, value: string): string {
	const stands = value || words.aValueThatIsCovered;
	if (!bar.holds) return words.notTheTemperatureYou(stands);
	return zero === degrees ? words.theTemperatureYouStarted(stands) : words.countedFromTheTemperature(stands, zero);
}

/** The start as it is written; of a range both ends. */
function startText({ read }: WorkedChain, high: WorkedChain | null): string {
	const { number, unit } = read.start.top;
	const until = high?.read.start.top.number;
	return `${printWritten(number?.text ?? '')}${until ? words.to(printWritten(until.text)) : ''} ${unit.text}`;
}

/** The lanes: the start and each step, with the readings of both ends of a range. */
function lanesOf(worked: WorkedChain, shown: WorkedChain, high: WorkedChain | null): readonly Lane[] {
	const low = readingsOf(worked);
	const [first] = low;
	const other = high ? readingsOf(high) : [];
	const [firstHigh] = other;
	if (!first) return [];
	return low.map((reading, i) => {
		const bar = barOf(reading, first);
		const second = other[i];
		const bars = second && firstHigh ? [bar, barOf(second, firstHigh)] : [bar];
		const running = shown.running[i];
		const value = i === 0 ? startText(worked, high) : running?.value ? printStanding(running, high?.running[i]) : '';
		return { name: i === 0 ? 'start' : words.step(i), value, say: sayReading(reading, bar, value), bars };
	});
}

/** A round distance between ticks, for so many degrees. */
function every(degrees: number): number {
	const rough = Math.max(degrees, 1e-6) / TICKS;
	const power = 10 ** Math.floor(Math.log10(rough));
	return ([1, 2, 5, 10].find((n) => n * power >= rough) ?? 10) * power;
}

function ticksOf(scale: Scale, from: number, to: number): readonly number[] {
	const [low, high] = [fromCelsius(from, scale), fromCelsius(to, scale)];
	const step = every(high - low);
	const first = Math.ceil(low / step);
	return Array.from({ length: Math.max(0, Math.floor(high / step) - first + 1) }, (_, i) => (first + i) * step);
}

/** How wide a digit of a label is; the page's colour behind it lets no line cross it. */
const DIGIT = 7.5;

type Props = {
	readonly worked: WorkedChain;
	/** The same with what is covered left out. */
	readonly shown: WorkedChain;
	/** The other end of a range on the same line. */
	readonly high: WorkedChain | null;
	readonly width: number;
};

/**
 * The scales beside a line of temperatures: each step is a bar from the zero it counts from, and as long as the steps
 * are right it ends where the start stands.
 */
export function ScalesAlong({ worked, shown, high, width }: Props) {
	const styles = useStyles();
	const palette = usePalette();
	const lanes = lanesOf(worked, shown, high);
	const readings = readingsOf(worked);
	if (!lanes.length) return null;
	const met = [worked.read.want?.text ?? null, ...readings.flatMap(({ zero, degrees }) => [zero, degrees])];
	const scales = SCALES.filter((scale) => met.includes(scale));
	const bars = lanes.flatMap((lane) => lane.bars);
	const all = [
		...bars.flatMap(({ from, to, asReading }) => [from, to, ...(asReading === null ? [] : [asReading])]),
		...(scales.includes('K') && met[0] === 'K' ? [-KELVIN] : []),
		...(scales.includes('°C') ? [0] : []),
	];
	const [least, most] = [Math.min(...all), Math.max(...all)];
	const room = Math.max(most - least, 10) * 0.08;
	const [from, to] = [least - room, most + room];
	const x = (celsius: number) => NAMES + ((celsius - from) / (to - from)) * (width - NAMES - RIGHT);
	const bottom = scales.length * AXIS;
	const lane = high ? RANGE_LANE : LANE;
	const height = bottom + lanes.length * lane + 4;
	const starts = (lanes[0] as Lane).bars.map((bar) => bar.to);
	return (
		<Box
			style={styles.picture}
			role="img"
			aria-label={words.theScales(lanes.map(({ name, say }) => `${name}: ${say}`).join(' '))}
			testID="scales-along"
		>
			<Svg width={width} height={height} aria-hidden>
				{starts.map((at) => (
					<Line
						key={at}
						x1={x(at)}
						x2={x(at)}
						y1={14}
						y2={height}
						stroke={palette.pine}
						strokeWidth={2}
						strokeDasharray="4 4"
					/>
				))}
				{scales.map((scale, i) => {
					const y = i * AXIS + 20;
					return (
						<G key={scale}>
							<Text x={0} y={y + 4} fill={palette.ink} fontSize={14} fontFamily={FONT.strong}>
								{scale}
							</Text>
							<Line x1={NAMES} x2={width - RIGHT} y1={y} y2={y} stroke={palette.edge} strokeWidth={2} />
							{ticksOf(scale, from, to).map((degrees) => {
								const at = x(toCelsius(degrees, scale));
								const label = `${Number(degrees.toFixed(6))}`.replace('-', '−');
								const half = (label.length * DIGIT) / 2 + 2;
								return (
									<G key={degrees}>
										<Rect x={at - half} y={y - 19} width={2 * half} height={14} fill={palette.page} />
										<Line x1={at} x2={at} y1={y - 5} y2={y} stroke={palette.edge} strokeWidth={degrees === 0 ? 4 : 2} />
										<Text
											x={at}
											y={y - 8}
											fill={degrees === 0 ? palette.ink : palette.soft}
											fontSize={12}
											fontFamily={FONT.mono}
											textAnchor="middle"
										>
											{label}
										</Text>
									</G>
								);
							})}
						</G>
					);
				})}
				{lanes.map(({ name, value, bars: ofLane }, i) => {
					const y = bottom + i * lane + 8;
					const [bar] = ofLane as [Bar];
					const end = Math.max(...ofLane.map((one) => Math.max(x(one.to), x(one.from))));
					const fits = end + 8 + value.length * 7 < width;
					return (
						<G key={name}>
							<Text x={0} y={y + 8} fill={palette.soft} fontSize={12} fontFamily={FONT.regular}>
								{name}
							</Text>
							{ofLane.map((one, k) => {
								const [a, b] = [x(one.from), x(one.to)];
								const fill = one.holds ? palette.pine : palette.look;
								return (
									<G key={k === 0 ? 'low' : 'high'}>
										<Rect
											x={Math.min(a, b)}
											y={y + 1 + 4 * k}
											width={Math.max(1, Math.abs(b - a))}
											height={3}
											fill={fill}
										/>
										<Line x1={a} x2={a} y1={y - 4} y2={y + 10} stroke={fill} strokeWidth={2} />
										{one.holds ? (
											<Circle cx={b} cy={y + 2 + 4 * k} r={5} fill={fill} />
										) : (
											<Rect
												x={b - 5}
												y={y - 3 + 4 * k}
												width={10}
												height={10}
												fill={palette.page}
												stroke={fill}
												strokeWidth={2}
											/>
										)}
										{one.asReading === null ? null : (
											<Circle
												cx={x(one.asReading)}
												cy={y + 2 + 4 * k}
												r={4}
												fill="none"
												stroke={palette.edge}
												strokeWidth={2}
											/>
										)}
									</G>
								);
							})}
							<Text
								x={fits ? end + 9 : Math.min(x(bar.from), x(bar.to)) + 4}
								y={fits ? y + 7 : y + (high ? 23 : 18)}
								fill={palette.ink}
								fontSize={12}
								fontFamily={FONT.regular}
							>
								{value}
							</Text>
						</G>
					);
				})}
			</Svg>
			<Words size="small" tone="soft">
				{words.howScalesRead(
					bars.every(({ holds }) => holds),
					bars.some(({ asReading }) => asReading !== null),
				)}
			</Words>
		</Box>
	);
}

const useStyles = makeStyles(() => ({ picture: { paddingVertical: GAP.s, gap: GAP.xs } }));
