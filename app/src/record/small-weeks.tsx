import type { SkillWeeks } from '@tidy-sum/core/record';
import { memo } from 'react';
import Svg, { Line, Rect } from 'react-native-svg';
import { usePalette } from '../theme/use-palette';
import { colourOf, WAYS_IT_WENT } from './went-bar';

const WEEK_MS = 7 * 86_400_000;

/** How many weeks the small charts show. */
export const SMALL_WEEKS = 12;

const COLUMN = 10;
const GAP_BETWEEN = 2;
const HEIGHT = 48;
const FOOT = 2;
export const SMALL_WIDTH = SMALL_WEEKS * (COLUMN + GAP_BETWEEN);

type Week = SkillWeeks['weeks'][number];

/** The last of all weeks, and the most exercises of one skill in one of the weeks that are shown: the scale all small charts share. */
export function smallScale(skills: readonly SkillWeeks[]): { readonly last: number; readonly most: number } {
	const weeks = skills.flatMap((one) => one.weeks);
	const last = Math.max(0, ...weeks.map(({ week }) => week));
	const shown = weeks.filter(({ week }) => placeOf(week, last) >= 0);
	return { last, most: Math.max(1, ...shown.map(workedIn)) };
}

/** The place of a week in a small chart, from 0; clocks change, so a week may begin an hour off. */
function placeOf(week: number, last: number): number {
	return SMALL_WEEKS - 1 - Math.round((last - week) / WEEK_MS);
}

function workedIn({ counts }: Week): number {
	return WAYS_IT_WENT.reduce((sum, [went]) => sum + counts[went], 0);
}

type Props = Pick<SkillWeeks, 'weeks'> & ReturnType<typeof smallScale>;

/** A skill over the last weeks, small: columns of how its exercises went, on one scale with those of all other skills. */
export const SmallWeeks = memo(function SmallWeeks({ weeks, last, most }: Props) {
	const palette = usePalette();
	const unit = HEIGHT / most;
	return (
		<Svg width={SMALL_WIDTH} height={HEIGHT + FOOT} viewBox={`0 0 ${SMALL_WIDTH} ${HEIGHT + FOOT}`}>
			{weeks.flatMap(({ week, counts }) => {
				const at = placeOf(week, last);
				if (at < 0) return [];
				let top = HEIGHT;
				return WAYS_IT_WENT.flatMap(([went]) => {
					const height = counts[went] * unit;
					if (!height) return [];
					top -= height;
					return (
						<Rect
							key={`${week} ${went}`}
							x={at * (COLUMN + GAP_BETWEEN)}
							y={top}
							width={COLUMN}
							height={Math.max(1, height - 1)}
							fill={colourOf(palette, went)}
						/>
					);
				});
			})}
			<Line x1={0} x2={SMALL_WIDTH} y1={HEIGHT + 1} y2={HEIGHT + 1} stroke={palette.ink} strokeWidth={FOOT} />
		</Svg>
	);
});
