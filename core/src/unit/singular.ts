/** Words whose plural ends in -ves: loaves, shelves. */
const IN_F = new Map(
	['loaf', 'leaf', 'half', 'shelf', 'calf', 'wolf', 'sheaf', 'thief', 'scarf', 'hoof'].map((word) => [
		word.replace(/ief$|f$/, (end) => (end === 'ief' ? 'ieves' : 'ves')),
		word,
	]),
);

/**
 * The one name of a counted thing: a regular English plural becomes its singular (jars: jar, boxes: box,
 * berries: berry), and a capital first letter is made small; anything else stays as written.
 */
export function singular(word: string): string {
	const name = /^[A-Z][a-z]+$/.test(word) ? word.toLowerCase() : word;
	const inF = IN_F.get(name);
	if (inF !== undefined) return inF;
	if (name.length < 3 || /(ss|us|is)$/.test(name)) return name;
	if (/(ss|x|ch|sh|zz)es$/.test(name)) return name.slice(0, -2);
	if (/[^aeiou]ies$/.test(name) && name.length > 4) return `${name.slice(0, -3)}y`;
	return /[a-z]s$/.test(name) ? name.slice(0, -1) : name;
}
