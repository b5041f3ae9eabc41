import { countOf } from '@tidy-sum/core';
import { type Bars, spreadOf, stackedBars } from '../charts';
import { type Html, html, htmlPage, type Paper, type Written } from '../html';
import {
	type AnswerWent,
	byLost,
	type Counts,
	countsOf,
	type Report,
	SHOWN,
	sayCounts,
	sayUnread,
	totalOf,
	WENT,
} from './report';

/** The colour of each way an answer went, on paper. */
const COLOURS: { readonly [W in AnswerWent]: string } = {
	right: '#1b6e4b',
	nearly: '#b07a1e',
	wrong: '#a33b2d',
	unread: '#777777',
};

/** The most rows of one table on the page. */
const ROWS = 300;

/** The most exercises that stand beside each other in the table of the class. */
const ACROSS = 30;

function barOf({ bars, width, height, ticks }: Bars, label: string): Html {
	return html`<svg class="chart" role="img" aria-label="${label}" viewBox="-8 -2 ${width + 20} ${height + 16}" width="${width + 20}" height="${height + 16}">
${bars.map((bar) => bar.parts.map((part, i) => (part.count ? html`<rect x="${round(part.x)}" y="${round(bar.y)}" width="${round(part.width)}" height="${round(bar.height)}" fill="${COLOURS[WENT[i] as AnswerWent]}"/>` : html``)))}
${ticks.map(({ x, label: text }) => html`<text x="${round(x)}" y="${height + 12}" font-size="9" text-anchor="middle" fill="#555">${text}</text>`)}
</svg>`;
}

function round(value: number): number {
	return Math.round(value * 10) / 10;
}

/** The bar of one row by itself, in the scale of all of them. */
function singleBar(counts: Counts, most: number): Html {
	const width = (130 * countsOf(counts).reduce((sum, count) => sum + count, 0)) / Math.max(1, most);
	const { bars } = stackedBars([{ label: '', counts: countsOf(counts) }], { width, row: 12 });
	return html`<svg class="bar" role="img" aria-label="${sayCounts(counts)}" viewBox="0 0 130 12" width="130" height="12">
${bars.map((bar) => bar.parts.map((part, i) => (part.count ? html`<rect x="${round(part.x)}" y="1" width="${round(part.width)}" height="10" fill="${COLOURS[WENT[i] as AnswerWent]}"/>` : html``)))}
</svg>`;
}

function table(names: readonly Written[], rows: readonly (readonly Written[])[]): Html {
	return html`<table><thead><tr>${names.map((name) => html`<th>${name}</th>`)}</tr></thead>
<tbody>${rows.map((cells) => html`<tr>${cells.map((cell) => html`<td>${cell}</td>`)}</tr>`)}</tbody></table>`;
}

function more(all: number, shown: number, what: string): Html {
	return all > shown ? html`<p class="soft"><small>And ${all - shown} ${what} more.</small></p>` : html``;
}

function legend(): Html {
	return html`<p class="soft"><small>${WENT.map((went) => html`<span style="color:${COLOURS[went]}">${SHOWN[went].sign}</span> ${SHOWN[went].says} &nbsp; `)}</small></p>`;
}

/** The table of a class: who, by exercise; left out where it is too large to be one. */
function classTable({ students, exercises }: Report): Html {
	const across = exercises.filter(({ counts }) => totalOf(counts) > 0);
	if (!students.length || students.length > ROWS || across.length > ACROSS || across.length < 2) return html``;
	return html`<table class="class"><thead><tr><th>Student</th>${across.map(({ name }, i) => html`<th class="n" title="${name}">${exercises.findIndex((one) => one.name === name) + 1 || i + 1}</th>`)}</tr></thead>
<tbody>${students.map(({ name, went }) => html`<tr><td>${name}</td>${across.map((one) => signOf(went.get(one.name)))}</tr>`)}</tbody></table>`;
}

function signOf(went: AnswerWent | undefined): Html {
	if (!went) return html`<td class="n"></td>`;
	const { sign, says } = SHOWN[went];
	return html`<td class="n"><span role="img" aria-label="${says}" style="color:${COLOURS[went]}">${sign}</span></td>`;
}

function slipsPart({ slips }: Report): Html {
	if (!slips.length) return html`<p>No slip was named.</p>`;
	const bars = stackedBars(
		slips.slice(0, 8).map(({ title, count }) => ({ label: title, counts: [0, 0, count, 0] })),
		{ width: 130, row: 14 },
	);
	const most = slips[0]?.count ?? 1;
	return html`${slips.slice(0, 8).map(
		(
			{ title, count, examples },
			i,
		) => html`<div class="slip whole"><p><svg class="bar" role="img" aria-label="${count} times" viewBox="0 0 130 12" width="130" height="12"><rect x="0" y="1" width="${round(bars.bars[i]?.parts[2]?.width ?? (130 * count) / most)}" height="10" fill="${COLOURS.wrong}"/></svg> <strong>${title}</strong>, ${countOf(count, 'time')}</p>
<ul>${examples.map(({ student, exercise, answer, why }) => html`<li><small>${student ? `${student}, ` : ''}${exercise}: <strong>${answer.length > 160 ? `${answer.slice(0, 160)}…` : answer}</strong>. ${why}</small></li>`)}</ul></div>`,
	)}${more(slips.length, 8, 'kinds of slips')}`;
}

