import type { WeekDays } from '@tidy-sum/core/record';
import { CORNER, GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { WEEKDAYS } from '../ui/dates';
import { Said } from '../ui/said';
import { Words } from '../ui/words';
import * as words from './words';

/** This week in one quiet strip: how many exercises were worked on each day. A day without any is only a day. */
export function WeekStrip({ week }: { readonly week: WeekDays | null }) {
	const styles = useStyles();
	return (
		<Box style={styles.part}>
			<Words size="small" tone="soft" role="heading" aria-level={2}>
				{words.thisWeek}
			</Words>
			<Box role="list" style={styles.days} testID="week">
				{WEEKDAYS.map((day, i) => {
					const count = week?.counts[i] ?? 0;
					return (
						<Box key={day} role="listitem" style={[styles.day, i === week?.today && styles.today]}>
							<Words size="small" tone="soft" aria-hidden>
								{day.slice(0, 2)}
							</Words>
							<Words mono aria-hidden>
								{count || '·'}
							</Words>
							<Said>{`${day}${i === week?.today ? words.todayLabel : ''}: ${words.exerciseCount(count)}`}</Said>
						</Box>
					);
				})}
			</Box>
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	part: { gap: GAP.xs },
	days: { flexDirection: 'row', gap: GAP.xs, maxWidth: 480 },
	day: {
		flex: 1,
		alignItems: 'center',
		paddingVertical: GAP.xs,
		borderBottomWidth: 3,
		borderBottomColor: 'transparent',
		backgroundColor: palette.panel,
		borderRadius: CORNER,
	},
	today: { borderBottomColor: palette.pine },
}));
