import { printWritten, type Quantity } from '@tidy-sum/core';
import {
	ABSOLUTE_ZERO,
	degreesPerCelsius,
	fromCelsius,
	onScales,
	SCALES,
	type Scale,
	TEMPERATURE_MARKS,
	toCelsius,
} from '@tidy-sum/core/shelf';
import { memo, useRef } from 'react';
import Svg, { Circle, G, Line, Rect, Text } from 'react-native-svg';
import { CORNER, FONT, GAP } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Handle } from '../../ui/handle';
import { Words } from '../../ui/words';
import * as words from './words';

/** What of the scales is seen, in degrees Celsius, from bottom to top. */
export type View = { readonly from: number; readonly to: number };

/** The weather and the glasshouse; and all there is, down to absolute zero. */
export const VIEWS = { near: { from: -45, to: 110 }, whole: { from: Number(ABSOLUTE_ZERO), to: 126.85 } } as const;

const HEIGHT = 420;
/** Degrees past which a reading is only said to be hotter. */
const HOTTEST = 1e9;
const EDGE = 14;
/** The width of a scale, and of one where there is little room (a phone at 200 %), which has no names beside it. */
const COLUMN = 62;
const NARROW = { under: 300, column: 38 };

function columnOf(width: number): number {
	return width < NARROW.under ? NARROW.column : COLUMN;
}

/** The least room between two lines of text. */
const ROOM = 17;

/** A reading for the picture: where it is in degrees Celsius, which only places it, and what it is called. */
export type Reading = { readonly celsius: number; readonly label: string; readonly says: string };

function yOf({ from, to }: View, celsius: number): number {
	return EDGE + ((to - celsius) / (to - from)) * (HEIGHT - 2 * EDGE);
}

/** How many degrees lie between two ticks of a scale. */
const TICKS: Readonly<Record<Scale, { readonly near: number; readonly whole: number }>> = {
	K: { near: 20, whole: 50 },
	'°C': { near: 20, whole: 50 },
	'°F': { near: 40, whole: 100 },
};

function ticks(view: View, scale: Scale): readonly number[] {
	const wide = view.to - view.from > 200;
	const every = TICKS[scale][wide ? 'whole' : 'near'];
	const first = Math.ceil(fromCelsius(view.from, scale) / every) * every;
	const last = fromCelsius(view.to, scale);
	return Array.from({ length: Math.max(0, Math.floor((last - first) / every) + 1) }, (_, i) => first + i * every);
}

type Marked = { readonly name: string; readonly y: number };

/** The marks that have room, those of nature first. */
function marksIn(view: View): readonly Marked[] {
	const shown: Marked[] = [];
	const rows = [...TEMPERATURE_MARKS].sort((a, b) => Number(b.kind === 'nature') - Number(a.kind === 'nature'));
	for (const { name, celsius } of rows) {
		const degrees = Number(celsius);
		const y = yOf(view, degrees);
		if (degrees >= view.from && degrees <= view.to && shown.every((one) => Math.abs(one.y - y) >= ROOM))
			shown.push({ name, y });
	}
	return shown;
}

/** The three scales with their ticks, and the marks at the right: drawn anew only when the view changes. */
const Scales = memo(function Scales({ view, width }: { readonly view: View; readonly width: number }) {
	const palette = usePalette();
	const column = columnOf(width);
	const marksAt = column * SCALES.length;
	const size = column < COLUMN ? 11 : 13;
	return (
		<Svg width={width} height={HEIGHT} aria-hidden>
			{SCALES.map((scale, i) => (
				<G key={scale}>
					<Line
						x1={column * (i + 1) - 8}
						x2={column * (i + 1) - 8}
						y1={EDGE}
						y2={HEIGHT - EDGE}
						stroke={palette.edge}
						strokeWidth={2}
					/>
					{ticks(view, scale).map((degrees) => {
						const y = yOf(view, toCelsius(degrees, scale));
						return (
							<G key={degrees}>
								<Line
									x1={column * (i + 1) - 14}
									x2={column * (i + 1) - 8}
									y1={y}
									y2={y}
									stroke={palette.edge}
									strokeWidth={2}
								/>
								<Text
									x={column * (i + 1) - 18}
									y={y + 4}
									fill={palette.soft}
									fontSize={size}
									fontFamily={FONT.mono}
									textAnchor="end"
								>
									{`${degrees}`.replace('-', '−')}
								</Text>
							</G>
						);
					})}
				</G>
			))}
			{(column < COLUMN ? [] : marksIn(view)).map(({ name, y }) => (
				<G key={name}>
					<Circle cx={marksAt + 2} cy={y} r={3} fill={palette.pine} />
					<Text x={marksAt + 10} y={y + 4} fill={palette.ink} fontSize={13} fontFamily={FONT.regular}>
						{name}
					</Text>
				</G>
			))}
		</Svg>
	);
});

type ReadingProps = {
	readonly view: View;
	readonly reading: Reading;
	readonly end: 'low' | 'high';
	readonly scale: Scale;
	/** Told the degrees it was moved to, whole ones of the scale. */
	readonly onMove: (degrees: number) => void;
	readonly width: number;
};

