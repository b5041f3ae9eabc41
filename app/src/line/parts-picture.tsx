import { printUnitText } from '@tidy-sum/core';
import { type Division, shownExactly } from '@tidy-sum/core/shelf';
import Svg, { G, Line, Rect } from 'react-native-svg';
import { GAP } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Words } from '../ui/words';
import * as words from './words';

type Props = {
	readonly division: Division;
	readonly width: number;
};

/** A whole one is drawn as a bar this wide, with room after it. */
const BAR = 24;
const HEIGHT = 26;
/** The most bars that are drawn one by one. */
const DRAWN = 12;
/** The most marks a bar is divided by. */
const MARKS = 60;

function toNumber({ n, d }: Division['part']): number {
	return Number(n) / Number(d);
}

/** Whole ones as full bars; more than fit are counted. */
function Wholes({ division: { whole, unit }, width }: Props) {
	const styles = useStyles();
	const palette = usePalette();
	const count = toNumber(whole);
	const fit = Math.min(DRAWN, Math.max(1, Math.floor(width / (BAR + 4))));
	const drawn = Math.min(count, fit);
	return (
		<Box style={styles.row}>
			{drawn > 0 ? (
				<Svg width={drawn * (BAR + 4)} height={HEIGHT} aria-hidden>
					{Array.from({ length: drawn }, (_, i) => (
						// biome-ignore lint/suspicious/noArrayIndexKey: a whole one is its place in the row.
						<Rect key={i} x={i * (BAR + 4)} y={2} width={BAR} height={HEIGHT - 4} fill={palette.pine} rx={3} />
					))}
				</Svg>
			) : null}
			<Words size="small">
				{count > drawn
					? words.wholeOfWhole(shownExactly(whole), printUnitText(unit))
					: words.wholeOfWholeUnit(shownExactly(whole), printUnitText(unit))}
			</Words>
		</Box>
	);
}

/** The part of one that is left, in a bar divided into as many of the next unit as make one. */
function Part({ division: { part, next }, width }: Props) {
	const palette = usePalette();
	const share = toNumber(part);
	const size = next ? toNumber(next.size) : 0;
	const marks = size <= MARKS ? Math.round(size) : 0;
	const room = Math.min(width, 340) - 4;
	return (
		<Svg width={room + 4} height={HEIGHT + 8} aria-hidden>
			<Rect x={2} y={4} width={room * share} height={HEIGHT - 4} fill={palette.apricot} />
			<Rect x={2} y={4} width={room} height={HEIGHT - 4} fill="none" stroke={palette.edge} strokeWidth={2} rx={3} />
			<G>
				{Array.from({ length: Math.max(0, marks - 1) }, (_, i) => {
					const x = 2 + (room * (i + 1)) / marks;
					// biome-ignore lint/suspicious/noArrayIndexKey: a mark is its place on the bar.
					return <Line key={i} x1={x} x2={x} y1={HEIGHT - 4} y2={HEIGHT + 6} stroke={palette.edge} strokeWidth={1} />;
				})}
			</G>
		</Svg>
	);
}

/** One division as a picture: the whole ones, and the part of one that is left. */
export function PartsPicture({ division, width }: Props) {
	const styles = useStyles();
	const { unit, part, next } = division;
	return (
		<Box style={styles.picture} role="group" aria-label={words.inWholesAndAPart(printUnitText(unit))}>
			<Wholes division={division} width={width} />
			{next && part.sign !== 0 ? (
				<>
					<Part division={division} width={width} />
					<Words size="small">
						{words.andOfOneWhichIs(
							shownExactly(part),
							printUnitText(unit),
							shownExactly(next.size),
							printUnitText(next.unit),
						)}
					</Words>
				</>
			) : null}
		</Box>
	);
}

const useStyles = makeStyles(() => ({
	picture: { gap: GAP.xs },
	row: { flexDirection: 'row', alignItems: 'center', flexWrap: 'wrap', gap: GAP.xs },
}));
