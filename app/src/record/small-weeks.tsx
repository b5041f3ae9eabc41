import { type SkillWeeks, workedCount } from '@tidy-sum/core/record';
import { stackedColumns } from '@tidy-sum/exchange/charts';
import { memo } from 'react';
import Svg, { Line } from 'react-native-svg';
import { BAR } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { WAYS_IT_WENT } from './went-bar';
import { WentColumns } from './went-columns';

const WEEK_MS = 7 * 86_400_000;

/** How many weeks the small charts show. */
const WEEKS = 12;

const WIDTH = 144;
const HEIGHT = 48;

type Weeks = SkillWeeks['weeks'];

/** The last of all weeks, and the most exercises of one skill in a week that is shown: all small charts share them. */
export type SmallScale = { readonly last: number; readonly most: number };

/** The place of a week in a small chart, from 0; clocks change, so a week may begin an hour off. */
function placeOf(week: number, last: number): number {
	return WEEKS - 1 - Math.round((last - week) / WEEK_MS);
}

/** The scale that the small charts of some skills share. */
export function smallScale(skills: readonly SkillWeeks[]): SmallScale {
	const weeks = skills.flatMap((one) => one.weeks);
	const last = Math.max(0, ...weeks.map(({ week }) => week));
	const shown = weeks.filter(({ week }) => placeOf(week, last) >= 0);
	return { last, most: Math.max(1, ...shown.map(({ counts }) => workedCount(counts))) };
}

/** The counts of the last weeks, one row a week; a week without work has zeros. */
function rowsOf(weeks: Weeks, last: number): readonly (readonly number[])[] {
	const byPlace = new Map(weeks.map(({ week, counts }) => [placeOf(week, last), counts]));
	return Array.from({ length: WEEKS }, (_, at) => WAYS_IT_WENT.map(([went]) => byPlace.get(at)?.[went] ?? 0));
}

/** A skill over the last weeks, small: columns of how its exercises went, on one scale with those of all other skills. */
export const SmallWeeks = memo(function SmallWeeks({ weeks, last, most }: { readonly weeks: Weeks } & SmallScale) {
	const palette = usePalette();
	const { columns } = stackedColumns(rowsOf(weeks, last), { width: WIDTH, height: HEIGHT, most });
	return (
		<Svg width={WIDTH} height={HEIGHT + BAR} viewBox={`0 0 ${WIDTH} ${HEIGHT + BAR}`}>
			<WentColumns columns={columns} />
			<Line x1={0} x2={WIDTH} y1={HEIGHT + 1} y2={HEIGHT + 1} stroke={palette.ink} strokeWidth={BAR} />
		</Svg>
	);
});
