import type { DueDay } from '@tidy-sum/core/record';
import { CORNER } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { dayText, WEEKDAYS } from '../ui/dates';
import { Words } from '../ui/words';
import { Chart } from './chart';
import { skillTitle } from './skill-title';
import * as words from './words';

const DAY_MS = 86_400_000;

/** The calendar's cells, in weeks that begin on Monday: the days from today on, and none before it or behind. */
export function calendarOf(today: number, days: number): readonly (readonly (number | null)[])[] {
	const weeks = Math.ceil((today + days) / 7);
	return Array.from({ length: weeks }, (_, week) =>
		Array.from({ length: 7 }, (__, i) => {
			const day = week * 7 + i - today;
			return day >= 0 && day < days ? day : null;
		}),
	);
}

function nameOf(day: number, now: number): string {
	if (day === 0) return words.today;
	return day === 1 ? words.tomorrow : dayText(now + day * DAY_MS);
}

/** What is due when: the next two weeks as a calendar. */
export function DuePart({ due, now }: { readonly due: readonly DueDay[]; readonly now: number }) {
	const styles = useStyles();
	const coming = due.filter(({ skills }) => skills.length);
	if (!coming.length) return <Words>{words.nothingIsDueInTheNextTwo}</Words>;
	const weeks = calendarOf((new Date(now).getDay() + 6) % 7, due.length);
	const says = ({ day, skills }: DueDay) =>
		`${nameOf(day, now)}: ${skills.length ? skills.map(skillTitle).join(', ') : words.nothingIsDue}.`;
	return (
		<Chart
			label={words.dueInTheNextTwoWeeks}
			says={words.daysWithSomethingDue(coming.length, coming[0] ? nameOf(coming[0].day, now).toLowerCase() : null)}
			points={due.map(says)}
			touched={(x, y) => {
				// The names of the days stand in a row of their own.
				const row = Math.floor(y * (weeks.length + 1)) - 1;
				return weeks[Math.max(0, row)]?.[Math.min(6, Math.floor(x * 7))] ?? 0;
			}}
			table={() => ({
				heads: [words.day, words.whatIsDue],
				rows: due.map(({ day, skills }) => [nameOf(day, now), skills.map(skillTitle).join(', ') || '–']),
			})}
			first={0}
			testID="due"
		>
			{(at) => (
				<Box style={styles.calendar}>
					<Box style={styles.week}>
						{WEEKDAYS.map((name) => (
							<Box key={name} style={styles.day}>
								<Words size="small" tone="soft">
									{name.slice(0, 2)}
								</Words>
							</Box>
						))}
					</Box>
					{weeks.map((week) => (
						<Box key={`${week.find((day) => day !== null)}`} style={styles.week}>
							{week.map((day, i) => {
								const count = day === null ? 0 : (due[day]?.skills.length ?? 0);
								const date = day === null ? '' : `${new Date(now + day * DAY_MS).getDate()}`;
								return (
									<Box
										key={WEEKDAYS[i]}
										style={[styles.day, count > 0 && styles.due, day === null && styles.none, day === at && styles.at]}
									>
										<Words size="small" tone="soft">
											{date}
										</Words>
										<Words strong mono>
											{count || ' '}
										</Words>
									</Box>
								);
							})}
						</Box>
					))}
				</Box>
			)}
		</Chart>
	);
}

const useStyles = makeStyles((palette) => ({
	calendar: { flex: 1, gap: 2, maxWidth: 480 },
	week: { flexDirection: 'row', gap: 2 },
	day: {
		flex: 1,
		minHeight: 44,
		alignItems: 'center',
		justifyContent: 'center',
		borderWidth: 2,
		borderColor: 'transparent',
		borderRadius: CORNER,
	},
	none: { opacity: 0 },
	due: { backgroundColor: palette.pineWash },
	at: { borderColor: palette.ink },
}));
