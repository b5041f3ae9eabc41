import { byLost, type Report, sayCounts, sayUnread, totalOf } from '@tidy-sum/exchange/report';
import { type ReactNode, useState } from 'react';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Fold } from '../ui/fold';
import { Words } from '../ui/words';
import { CountsBar } from './counts-bar';
import * as words from './words';

/** How many rows of a list are shown until all are asked for: about a screen of a phone. */
const ROWS = 6;

type Row = { readonly key: string; readonly title: string; readonly beside: string; readonly counts: Report['counts'] };

/** A list that shows its first rows, and all of them at a touch. */
function FirstRows<Item>({
	items,
	draw,
	testID,
}: {
	readonly items: readonly Item[];
	readonly draw: (item: Item) => ReactNode;
	readonly testID: string;
}) {
	const styles = useStyles();
	const [all, setAll] = useState(false);
	return (
		<>
			<Box role="list" style={styles.list} testID={testID}>
				{(all ? items : items.slice(0, ROWS)).map(draw)}
			</Box>
			{items.length > ROWS && !all ? (
				<Box style={styles.row}>
					<Button label={words.all(items.length)} onPress={() => setAll(true)} testID={`${testID}-all`} />
				</Box>
			) : null}
		</>
	);
}

/** Rows of counts, each with its bar and the same in words. */
function CountRows({ rows, testID }: { readonly rows: readonly Row[]; readonly testID: string }) {
	const styles = useStyles();
	const most = Math.max(...rows.map(({ counts }) => totalOf(counts)), 1);
	return (
		<FirstRows
			items={rows}
			testID={testID}
			draw={({ key, title, beside, counts }) => (
				<Box key={key} role="listitem" style={styles.item}>
					<Words strong>{title}</Words>
					<CountsBar counts={counts} most={most} />
					<Words size="small">{sayCounts(counts)}</Words>
					{beside ? (
						<Words size="small" tone="soft">
							{beside}
						</Words>
					) : null}
				</Box>
			)}
		/>
	);
}

/** The kinds of slips, each with the lines that show it. */
function SlipRows({ slips }: { readonly slips: Report['slips'] }) {
	const styles = useStyles();
	return (
		<FirstRows
			items={slips}
			testID="report-slips"
			draw={({ code, title, count, examples }) => (
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
			)}
		/>
	);
}

/** A part of the report; one without anything is left out. */
type PartRow = {
	readonly name: string;
	readonly title: string;
	readonly says: (report: Report) => string;
	readonly has: (report: Report) => boolean;
	readonly show: (report: Report) => ReactNode;
};

function exerciseRows({ exercises }: Report): readonly Row[] {
	const numbered = exercises.map((one, i) => ({ ...one, title: `${i + 1}. ${one.title || one.name}` }));
	return byLost(numbered.filter(({ counts }) => totalOf(counts) > 0)).map(({ name, title, counts, slip }) => ({
		key: name,
		title,
		beside: slip ? words.mostCommon(slip) : '',
		counts,
	}));
}

function studentRows({ students }: Report): readonly Row[] {
	return byLost(students).map(({ name, counts, points }) => ({
		key: name,
		title: name,
		beside: points ? words.ofPoints(points.got, points.of) : '',
		counts,
	}));
}

/** The parts in the order they are shown; their headings are the contents of the page. */
const PARTS: readonly PartRow[] = [
	{
		name: 'slips',
		title: words.mostCommonSlips,
		says: ({ slips }) => (slips.length ? words.slipKinds(slips.length) : words.noSlipWasNamed),
		has: ({ slips }) => slips.length > 0,
		show: ({ slips }) => <SlipRows slips={slips} />,
	},
	{
		name: 'exercises',
		title: words.byExercise,
		says: (report) => words.exercisesByLost(exerciseRows(report).length),
		has: (report) => exerciseRows(report).length > 0,
		show: (report) => <CountRows rows={exerciseRows(report)} testID="report-exercises" />,
	},
	{
		name: 'students',
		title: words.byStudent,
		says: ({ students }) => words.studentsByLost(students.length),
		has: ({ students }) => students.length > 0,
		show: (report) => <CountRows rows={studentRows(report)} testID="report-students" />,
	},
	{
		name: 'unread',
		title: words.notRead,
		says: ({ counts }) => words.rowsNotRead(counts.unread),
		has: ({ unread }) => unread.length > 0,
		show: ({ unread }) => (
			<FirstRows
				items={unread}
				testID="report-unread"
				draw={(row) => (
					<Box key={row.at} role="listitem">
						<Words tone="look">{sayUnread(row)}</Words>
					</Box>
				)}
			/>
		),
	},
];

/**
 * What came of a class's answers: how they went, then each part behind its heading. The first part that has something is open, so
 * the page is short and its headings are its contents.
 */
export function ReportView({ report }: { readonly report: Report }) {
	const styles = useStyles();
	const { rows, counts } = report;
	const parts = PARTS.filter(({ has }) => has(report));
	return (
		<Box style={styles.whole} testID="report">
			<Words role="status" aria-live="polite" testID="report-says">
				{words.answers(rows, sayCounts(counts))}
			</Words>
			<CountsBar counts={counts} most={rows} />
			{parts.map(({ name, title, says, show }, i) => (
				<Fold key={name} title={title} says={says(report)} open={i === 0} testID={`report-part-${name}`}>
					{show(report)}
				</Fold>
			))}
		</Box>
	);
}

const useStyles = makeStyles(() => ({
	whole: { gap: GAP.m },
	list: { gap: GAP.m },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	item: { gap: GAP.xs },
}));
