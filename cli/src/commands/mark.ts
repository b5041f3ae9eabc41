import { markerOf, type Report, readPoints, reportHtml, sayCounts, sayUnread } from '@tidy-sum/exchange/marking';
import cliProgress from 'cli-progress';
import { paperNamed, sayRows, setNamed, writeWhole } from '../files';
import { markFile, type Progress } from '../marking';
import { type PeopleCommand, textOf, unread } from './command';
import * as words from './words';

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
		words.answers(rows, sayCounts(counts)),
		...slips.slice(0, 5).map(({ title, count }) => `  ${title}: ${count}`),
		...not.slice(0, 5).map((row) => words.notRead(sayUnread(row))),
	].join('\n');
}

/** The answers of a class judged, row by row. */
export const mark: PeopleCommand = {
	name: 'mark',
	takes: [['answers', words.csvWithTheColumnsStudent]],
	flags: [
		['-s, --set <set>', words.theExercisesAFileTheCodeOf],
		['-o, --out <file>', words.whereToWriteTheMarked],
		['-r, --report <file>', words.whereToWriteAPageToPrint],
		['-p, --points <points>', words.pointsForEachLineLineValue],
		['--paper <size>', words.a4OrLetterForTheReportA4By],
	],
	says: words.markTheAnswersOfAClassWith,
	examples: [words.tidySumMarkAnswersCsvSet, words.tidySumMarkAnswersCsvSetKS5faF],
	run: async ([answers = ''], flags) => {
		const named = textOf(flags, 'set');
		if (named === undefined) return unread(words.giveTheExercisesTooSetSet);
		if (answers === '-' && named === '-') return unread(words.onlyOneOfTheTwoCanBeRead);
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
		const told = [sayRows(set.value), stopped ? words.stoppedTheAnswersMarkedSo : '', sayReport(report)].filter(
			Boolean,
		);
		const code = stopped || report.counts.unread ? 1 : 0;
		return out === undefined ? { text: '', beside: told.join('\n'), code } : { text: told.join('\n'), code };
	},
};
