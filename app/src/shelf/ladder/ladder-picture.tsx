import type { End, Rung } from '@tidy-sum/core/shelf';
import { memo, useRef } from 'react';
import Svg, { Line, Text, TSpan } from 'react-native-svg';
import { CORNER, FONT, GAP, SIZE } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Handle } from '../../ui/handle';
import { useRoom } from '../../ui/use-room';
import { Words } from '../../ui/words';
import * as words from './words';

/** Pixels from one power of the prefix to the next. */
const STEP = 22;
/** How many powers of the prefix are seen at once: the common ones, from giga to nano, and a step on each side. */
export const SEEN = 20;
const HEIGHT = STEP * SEEN;
const MIDDLE = 128;
/** Where there is little room (a phone at 200 %) the rungs are short, with no powers beside them and no numbers at the ends. */
const NARROW = { under: 300, middle: 58 };

type Props = {
	/** What the unit is called, and its rungs from the largest down. */
	readonly name: string;
	readonly rungs: readonly Rung[];
	/** The power of the prefix at the upper edge of what is seen. */
	readonly top: number;
	readonly value: Rung;
	readonly target: Rung;
	/** What stands at each end, short: "2.5 km". */
	readonly shows: Readonly<Record<End, string>>;
	/** How each is said. */
	readonly says: Readonly<Record<End, string>>;
	readonly onMove: (end: End, rung: Rung) => void;
};

/** The rung nearest to a power. */
function nearestRung(rungs: readonly Rung[], power: number): Rung {
	return rungs.reduce((best, one) => (Math.abs(one.power - power) < Math.abs(best.power - power) ? one : best));
}

function y(top: number, power: number): number {
	return (top - power) * STEP;
}

/** The rails and rungs: drawn anew only when what is seen has moved. */
const Rungs = memo(function Rungs({ rungs, top, middle }: Pick<Props, 'rungs' | 'top'> & { readonly middle: number }) {
	const palette = usePalette();
	const seen = rungs.filter(({ power }) => power < top && power > top - SEEN);
	return (
		<Svg width={middle} height={HEIGHT} aria-hidden>
			<Line x1={8} x2={8} y1={0} y2={HEIGHT} stroke={palette.edge} strokeWidth={2} />
			<Line x1={middle - 8} x2={middle - 8} y1={0} y2={HEIGHT} stroke={palette.edge} strokeWidth={2} />
			{seen.map(({ prefix, power, near }) => (
				<Line
					key={`rung ${prefix}`}
					x1={8}
					x2={middle - 8}
					y1={y(top, power) + 10}
					y2={y(top, power) + 10}
					stroke={prefix === '' ? palette.pine : near ? palette.edge : palette.rule}
					strokeWidth={prefix === '' ? 3 : 1}
				/>
			))}
			{seen.map(({ prefix, power, unit }) => (
				<Text
					key={`unit ${prefix}`}
					x={16}
					y={y(top, power) + 5}
					fill={palette.ink}
					fontSize={SIZE.small}
					fontFamily={prefix === '' ? FONT.strong : FONT.regular}
				>
					{unit}
				</Text>
			))}
			{(middle < MIDDLE ? [] : seen).map(({ prefix, power, at }) => (
				<Text
					key={`power ${prefix}`}
					x={middle - 16}
					y={y(top, power) + 5}
					fill={palette.soft}
					fontSize={13}
					fontFamily={FONT.mono}
					textAnchor="end"
				>
					{at === 0 ? '1' : '10'}
					{at === 0 ? null : (
						<TSpan dy={-5} fontSize={10}>
							{`${at}`.replace('-', '−')}
						</TSpan>
					)}
				</Text>
			))}
		</Svg>
	);
});

type EndProps = Pick<Props, 'rungs' | 'top' | 'onMove'> & {
	readonly end: End;
	readonly rung: Rung;
	readonly shows: string;
	readonly says: string;
};

/** One end, on its rung: held and moved up and down. Past an edge the Ladder comes along, for the far prefixes. */
const EndHandle = memo(function EndHandle({ rungs, top, end, rung, shows, says, onMove }: EndProps) {
	const styles = useStyles();
	const held = useRef(rung);
	const power = Math.min(top - 1, Math.max(top - SEEN + 1, rung.power));
	const off = power !== rung.power;
	const move = (to: Rung) => to !== rung && onMove(end, to);
	return (
		<Handle
			label={end === 'value' ? words.theValueOnItsRung : words.theTargetOnItsRung}
			at={rung.at}
			from={rungs.at(-1)?.at ?? 0}
			to={rungs[0]?.at ?? 0}
			says={says}
			onHold={() => {
				held.current = rung;
			}}
			onDrag={(pixels) => move(nearestRung(rungs, held.current.power - pixels / STEP))}
			onStep={(steps) => {
				const at = rungs.indexOf(rung) - steps;
				move(rungs[Math.min(rungs.length - 1, Math.max(0, at))] as Rung);
			}}
			style={[styles.end, styles[end], { top: y(top, power) + 10 - 22 }]}
			testID={`end-${end}`}
		>
			<Box style={[styles.box, end === 'target' && styles.targetBox]}>
				<Words size="small" strong style={styles.shows}>
					{off ? `${rung.power > power ? '↑' : '↓'} ${shows}` : shows}
				</Words>
			</Box>
			<Box style={[styles.pin, styles[`pin${end}`]]} />
		</Handle>
	);
});

/** The Ladder: prefixes as rungs on a scale of powers of ten, the value at its left and the target at its right. */
export function LadderPicture({ name, rungs, top, value, target, shows, says, onMove }: Props) {
	const styles = useStyles();
	const narrow = useRoom().width < NARROW.under;
	const end = (which: End, rung: Rung) => (
		<Box style={styles.side}>
			<EndHandle
				rungs={rungs}
				top={top}
				end={which}
				rung={rung}
				shows={narrow ? rung.unit : shows[which]}
				says={says[which]}
				onMove={onMove}
			/>
		</Box>
	);
	return (
		<Box style={styles.picture} role="group" aria-label={words.theLadderOf(name)} testID="ladder-picture">
			{end('value', value)}
			<Rungs rungs={rungs} top={top} middle={narrow ? NARROW.middle : MIDDLE} />
			{end('target', target)}
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	picture: {
		flexDirection: 'row',
		height: HEIGHT,
		justifyContent: 'center',
		overflow: 'hidden',
		// What moves within it is no concern of the page round it.
		...({ contain: 'strict', width: '100%' } as object),
	},
	side: { position: 'relative', flex: 1, maxWidth: 240 },
	end: { flexDirection: 'row', alignItems: 'center', left: 0, right: 0 },
	value: {},
	target: { flexDirection: 'row-reverse' },
	box: {
		flexShrink: 1,
		flexGrow: 1,
		minHeight: 36,
		justifyContent: 'center',
		paddingHorizontal: GAP.s,
		borderRadius: CORNER,
		backgroundColor: palette.apricot,
		borderWidth: 2,
		borderColor: palette.apricotEdge,
	},
	targetBox: { backgroundColor: palette.pineWash, borderColor: palette.pine },
	shows: { fontVariant: ['tabular-nums'] },
	// It reaches over to the rail.
	pin: { width: 20, height: 3, backgroundColor: palette.ink },
	pinvalue: { marginRight: -8 },
	pintarget: { marginLeft: -8 },
}));
