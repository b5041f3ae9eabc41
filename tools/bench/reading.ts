import { fresh, SKILLS } from '../../core/src/practice';
import { cutSheet, readProblem, readWorking } from '../../core/src/problem';
import { median } from './measure';

const TIMES = 60;

/** Milliseconds, by the median, of a call with another text each time, so that nothing is only remembered. */
function timed(texts: readonly string[], read: (text: string) => unknown): number {
	return median(
		texts.map((text) => {
			const began = performance.now();
			read(text);
			return performance.now() - began;
		}),
	);
}

/** The prompts of fresh exercises: what sheets really have. */
function prompts(count: number): readonly string[] {
	return SKILLS.flatMap(({ skill }) => {
		const set = fresh({ skill, seed: 60, level: 2, count: Math.ceil(count / SKILLS.length) + 1 });
		return set.ok ? set.value.map(({ prompt }) => prompt) : [];
	}).slice(0, count);
}

/** How long the reader takes: for a text of 1 000 characters, a page of 60 problems with each of them, a working of ten factors. */
export function reading() {
	const all = prompts(TIMES * 2);
	const texts = Array.from({ length: TIMES }, (_, i) => [...all.slice(i), ...all].join(' ').slice(0, 1000));
	const pages = Array.from({ length: 12 }, (_, i) =>
		[...all.slice(i), ...all.slice(0, i)]
			.slice(0, 60)
			.map((prompt, at) => `${at + 1}. ${prompt}`)
			.join('\n'),
	);
	const workings = Array.from(
		{ length: TIMES },
		(_, i) =>
			`${i + 2}.5 mi/h × 5280 ft/1 mi × 12 in/1 ft × 2.54 cm/1 in × 1 m/100 cm × 1 km/1000 m × 1 h/60 min × 60 min/1 h × 1 h/60 min × 1 min/60 s × 1000 m/1 km = 4 m/s`,
	);
	return {
		problem: timed(texts, readProblem),
		page: timed(pages, (page) => cutSheet(page).map(({ text }) => readProblem(text))),
		working: timed(workings, readWorking),
	};
}
