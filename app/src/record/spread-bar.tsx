import type { SkillTimes } from '@tidy-sum/core/record';
import { spanOn } from '@tidy-sum/exchange/charts';
import Svg, { Line, Rect } from 'react-native-svg';
import { usePalette } from '../theme/use-palette';
import { Box } from '../ui/box';
import * as words from './words';

const WIDTH = 280;
const HEIGHT = 20;

/** Seconds as a clock shows them: "1:05". */
export function clockText(seconds: number): string {
	return `${Math.floor(seconds / 60)}:${`${seconds % 60}`.padStart(2, '0')}`;
}

/** A spread in words. */
export function saySpread({ spread: [shortest, quarter, middle, most, longest], count }: SkillTimes): string {
	return words.exercisesHalfOfThemTookTo(
		count,
		clockText(quarter),
		clockText(most),
		clockText(middle),
		clockText(shortest),
		clockText(longest),
	);
}

/** A spread as a picture: from the shortest to the longest, with the half in the middle as a box. */
export function SpreadBar({ times, longest }: { readonly times: SkillTimes; readonly longest: number }) {
	const palette = usePalette();
	const [from, quarter, middle, most, to] = spanOn(times.spread, longest, WIDTH - 2).map((x) => x + 1) as [
		number,
		number,
		number,
		number,
		number,
	];
	const mid = HEIGHT / 2;
	return (
		<Box role="img" aria-label={saySpread(times)} style={{ maxWidth: '100%' }}>
			<Svg width={WIDTH} height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} style={{ maxWidth: '100%' }}>
				<Line x1={from} x2={to} y1={mid} y2={mid} stroke={palette.edge} strokeWidth={2} />
				<Rect
					x={quarter}
					y={3}
					width={Math.max(2, most - quarter)}
					height={HEIGHT - 6}
					fill={palette.pineWash}
					stroke={palette.pine}
					strokeWidth={1.5}
				/>
				<Line x1={middle} x2={middle} y1={2} y2={HEIGHT - 2} stroke={palette.pine} strokeWidth={3} />
			</Svg>
		</Box>
	);
}
