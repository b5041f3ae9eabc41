import { type Said, saidIn } from './sentences-drawn';

/** The seed the test draws its checks from. */
export const TESTED_SEED = 'a tired pupil of 14';
/** How many checks are drawn from it. */
export const TESTED_CHECKS = 2000;

/** More seeds, so that what comes seldom is in the list too. */
const MORE_SEEDS = Array.from({ length: 12 }, (_, i) => `more ${i}`);

/** Every form of sentence, each once with its first example, in the order of the alphabet. */
function listed(said: readonly Said[]): readonly Said[] {
	const byForm = new Map<string, Said>();
	for (const one of said) if (!byForm.has(one.form)) byForm.set(one.form, one);
	return [...byForm.values()].sort((a, b) => (a.form < b.form ? -1 : 1));
}

const HEAD = `# What people read

First the check, its readers and the hints: every form of sentence that ${TESTED_CHECKS} checks of new exercises give, and some
rare ones, each with an example. In a form a number is 0, a unit is u, and what a person typed is “…”. Then the words of every
room, where {name} is filled in. \`npm run sentences\` writes this page again. Read it as a tired pupil of 14, and mend the words.

## The check, its readers and the hints
`;

/** The first part of docs/sentences.md as it should be. */
export function sentencesPage(): string {
	const said = [TESTED_SEED, ...MORE_SEEDS].flatMap((seed) => saidIn(TESTED_CHECKS, seed));
	const rows = listed(said).map(({ form, sentence }) => `- ${form}\n  - ${sentence}`);
	return `${HEAD}\n${rows.join('\n')}\n`;
}

/** The forms on a page. */
export function formsOn(page: string): ReadonlySet<string> {
	return new Set(page.split('\n').flatMap((line) => (line.startsWith('- ') ? [line.slice(2)] : [])));
}