/** Exercises with what was lost most first, each with its number in the set. */
function exercisesTable({ exercises }: Report, answered: Report['exercises'], most: number): Html {
	const rows = answered
		.slice(0, ROWS)
		.map((one) => [
			html`${exercises.indexOf(one) + 1}. ${one.title || one.name}`,
			totalOf(one.counts),
			one.counts.right,
			singleBar(one.counts, most),
			one.slip,
		]);
	return html`${table(['Exercise', 'Answers', 'Right', 'How they went', 'Slipped most'], rows)}${more(answered.length, ROWS, 'exercises')}`;
}

/** Students with what was lost most first. */
function studentsTable({ students }: Report, most: number, withPoints: boolean): Html {
	if (!students.length) return html``;
	const names = ['Student', 'Answers', 'Right', ...(withPoints ? ['Points'] : []), 'How they went'];
	const rows = byLost(students)
		.slice(0, ROWS)
		.map((one) => [
			one.name,
			totalOf(one.counts),
			one.counts.right,
			...(withPoints ? [one.points ? `${one.points.got} of ${one.points.of}` : ''] : []),
			singleBar(one.counts, most),
		]);
	return html`${table(names, rows)}${more(students.length, ROWS, 'students')}`;
}

function unreadList({ unread, counts }: Report): Html {
	if (!unread.length) return html``;
	return html`<ul>${unread.map((row) => html`<li>${sayUnread(row)}</li>`)}</ul>${more(counts.unread, unread.length, 'rows')}`;
}

/** A part of the report: its heading, what the contents say of it, and what it shows. A part without anything is left out. */
type PagePart = { readonly name: string; readonly title: string; readonly holds: string; readonly body: Html };

const STYLE = `.contents{columns:2;font-size:10pt;margin:2mm 0 4mm;padding-left:5mm}.contents a{color:inherit}.chart,.bar{vertical-align:middle}.slip ul{margin:0 0 2mm;padding-left:6mm}.class td,.class th{padding:.6mm 1mm;font-size:9pt}
.top{display:flex;gap:8mm;align-items:flex-start;flex-wrap:wrap}`;

/** A report of a class's answers, as one page to print, with small charts that are plain SVG. It is only written. */
export function reportHtml(report: Report, paper: Paper = 'a4'): string {
	const { title, rows, counts, exercises, students, slips } = report;
	const answered = byLost(exercises.filter((one) => totalOf(one.counts) > 0));
	const most = Math.max(...answered.map((one) => totalOf(one.counts)), 1);
	const mostOf = Math.max(...students.map((one) => totalOf(one.counts)), 1);
	const shares = students.map((one) => one.counts.right / Math.max(1, totalOf(one.counts)));
	const spread = spreadOf(shares, { width: 200, height: 60 });
	const withPoints = students.some(({ points }) => points !== null);
	const all = stackedBars([{ label: 'all', counts: countsOf(counts) }], { width: 260, row: 22 });
	const parts: readonly PagePart[] = [
		{ name: 'class', title: 'The class', holds: '', body: classTable(report) },
		{
			name: 'slips',
			title: 'Most common slips',
			holds: slips[0] ? `first ${slips[0].title}` : 'none was named',
			body: slipsPart(report),
		},
		{
			name: 'exercises',
			title: 'By exercise',
			holds: countOf(answered.length, 'exercise'),
			body: exercisesTable(report, answered, most),
		},
		{
			name: 'students',
			title: 'By student',
			holds: countOf(students.length, 'student'),
			body: studentsTable(report, mostOf, withPoints),
		},
		{ name: 'unread', title: 'Not read', holds: countOf(counts.unread, 'row'), body: unreadList(report) },
	].filter(({ body: { text } }) => text !== '');
	const body = html`<h1>${title || 'Answers of a class'}</h1>
<p>${countOf(rows, 'answer')}${students.length ? `, ${countOf(students.length, 'student')}` : ''}: ${sayCounts(counts)}.</p>
<div class="top">${barOf(all, 'All answers by how they went')}
${students.length > 1 ? html`<figure style="margin:0"><svg class="chart" role="img" aria-label="How many students have which share right" viewBox="-14 -2 236 78" width="236" height="78"><path d="${spread.fill}" fill="#cfe3d8"/><path d="${spread.edge}" fill="none" stroke="#1b6e4b" stroke-width="1.5"/>${spread.ticks.map(({ x, label }) => html`<text x="${round(x)}" y="73" font-size="9" text-anchor="middle" fill="#555">${label}</text>`)}</svg><figcaption><small class="soft">Share right, by student</small></figcaption></figure>` : html``}</div>
${legend()}
<ul class="contents">${parts.map((part) => html`<li><a href="#${part.name}">${part.title}</a>${part.holds ? `: ${part.holds}` : ''}</li>`)}</ul>
${parts.map((part) => html`<h2 id="${part.name}">${part.title}</h2>${part.body}`)}`;
	return htmlPage(title || 'Answers of a class', paper, STYLE, body);
}
