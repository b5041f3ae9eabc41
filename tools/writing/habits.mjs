/** Habits of translated English, and what to write instead. docs/writing.md has an example of each. */
export const HABITS = [
	{
		name: 'told',
		pattern: /\b(?:is|are|was|were|be|has|have) told\b|\btold (?:by|of|as|at|with|in)\b/i,
		instead: 'stated, returned, reported',
	},
	{
		name: 'stands',
		pattern: /\bstands?\b(?! (?:for|out|by|alone))|\bstood\b|\bstanding\b(?! units?)/i,
		instead: 'is, remains, appears',
	},
	{ name: 'lies', pattern: /\blies?\b|\blay (?:in|on|at|there|beside)\b/i, instead: 'is stored, is in' },
	{ name: 'comes to', pattern: /\b(?:comes?|came) to\b/i, instead: 'equals, becomes, reaches' },
	{ name: 'anew', pattern: /\banew\b/i, instead: 'again, from scratch' },
	{ name: 'one’s own', pattern: /\bone[’']s own\b|\bof one[’']s\b/i, instead: 'own, your' },
	{
		name: 'is none',
		pattern: /\b(?:is|are|has|have|as|there is) none\b|\bnone (?:that|is|where|of(?! (?:the|them|your)))\b/i,
		instead: 'undefined when, no, nothing',
	},
	{ name: 'so much of', pattern: /\bso much (?:of|for|in|goes)\b/i, instead: 'ratio, amount' },
	{ name: 'goes by', pattern: /\bgoes by\b|\bgo by\b/i, instead: 'uses, follows' },
	{
		name: 'what is …',
		pattern: /\bwhat (?:stands|lies|is told|follows from|was done|is shown|is kept|is sent|comes(?! next))\b/i,
		instead: 'the name of the thing',
	},
	{
		name: 'to be had',
		pattern: /\b(?:is|are) to be (?:had|come|seen|found|told)\b|\bcan be come to\b/i,
		instead: 'available, reachable',
	},
	{
		name: 'odd phrase',
		pattern: /\bfrom the ground up\b|\bby (?:itself|themselves) (?:alone)\b|\bsome day\b/i,
		instead: 'a plain word',
	},
];

/** The prose of a file: every line of a page, and the comments of code. */
function proseLines(file, text) {
	return text
		.split('\n')
		.map((line) => (file.endsWith('.md') ? line : (/\/\/.*|\/\*.*|^\s*\*.*/.exec(line)?.[0] ?? '')));
}

/** The habits in the prose of a file: `{ line, name, instead, text }` for each. */
export function habitsIn(file, text) {
	return proseLines(file, text).flatMap((line, at) =>
		HABITS.filter(({ pattern }) => pattern.test(line)).map(({ name, instead }) => ({
			line: at + 1,
			name,
			instead,
			text: line.trim(),
		})),
	);
}
