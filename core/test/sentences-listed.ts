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

const HEAD = `# What the check, its readers and the nudges say

Every form of sentence that ${TESTED_CHECKS} checks of fresh exercises bring up, and some that come seldom, each with an
example. In a form a number is 0, a unit is u, and what a person typed is “…”. \`npm run sentences\` makes this page
anew from the core; a test finds no sentence that is not on it. Read it as a tired pupil of 14, and mend the core.
`;

/** The page as it should be: docs/sentences.md. */
export function sentencesPage(): string {
	const said = [TESTED_SEED, ...MORE_SEEDS].flatMap((seed) => saidIn(TESTED_CHECKS, seed));
	const rows = listed(said).map(({ form, sentence }) => `- ${form}\n  - ${sentence}`);
	return `${HEAD}\n${rows.join('\n')}\n`;
}

/** The forms that stand on a page. */
export function formsOn(page: string): ReadonlySet<string> {
	return new Set(page.split('\n').flatMap((line) => (line.startsWith('- ') ? [line.slice(2)] : [])));
}
