import type { SkillWeeks } from '@tidy-sum/core/record';
import { stackedColumns } from '@tidy-sum/exchange/charts';
import Svg, { Line, Rect } from 'react-native-svg';
import { usePalette } from '../theme/use-palette';
import { dateText } from '../ui/dates';
import { Chart } from './chart';
import { useChartWidth } from './use-chart-width';
import { sayWent, WAYS_IT_WENT } from './went-bar';
import { WentColumns } from './went-columns';
import * as words from './words';

const HEIGHT = 120;
/** What stands under the columns: the line they stand on, and the mark of the one that is chosen. */
const FOOT = 8;

/** A skill week by week: a column a week, of how its exercises went. */
export function WeeksChart({ title, weeks }: { readonly title: string; readonly weeks: SkillWeeks['weeks'] }) {
	const palette = usePalette();
	const width = useChartWidth();
	const counts = weeks.map((week) => WAYS_IT_WENT.map(([went]) => week.counts[went]));
	const { columns, most } = stackedColumns(counts, { width, height: HEIGHT });
	const end = columns.at(-1);
	const drawn = end ? end.x + end.width : width;
	return (
		<Chart
			label={words.weekByWeek(title)}
			says={words.atMostInOne(weeks.length, most)}
			points={weeks.map(({ week, counts: of }) => words.weekOf(dateText(week), sayWent(of)))}
			touched={(x) => {
				const at = x * width;
				const found = columns.findIndex((column) => at < column.x + column.width * 1.2);
				return found < 0 ? columns.length - 1 : found;
			}}
			table={() => ({
				heads: [words.weekOfTitle, ...WAYS_IT_WENT.map(([, says]) => says)],
				rows: weeks.map(({ week, counts: of }) => [dateText(week), ...WAYS_IT_WENT.map(([went]) => `${of[went]}`)]),
			})}
			testID="weeks"
		>
			{(at) => (
				<Svg width={width} height={HEIGHT + FOOT} viewBox={`0 0 ${width} ${HEIGHT + FOOT}`}>
					<WentColumns columns={columns} />
					<Line x1={0} x2={drawn} y1={HEIGHT + 1} y2={HEIGHT + 1} stroke={palette.edge} strokeWidth={1} />
					<Rect
						x={columns[at]?.x ?? 0}
						y={HEIGHT + 3}
						width={columns[at]?.width ?? 0}
						height={FOOT - 4}
						fill={palette.ink}
					/>
				</Svg>
			)}
		</Chart>
	);
}
