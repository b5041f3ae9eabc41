import {
	type Chain,
	type Factor,
	fieldOf,
	fromSuperscript,
	isBareStep,
	type Piece,
	printUnitText,
	printUnrounded,
	printWritten,
	type Quantity,
	type Side,
	START,
	type StepField,
	sidesOfStart,
	symbolOfPart,
	type WorkedChain,
} from '@tidy-sum/core';
import { unroundedNumber } from '@tidy-sum/core/help';

const SIGNS: Readonly<Record<string, string>> = {
	'×': ' \\times ',
	'−': '-',
	'…': '\\ldots ',
	'%': '\\%',
	$: '\\$',
	'{': '\\{',
	'}': '\\}',
	π: '\\pi ',
	'\u202f': '\\,',
};

/** A printed text as LaTeX: signs by name, superscripts as powers. */
function latexOf(text: string): string {
	return text
		.replace(/[×−…%${}π\u202f]/gu, (sign) => SIGNS[sign] ?? sign)
		.replace(/[⁻⁰¹²³⁴⁵⁶⁷⁸⁹]+/gu, (raised) => `^{${fromSuperscript(raised)}}`);
}

/** A number as LaTeX: 3.0e3 as 3.0 × 10³, 3 1/2 with a true fraction. */
function numberLatex(text: string): string {
	const fraction = /^([-−]?)(?:(\d+)\s+)?(\d+)\s?[/⁄]\s?(\d+)$/.exec(text.trim());
	if (fraction) {
		const [, sign, whole = '', top, bottom] = fraction;
		return `${sign ? '-' : ''}${whole}\\tfrac{${top}}{${bottom}}`;
	}
	return latexOf(printWritten(text)).trim();
}

function unitLatex(symbol: string, power: number): string {
	const [, base = symbol, label] = /^(.*?)(?:\{(.*)\})?$/u.exec(symbol) ?? [];
	const name = unitTextLatex(base);
	return `${name}${label ? `_{${unitTextLatex(label)}}` : ''}${power > 1 ? `^{${power}}` : ''}`;
}

/** The units of one side of a block, each struck where it cancels. */
function unitsLatex(worked: WorkedChain, block: number, side: Side, power: number): string {
	const groups = new Map<string, Piece[]>();
	// Inside a raised bracket each unit stands once.
	for (const piece of worked.pieces)
		if (piece.block === block && piece.side === side && piece.nth % power === 0) {
			const of = `${piece.written}${piece.part}`;
			groups.set(of, [...(groups.get(of) ?? []), piece]);
		}
	return [...groups.values()]
		.map((pieces) => {
			const struck = pieces.filter(({ pair }) => pair !== null);
			const symbol = symbolOfPart({ ...(pieces[0] as Piece).unit, power: 1 });
			const left = pieces.length - struck.length;
			const gone = struck.length ? `\\cancel{${unitLatex(symbol, struck.length)}}` : '';
			return [gone, left ? unitLatex(symbol, left) : ''].filter(Boolean).join('\\,');
		})
		.join('\\,');
}

function sideLatex(worked: WorkedChain, block: number, side: Side, number: string | null, power = 1): string {
	const units = unitsLatex(worked, block, side, power);
	const shown = number === null ? (units ? '' : '1') : numberLatex(number);
	return [shown, units].filter(Boolean).join('~');
}

/** One side over the other; over a plain 1 it is the side alone. */
function overLatex(above: string, below: string): string {
	return below === '1' ? above : `\\frac{${above}}{${below}}`;
}

/**
 * A line as LaTeX, piece by piece: the start, each factor with its sign, and what it comes to; so that a page can
 * break it between them. After a step that adds, what came before is one piece in brackets.
 */
export function lineLatexPieces(chain: Chain, worked: WorkedChain): readonly string[] {
	const start = sidesOfStart(chain.start);
	const above = sideLatex(worked, START, 'top', start.top.number);
	const below = sideLatex(worked, START, 'bottom', start.bottom?.number ?? null);
	let pieces = [overLatex(above, below)];
	const before: string[] = [];
	let added = false;
	for (const [i, factor] of chain.factors.entries()) {
		const { top, bottom, power = 1, term } = factor;
		if (term) {
			before.push(...pieces);
			pieces = [`+ ${overLatex(sideLatex(worked, i, 'top', term.number), sideLatex(worked, i, 'bottom', null))}`];
			added = false;
			continue;
		}
		if (!isBareStep(factor)) {
			const fraction = overLatex(
				sideLatex(worked, i, 'top', top.number, power),
				sideLatex(worked, i, 'bottom', bottom.number, power),
			);
			const raised = power > 1 ? `\\left(${fraction}\\right)^{${power}}` : fraction;
			if (added) pieces = [`\\left(${pieces.join(' ')}\\right)`];
			pieces.push(`\\times ${raised}`);
			added = false;
		}
		const field = fieldOf(factor);
		if (field === null) continue;
		pieces.push(STEP_LATEX[field](factor));
		added = true;
	}
	const number = unroundedNumber(worked);
	const line = [...before, ...pieces];
	if (number === '') return line;
	const kept = worked.aside.flatMap(({ value, unit }) =>
		value ? [quantityLatex({ number: printUnrounded(value, KEPT_DIGITS), unit: unit.text })] : [],
	);
	const last = [latexOf(number).trim(), unitTextLatex(worked.unit.text)].filter(Boolean).join('~');
	return [...line, `= ${[...kept, last].join('~')}`];
}

/** How many digits of what is set aside are written out. */
const KEPT_DIGITS = 10;

/** How a step stands behind what it is done to; a further part begins a fraction of its own. */
const STEP_LATEX: { readonly [F in StepField]: (factor: Factor) => string } = {
	shift: ({ shift = '' }) => {
		const number = numberLatex(shift);
		return number.startsWith('-') ? `- ${number.slice(1)}` : `+ ${number}`;
	},
	aside: ({ aside }) => (aside ? `- ${quantityLatex(aside)}` : ''),
	term: ({ term }) => (term ? `+ ${quantityLatex(term)}` : ''),
};

/** A quantity as LaTeX: 8 ft. */
function quantityLatex({ number, unit }: Quantity): string {
	return [numberLatex(number), unitTextLatex(printUnitText(unit))].filter(Boolean).join('~');
}

/**
 * A line as LaTeX: true fractions, struck units (\cancel of the package of that name), powers on brackets, and
 * what it comes to.
 */
export function lineLatex(chain: Chain, worked: WorkedChain): string {
	return lineLatexPieces(chain, worked).join(' ');
}

/** The parts of a unit as it is printed: a label, a power, a word, a space, or another sign. */
const UNIT_PARTS = /\{[^}]*\}|[⁻⁰¹²³⁴⁵⁶⁷⁸⁹]+|[\p{L}\p{M}°]+|\s+|./gu;

/** A whole unit as it is printed: "m/s²", "fl oz", "g{honey}"; nothing for a plain number. Each word stays whole. */
function unitTextLatex(text: string): string {
	return (text.match(UNIT_PARTS) ?? [])
		.map((part) => {
			if (part.startsWith('{')) return `_{${unitTextLatex(part.slice(1, -1))}}`;
			if (/^\s/u.test(part)) return '~';
			if (/^[\p{L}°]/u.test(part)) return `\\mathrm{${part}}`;
			return part === '·' ? '\\cdot ' : latexOf(part);
		})
		.join('');
}
