import {
	type Exercise,
	goalOf,
	inMark,
	markOf,
	plainCode,
	sayWanted,
	shownCode,
	solutionOf,
	workChain,
} from '@tidy-sum/core';
import { sayFigures } from '@tidy-sum/core/help';
import qrcode from 'qrcode-generator';
import { handedLink } from '../handed-link';
import { Html, html, htmlPage, type Paper } from '../html';
import { lineMathml } from '../line-forms';
import { type ExerciseSet, exercisesOf, handedOfSet, textOfExercise } from '../set/exercise-set';

export type SheetAsk = {
	/** Where the app is found: the picture of the code leads there. */
	readonly url?: string;
	readonly paper?: Paper;
};

/** The most bytes a picture of a code holds at its lowest correction (ISO/IEC 18004, version 40-L). */
const PICTURE_LIMIT = 2953;

/** Whether a work sheet can show a picture of the code that opens it, at an address. */
export function fitsPicture(set: ExerciseSet, url: string): boolean {
	return setLink(set, url).length <= PICTURE_LIMIT;
}

/** The address at which a set opens: the Round by its code, or the problems themselves behind the #. */
export function setLink(set: ExerciseSet, url: string): string {
	const root = url.replace(/\/+$/u, '');
	return set.code ? `${root}/round/${plainCode(set.code)}` : `${root}/bring#p=${handedLink(handedOfSet(set))}`;
}

/** A text as a picture of a code (QR, ISO/IEC 18004); null where it is too long for one. */
export function codePicture(text: string): string | null {
	if (text.length > PICTURE_LIMIT) return null;
	const picture = qrcode(0, text.length > 600 ? 'L' : 'M');
	picture.addData(text);
	picture.make();
	return picture.createSvgTag({ cellSize: 1, margin: 4, scalable: true });
}

function opensAt(set: ExerciseSet, url: string | undefined): Html {
	const code = set.code ? html`<p>Code of this Round: <strong>${shownCode(set.code)}</strong></p>` : html``;
	if (!url) return set.code ? html`<div class="code">${code}</div>` : html``;
	const link = setLink(set, url);
	const picture = codePicture(link);
	if (!picture) return set.code ? html`<div class="code">${code}</div>` : html``;
	const shown = link.length <= 80 ? html`<p><small>${link}</small></p>` : html``;
	return html`<div class="code"><div class="picture" role="img" aria-label="A code that opens this set">${new Html(picture)}</div>${code}${shown}</div>`;
}

function problem(exercise: Exercise, i: number): Html {
	const wanted = inMark(sayWanted(exercise, goalOf(exercise)), markOf(exercise));
	return html`<section class="problem whole">
<h2>${i + 1}.</h2>
<div>${textOfExercise(exercise)
		.split(/\n+/u)
		.map((text) => html`<p>${text}</p>`)}
<p class="soft"><small>Wanted: ${wanted}</small></p>
<div class="room"></div>
<p class="answer">Answer:</p></div>
</section>
`;
}

function keyTo(exercise: Exercise, i: number): Html {
	const solved = solutionOf(exercise);
	if (!solved.ok)
		return html`<section class="whole"><h2>${i + 1}.</h2><p>No key: ${solved.fault.message}</p></section>`;
	const mark = markOf(exercise);
	const { chain } = solved.value;
	const answer = inMark(solved.value.answer, mark);
	const worked = chain ? workChain(chain) : null;
	const line =
		chain && worked?.ok ? html`<p>${new Html(lineMathml({ chain, worked: worked.value }, mark))}</p>` : html``;
	const why = chain && worked?.ok ? inMark(sayFigures(worked.value, chain.start), mark) : '';
	return html`<section class="whole">
<h2>${i + 1}. ${answer}</h2>
${line}
${why ? html`<p class="soft"><small>${why}</small></p>` : html``}
</section>
`;
}

const STYLE = `.head{display:flex;justify-content:space-between;gap:6mm;align-items:flex-start}.code{max-width:64mm;overflow-wrap:anywhere}.code strong{white-space:nowrap}
.picture{width:38mm}.names{margin:2mm 0 4mm}.room{height:38mm}.answer{border-bottom:.3mm solid #888;width:80mm}.problem{display:grid;grid-template-columns:10mm 1fr;margin-bottom:4mm}
.problem h2{margin:0}`;

/**
 * A work sheet to print: the problems with room to work, a picture of the code that opens the same set, and on a page of
 * its own the key with worked lines. It is only written, not read.
 */
export function sheetHtml(set: ExerciseSet, { url, paper = 'a4' }: SheetAsk = {}): string {
	const exercises = exercisesOf(set);
	const title = set.title || 'Work sheet';
	const body = html`<div class="head"><div><h1>${title}</h1><p class="names">Name: ______________________ Date: ____________</p></div>${opensAt(set, url)}</div>
${exercises.map(problem)}
<div class="new"><h1>Key: ${title}</h1>
${exercises.map(keyTo)}</div>`;
	return htmlPage(title, paper, STYLE, body);
}
