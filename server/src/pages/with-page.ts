import { placeInRound, plainCode, roundTitle, sayWantedAtFirst, titleInRound } from '@tidy-sum/core';
import { type RoundExercise, type RoundPlan, readRoundCode, roundExercises, skillNamed } from '@tidy-sum/core/practice';
import { NO_TEXTS, PAGE_PLACES, type PageTexts, WITH_PAGE } from '@tidy-sum/schema/page-places';
import escapeHtml from 'escape-html';
import * as words from './words';

/** A Round that comes with a page: its code, and its exercises as the core makes them. */
type WithRound = { readonly code: string; readonly exercises: readonly RoundExercise[] };

/** What comes with the page of an address: what stands in its places, and the Round it belongs to. */
export type WithPage = { readonly path: string; readonly texts: PageTexts; readonly round: WithRound };

/** An exercise of a Round, at the address of its Desk. */
function ofExercise({ code, exercises }: WithRound, place: number): PageTexts | null {
	const exercise = exercises[place];
	if (!exercise) return null;
	return {
		title: titleInRound(place, exercises.length),
		aside: roundTitle(code),
		prompt: exercise.prompt,
		wanted: sayWantedAtFirst(exercise),
	};
}

/** A Round at its own address. */
function ofRound(code: string, { skills, count, level }: RoundPlan): PageTexts {
	const trains = skills.map((skill) => skillNamed(skill)?.title).join(', ');
	return { ...NO_TEXTS, title: roundTitle(code), prompt: words.exercisesLevel(count, level, trains) };
}

/** The code and the place an address names; null for one that names none. */
function namedIn(path: string): { readonly code: string; readonly place: number | null } | null {
	const [, kind, name = ''] = path.split('/');
	if (kind === 'round') return { code: plainCode(name), place: null };
	return kind === 'desk' ? placeInRound(name) : null;
}

/**
 * What comes with the page of an address: the text of an exercise of a Round, made by the core from its code; null where
 * nothing is known of it here.
 * @example withPage('/desk/round-4k7m9ae-03')?.texts.title // 'Exercise 3 of 10'
 */
export function withPage(path: string): WithPage | null {
	const named = namedIn(path);
	if (!named) return null;
	const { code, place } = named;
	const plan = readRoundCode(code);
	const made = plan.ok ? roundExercises(plan.value) : plan;
	if (!plan.ok || !made.ok) return null;
	const round = { code, exercises: made.value };
	const texts = place === null ? ofRound(code, plan.value) : ofExercise(round, place);
	return texts && { path, texts, round };
}

/** A page with its places filled, and with what the device takes over as data that no browser runs. */
export function filledPage(html: string, made: WithPage | null): string {
	const texts = made?.texts ?? NO_TEXTS;
	const filled = Object.entries(PAGE_PLACES).reduce(
		(page, [place, sign]) => page.replaceAll(sign, () => escapeHtml(texts[place as keyof PageTexts])),
		html,
	);
	if (!made) return filled;
	const data = JSON.stringify(made).replaceAll('<', '\\u003c');
	return filled.replace(
		'<div id="root">',
		() => `<script type="application/json" id="${WITH_PAGE}">${data}</script><div id="root">`,
	);
}
