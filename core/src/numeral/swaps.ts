/** The writings of some digits with two neighbours exchanged, the point staying where it is. */
export function swapsOf(digits: string): readonly string[] {
	const out: string[] = [];
	for (let i = 0; i < digits.length - 1; i++) {
		const j = digits[i + 1] === '.' ? i + 2 : i + 1;
		const [a, b] = [digits[i], digits[j]];
		if (a === '.' || b === undefined || a === b) continue;
		out.push(digits.slice(0, i) + b + digits.slice(i + 1, j) + a + digits.slice(j + 1));
	}
	return out;
}

/** Whether one number is another with two neighbouring digits exchanged. */
export function isSwapOf(typed: string, right: string): boolean {
	return swapsOf(right.trim()).includes(typed.trim());
}
