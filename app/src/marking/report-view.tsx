import { type Report, sayCounts, sayUnread, totalOf } from '@tidy-sum/exchange/report';
import { useState } from 'react';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Words } from '../ui/words';
import { CountsBar } from './counts-bar';
import * as words from './words';

/** How many slips are shown, and how many rows of a list until all are asked for. */
const SLIPS = 6;
const ROWS = 20;

type Row = { readonly key: string; readonly title: string; readonly beside: string; readonly counts: Report['counts'] };

/** Rows of counts, each with its bar and the same in words. */
function CountRows({
	title,
	rows,
	testID,
}: {
	readonly title: string;
	readonly rows: readonly Row[];
	readonly testID: string;
}) {
	const styles = useStyles();
	const [all, setAll] = useState(false);
	if (!rows.length) return null;
	const most = Math.max(...rows.map(({ counts }) => totalOf(counts)), 1);
	return (
		<Box style={styles.part}>
			<Words strong size="title" role="heading" aria-level={2}>
				{title}
			</Words>
			<Box role="list" testID={testID}>
				{rows.slice(0, all ? rows.length : ROWS).map(({ key, title: name, beside, counts }) => (
					<Box key={key} role="listitem" style={styles.item}>
						<Words strong>{name}</Words>
						<CountsBar counts={counts} most={most} />
						<Words size="small">{sayCounts(counts)}</Words>
						{beside ? (
							<Words size="small" tone="soft">
								{beside}
							</Words>
						) : null}
					</Box>
				))}
			</Box>
			{rows.length > ROWS && !all ? (
				<Box style={styles.row}>
					<Button label={words.all(rows.length)} onPress={() => setAll(true)} testID={`${testID}-all`} />
				</Box>
			) : null}
		</Box>
	);
}

/** What came of a class's answers: how they went, what slipped most with the very lines, by exercise and by student. */
export function ReportView({ report }: { readonly report: Report }) {
	const styles = useStyles();
	const { rows, counts, exercises, students, slips, unread } = report;
	const named = new Map(exercises.map(({ name }, i) => [name, i + 1]));
	return (
		<Box style={styles.whole} testID="report">
			<Words role="status" aria-live="polite" testID="report-says">
				{words.answers(rows, sayCounts(counts))}
			</Words>
			<CountsBar counts={counts} most={rows} />
			<Box style={styles.part}>
				<Words strong size="title" role="heading" aria-level={2}>
					{words.mostCommonSlips}
				</Words>
				{slips.length ? null : <Words>{words.noSlipWasNamed}</Words>}
				<Box role="list" testID="report-slips">
					{slips.slice(0, SLIPS).map(({ code, title, count, examples }) => (
						<Box key={code} role="listitem" style={styles.item}>
							<Words strong>{words.slipWithCount(title, count)}</Words>
							{examples.map(({ student, exercise, answer, why }) => (
								<Words key={`${student} ${exercise} ${answer}`} size="small">
									{student ? `${student}, ` : ''}
									{exercise}:{' '}
									<Words mono size="small">
										{answer.slice(0, 160)}
									</Words>
									. {why}
								</Words>
							))}
						</Box>
					))}
				</Box>
			</Box>
			<CountRows
				title={words.byExercise}
				testID="report-exercises"
				rows={exercises
					.filter((one) => totalOf(one.counts) > 0)
					.map(({ name, title, counts: its, slip }) => ({
						key: name,
						title: `${named.get(name)}. ${title || name}`,
						beside: slip ? words.mostCommon(slip) : '',
						counts: its,
					}))}
			/>
			<CountRows
				title={words.byStudent}
				testID="report-students"
				rows={students.map(({ name, counts: its, points }) => ({
					key: name,
					title: name,
					beside: points ? words.ofPoints(points.got, points.of) : '',
					counts: its,
				}))}
			/>
			{unread.length ? (
				<Box style={styles.part}>
					<Words strong size="title" role="heading" aria-level={2}>
						{words.notRead}
					</Words>
					<Box role="list" testID="report-unread">
						{unread.map((row) => (
							<Box key={row.at} role="listitem">
								<Words tone="look">{sayUnread(row)}</Words>
							</Box>
						))}
					</Box>
				</Box>
			) : null}
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	whole: { gap: GAP.l },
	part: { gap: GAP.s },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	item: { gap: GAP.xs, paddingVertical: GAP.s, borderBottomWidth: 1, borderBottomColor: palette.rule },
}));