/** One reading across all three scales, held and moved up and down. */
const ReadingHandle = memo(function ReadingHandle({ view, reading, end, scale, onMove, width }: ReadingProps) {
	const styles = useStyles();
	const held = useRef(0);
	const { celsius, label, says } = reading;
	const shown = Math.min(view.to, Math.max(view.from, celsius));
	const degrees = Math.min(HOTTEST, fromCelsius(celsius, scale));
	const perPixel = ((view.to - view.from) / (HEIGHT - 2 * EDGE)) * degreesPerCelsius(scale);
	const lowest = fromCelsius(Number(ABSOLUTE_ZERO), scale);
	const move = (to: number) => onMove(Math.max(Math.ceil(lowest), Math.round(to)));
	return (
		<Handle
			label={end === 'low' ? words.theTemperature : words.theEndOfTheRange}
			at={Math.round(degrees)}
			from={Math.ceil(lowest)}
			to={Math.round(fromCelsius(view.to, scale))}
			says={says}
			onHold={() => {
				held.current = degrees;
			}}
			onDrag={(pixels) => move(held.current - pixels * perPixel)}
			onStep={(steps) => move(Math.abs(steps) === 1 ? degrees + steps : degrees + Math.sign(steps) * 10)}
			style={[styles.reading, { top: yOf(view, shown) - 22, width }]}
			testID={`reading-${end}`}
		>
			<Box style={[styles.line, { width: columnOf(width) * SCALES.length }, end === 'high' && styles.highLine]} />
			<Box style={[styles.grip, end === 'high' && styles.highGrip]}>
				<Words size="small" strong>
					{celsius > view.to ? `↑ ${label}` : celsius < view.from ? `↓ ${label}` : label}
				</Words>
			</Box>
		</Handle>
	);
});

type Props = {
	readonly view: View;
	readonly width: number;
	/** The scale readings are moved by. */
	readonly scale: Scale;
	readonly low: Reading;
	readonly high: Reading | null;
	readonly onLow: (degrees: number) => void;
	readonly onHigh: (degrees: number) => void;
};

/** The three scales as one picture: the same height is the same temperature. */
export function ScalePicture({ view, width, scale, low, high, onLow, onHigh }: Props) {
	const styles = useStyles();
	const palette = usePalette();
	const [from, to] = high ? [low.celsius, high.celsius].sort((a, b) => a - b) : [0, 0];
	const clamp = (celsius: number) => yOf(view, Math.min(view.to, Math.max(view.from, celsius)));
	return (
		<Box role="group" aria-label={words.theThreeScalesSideBySide} testID="scales">
			<Box style={styles.heads} aria-hidden>
				{SCALES.map((name) => (
					<Box key={name} style={[styles.head, { width: columnOf(width) }]}>
						<Words strong>{name}</Words>
					</Box>
				))}
			</Box>
			<Box style={[styles.picture, { width }]}>
				{high ? (
					<Box style={styles.under} aria-hidden>
						<Svg width={width} height={HEIGHT}>
							<Rect
								x={0}
								y={clamp(to as number)}
								width={columnOf(width) * SCALES.length}
								height={Math.max(1, clamp(from as number) - clamp(to as number))}
								fill={palette.pineWash}
							/>
						</Svg>
					</Box>
				) : null}
				<Box style={styles.over}>
					<Scales view={view} width={width} />
				</Box>
				<ReadingHandle view={view} reading={low} end="low" scale={scale} onMove={onLow} width={width} />
				{high ? (
					<ReadingHandle view={view} reading={high} end="high" scale={scale} onMove={onHigh} width={width} />
				) : null}
			</Box>
		</Box>
	);
}

/** Where a temperature is on the picture; null for one that cannot be. Only where it is drawn hangs on it. */
export function celsiusOf(quantity: Quantity): number | null {
	return onScales(quantity)['°C']?.value.nearly() ?? null;
}

/** The same temperature on every scale, as print has it. */
export function readings(quantity: Quantity): Readonly<Record<Scale, string>> {
	const on = onScales(quantity);
	const print = (scale: Scale) => {
		const made = on[scale];
		return made ? printWritten(made.plain ?? made.text) : '';
	};
	return { K: print('K'), '°C': print('°C'), '°F': print('°F') };
}

const useStyles = makeStyles((palette) => ({
	heads: { flexDirection: 'row' },
	head: { alignItems: 'flex-end', paddingRight: GAP.xs },
	picture: { position: 'relative', height: HEIGHT },
	over: { position: 'relative' },
	under: { position: 'absolute', left: 0, top: 0 },
	reading: { left: 0, flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between' },
	line: { height: 3, backgroundColor: palette.apricotEdge },
	highLine: { backgroundColor: palette.pine },
	grip: {
		minHeight: 30,
		justifyContent: 'center',
		paddingHorizontal: GAP.s,
		borderRadius: CORNER,
		borderWidth: 2,
		backgroundColor: palette.apricot,
		borderColor: palette.apricotEdge,
	},
	highGrip: { backgroundColor: palette.pineWash, borderColor: palette.pine },
}));
