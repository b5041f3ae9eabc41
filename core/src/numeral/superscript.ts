const RAISED = '⁰¹²³⁴⁵⁶⁷⁸⁹';

/** Powers come again and again, so those raised are remembered. */
const MEMORY_LIMIT = 1000;
const memory = new Map<number, string>();

/** A whole number in superscript characters: -3 gives "⁻³". */
export function toSuperscript(power: number): string {
	const known = memory.get(power);
	if (known !== undefined) return known;
	const raised = `${power}`.replace(/./g, (c) => RAISED[Number(c)] ?? '⁻');
	if (memory.size < MEMORY_LIMIT) memory.set(power, raised);
	return raised;
}

/** Superscript characters back to plain ones: "⁻³" gives "-3"; other characters stay. */
export function fromSuperscript(text: string): string {
	return [...text]
		.map((c) => {
			const digit = RAISED.indexOf(c);
			return digit >= 0 ? `${digit}` : c === '⁻' ? '-' : c === '⁺' ? '+' : c;
		})
		.join('');
}
