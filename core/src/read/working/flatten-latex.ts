/** A text with the place in the original of each of its signs. */
export type Flat = { readonly text: string; readonly at: readonly number[] };

/** What a command of LaTeX stands for in plain text; what is not here is left out, and what it embraces stays. */
const COMMANDS: ReadonlyMap<string, string> = new Map([
	['times', '×'],
	['cdot', '×'],
	['ast', '×'],
	['div', '÷'],
	['approx', '≈'],
	['simeq', '≈'],
	['sim', '≈'],
	['rightarrow', '→'],
	['Rightarrow', '→'],
	['to', '→'],
	['mu', 'µ'],
	['Omega', 'Ω'],
	['pi', 'π'],
	['circ', '°'],
	['degree', '°'],
	['ldots', '…'],
	['dots', '…'],
	['quad', ' '],
	['qquad', ' '],
]);

/** Signs written with a backslash. */
const ESCAPED: Readonly<Record<string, string>> = {
	',': ' ',
	';': ' ',
	':': ' ',
	'!': '',
	' ': ' ',
	'\\': '\n',
	'%': '%',
	$: '$',
	'&': ' ',
	'{': '{',
	'}': '}',
	'[': '\n',
	']': '\n',
	'(': '\n',
	')': '\n',
};

const FRACTION = /^[dtc]?frac$/;

/** Walks over a text and puts down plain signs, each with where it came from. */
class Flattener {
	private readonly out: string[] = [];
	private readonly at: number[] = [];
	private i = 0;

	constructor(private readonly text: string) {}

	private put(signs: string, at: number): void {
		for (const sign of signs) {
			this.out.push(sign);
			this.at.push(at);
		}
	}

	/** One sign, or what braces embrace. */
	private group(): void {
		while (/\s/.test(this.text[this.i] ?? '')) this.i += 1;
		if (this.i < this.text.length) this.one();
	}

	/** The text in braces, up to the closing one. */
	private embraced(): void {
		while (this.i < this.text.length && this.text[this.i] !== '}') this.one();
		this.i += 1;
	}

	private command(at: number): void {
		const name = /^[A-Za-z]+/.exec(this.text.slice(this.i))?.[0];
		if (name === undefined) {
			this.put(ESCAPED[this.text[this.i] ?? ''] ?? '', at);
			this.i += 1;
			return;
		}
		this.i += name.length;
		if (FRACTION.test(name)) {
			this.put('(', at);
			this.group();
			this.put(' / ', at);
			this.group();
			this.put(')', at);
			return;
		}
		if (name === 'begin' || name === 'end') {
			this.i += /^\{[^}]*\}/.exec(this.text.slice(this.i))?.[0].length ?? 0;
			this.put('\n', at);
			return;
		}
		const sign = COMMANDS.get(name) ?? '';
		// Signs get space round them, as in plain writing: 3.6 × 10^-4.
		const isApart = sign === '×' && !/\s/.test(this.out.at(-1) ?? ' ');
		this.put(isApart ? ` ${sign}` : sign, at);
		if (sign === '×' && !/\s/.test(this.text[this.i] ?? ' ')) this.put(' ', at);
		// The space behind a command only ends its name: \mu m is µm.
		if (/^[\p{L}°]$/u.test(sign) && this.text[this.i] === ' ') this.i += 1;
	}

	/** What is set low behind a unit: the substance it is of. */
	private label(at: number): void {
		this.put('{', at);
		this.group();
		this.put('}', at);
	}

	private one(): void {
		const at = this.i;
		const sign = this.text[at] as string;
		this.i += 1;
		if (sign === '\\') this.command(at);
		else if (sign === '{') this.embraced();
		else if (sign === '_' && this.text[this.i] === '{') this.label(at);
		else if (sign === '}' || sign === '$') return;
		else if (sign === '~' || sign === '&') this.put(' ', at);
		else this.put(sign, at);
	}

	flat(): Flat {
		while (this.i < this.text.length) this.one();
		return { text: this.out.join(''), at: this.at };
	}
}

/**
 * A text with its LaTeX written plainly: fractions in brackets with a bar, units without their commands, signs for
 * their names. A text without LaTeX stays as it is.
 * @example flattenLatex('\\frac{12\\,\\mathrm{in}}{1\\,\\cancel{\\mathrm{ft}}}').text // "(12 in / 1 ft)"
 */
export function flattenLatex(text: string): Flat {
	if (!text.includes('\\')) return { text, at: Array.from(text, (_, i) => i) };
	return new Flattener(text).flat();
}
