/** Plurals that no rule makes: the counted things of sheets. */
const IRREGULAR = new Map(
	'loaves loaf leaves leaf halves half shelves shelf calves calf wolves wolf scarves scarf hooves hoof cookies cookie brownies brownie movies movie smoothies smoothie teeth tooth dice die oxen ox knives knife lives life batteries battery buses bus gases gas lenses lens viruses virus cactuses cactus tomatoes tomato potatoes potato mice mouse geese goose children child women woman men man'
		.split(' ')
		.flatMap((word, i, all): [string, string][] => (i % 2 ? [] : [[word, all[i + 1] as string]])),
);

/**
 * The one name of a counted thing: a regular English plural becomes its singular (jars: jar, boxes: box,
 * berries: berry), and a capital first letter is made small; anything else stays as written.
 */
export function singular(word: string): string {
	const name = /^[A-Z][a-z]+$/.test(word) ? word.toLowerCase() : word;
	const irregular = IRREGULAR.get(name);
	if (irregular !== undefined) return irregular;
	if (name.length < 3 || /(ss|us|is)$/.test(name)) return name;
	if (/(ss|x|ch|sh|zz)es$/.test(name)) return name.slice(0, -2);
	if (/[^aeiou]ies$/.test(name) && name.length > 4) return `${name.slice(0, -3)}y`;
	return /[a-z]s$/.test(name) ? name.slice(0, -1) : name;
}

/** The plural of a counted thing, by the regular rule: jars, boxes, berries. */
export function pluralOf(thing: string): string {
	if (/(s|x|ch|sh|zz)$/.test(thing)) return `${thing}es`;
	return /[^aeiou]y$/.test(thing) ? `${thing.slice(0, -1)}ies` : `${thing}s`;
}
