const RAISED = '⁰¹²³⁴⁵⁶⁷⁸⁹';

/** A whole number in superscript characters: -3 gives "⁻³". */
export function toSuperscript(power: number): string {
	return [...`${power}`].map((c) => (c === '-' ? '⁻' : RAISED[Number(c)])).join('');
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
