import { markerOf, type Report, readPoints, reportHtml, sayCounts, sayUnread } from '@tidy-sum/exchange/marking';
import cliProgress from 'cli-progress';
import { paperNamed, sayRows, setNamed, writeWhole } from '../files';
import { markFile, type Progress } from '../marking';
import { type PeopleCommand, textOf, unread } from './command';

/** A bar of how far it is, where there is a terminal to draw it on and a size to go by. */
function progressBar(): { readonly move: Progress; readonly end: () => void } {
	if (!process.stderr.isTTY) return { move: () => {}, end: () => {} };
	const bar = new cliProgress.SingleBar({
		format: 'marking {bar} {percentage}%',
		stream: process.stderr,
		clearOnComplete: true,
	});
	let begun = false;
	return {
		move: (read, of) => {
			if (of === 0) return;
			if (!begun) bar.start(of, 0);
			begun = true;
			bar.update(Math.min(read, of));
		},
		end: () => {
			if (begun) bar.stop();
		},
	};
}

/** Whether the one at the terminal has asked to stop; a second time ends it at once. */
function stopAsked(): { readonly asked: () => boolean; readonly done: () => void } {
	let asked = false;
	const ask = () => {
		asked = true;
		process.off('SIGINT', ask);
	};
	process.on('SIGINT', ask);
	return { asked: () => asked, done: () => process.off('SIGINT', ask) };
}

function sayReport({ rows, counts, slips, unread: not }: Report): string {
	return [
		`${rows} answers: ${sayCounts(counts)}.`,
		...slips.slice(0, 5).map(({ title, count }) => `  ${title}: ${count}`),
		...not.slice(0, 5).map((row) => `  not read: ${sayUnread(row)}`),
	].join('\n');
}

/** The answers of a class judged, row by row. */
export const mark: PeopleCommand = {
	name: 'mark',
	takes: [
		['answers', 'CSV with the columns student, exercise, answer, and working if it is handed in; - for standard input'],
	],
	flags: [
		['-s, --set <set>', 'the exercises: a file, the code of a Round, or book'],
		['-o, --out <file>', 'the marked answers as CSV; standard output where it is left out'],
		['-r, --report <file>', 'a page to print: the class, what slipped most, by exercise and by student'],
		['-p, --points <points>', 'points for each line: "line 1, value 2, figures 1, unit 1"'],
		['--paper <size>', 'a4 or letter, for the report; a4 where it is left out'],
	],
	says: 'the answers of a class judged, with the four lines, the slips and what to look at',
	examples: [
		'tidy-sum mark answers.csv --set set.json -o marked.csv --report report.html',
		'tidy-sum mark answers.csv --set 910k-s5fa-f --points "value 2, figures 1, unit 1"',
	],
	run: async ([answers = ''], flags) => {
		const named = textOf(flags, 'set');
		if (named === undefined) return unread('Say which exercises they belong to: --set set.json');
		if (answers === '-' && named === '-') return unread('Only one of the two can come from standard input.');
		const asked = textOf(flags, 'points');
		const points = asked === undefined ? null : readPoints(asked);
		if (points && !points.ok) return unread(points.fault.message);
		const paper = paperNamed(textOf(flags, 'paper'));
		if (!paper.ok) return unread(paper.fault.message);
		const set = await setNamed(named);
		if (!set.ok) return unread(set.fault.message);
		const bar = progressBar();
		const stop = stopAsked();
		const out = textOf(flags, 'out');
		const done = await markFile(answers, out, {
			marker: markerOf(set.value.set, points?.value ?? null),
			title: set.value.set.title,
			withPoints: points !== null,
			progress: bar.move,
			stopped: stop.asked,
		});
		bar.end();
		stop.done();
		if (!done.ok) return unread(done.fault.message);
		const { report, stopped } = done.value;
		const page = textOf(flags, 'report');
		const kept = page === undefined ? null : await writeWhole(page, reportHtml(report, paper.value));
		if (kept && !kept.ok) return unread(kept.fault.message);
		const told = [
			sayRows(set.value),
			stopped ? 'Stopped. What was marked until then is kept.' : '',
			sayReport(report),
		].filter(Boolean);
		const code = stopped || report.counts.unread ? 1 : 0;
		return out === undefined ? { text: '', beside: told.join('\n'), code } : { text: told.join('\n'), code };
	},
};
