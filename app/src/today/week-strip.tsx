import type { WeekDays } from '@tidy-sum/core/record';
import { BAR, CORNER, GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { WEEKDAYS } from '../ui/dates';
import { Part } from '../ui/part';
import { Said } from '../ui/said';
import { Words } from '../ui/words';
import * as words from './words';

/** The height of what fills the socket of a day, in pixels. */
const DEEP = 40;

/**
 * This week as seven sockets on a bar: each fills by the share that was right at once, and says how many exercises were worked. A
 * day without any is only a day.
 */
export function WeekStrip({ week }: { readonly week: WeekDays }) {
	const styles = useStyles();
	return (
		<Part title={words.thisWeek}>
			<Box role="list" style={styles.days} testID="week">
				{WEEKDAYS.map((day, i) => {
					const count = week.counts[i] ?? 0;
					const right = Math.min(count, week.atOnce[i] ?? 0);
					const isToday = i === week.today;
					return (
						<Box key={day} role="listitem" style={styles.day}>
							<Words strong={count > 0} aria-hidden style={styles.count}>
								{count || ''}
							</Words>
							<Box style={[styles.socket, count > 0 && styles.worked]}>
								<Box style={[styles.right, { height: count ? (DEEP * right) / count : 0 }]} />
							</Box>
							<Box style={styles.bar} />
							<Words size="small" tone={isToday ? 'ink' : 'soft'} strong={isToday} aria-hidden>
								{day.slice(0, 2)}
							</Words>
							<Said>{words.dayOfWeek(day, isToday, count, right)}</Said>
						</Box>
					);
				})}
			</Box>
			<Words size="small" tone="soft">
				{words.greenIsRightAtOnce}
			</Words>
		</Part>
	);
}

const useStyles = makeStyles((palette) => ({
	days: { flexDirection: 'row', gap: GAP.xs, maxWidth: 480 },
	day: { flex: 1, alignItems: 'center' },
	count: { height: 24 },
	socket: {
		alignSelf: 'stretch',
		height: DEEP + 4,
		borderWidth: 2,
		borderStyle: 'dashed',
		borderColor: palette.edge,
		borderRadius: CORNER,
		justifyContent: 'flex-end',
		marginBottom: 3,
		...({ overflow: 'hidden' } as object),
	},
	bar: { height: BAR, alignSelf: 'stretch', marginHorizontal: -GAP.xs / 2, backgroundColor: palette.ink },
	worked: { borderStyle: 'solid', borderColor: palette.pine },
	right: { backgroundColor: palette.pine },
}));
