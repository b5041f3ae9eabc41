import type { Want } from '../../exercise/exercise';
import type { Span } from '../../numeral/fault';
import { ONE } from '../../numeral/rational';
import { sameDimension } from '../../unit/dimension';
import { likeUnits, ratioOfUnits } from '../../unit/like-units';
import { parseUnit } from '../../unit/parse-unit';
import type { Unit } from '../../unit/unit';
import { unitNamed } from './unit-kinds';
import type { WantTold } from './wanted';

/** Where the last writing of a run is in what matched. */
export function endOf(match: RegExpMatchArray, run: string): Span {
	const from = (match.index ?? 0) + Math.max(0, match[0].lastIndexOf(run));
	// Of tanks the s as well, where the run is a thing's name in the singular.
	const rest = /^\p{Ll}*/u.exec(match[0].slice(from - (match.index ?? 0) + run.length))?.[0].length ?? 0;
	return [from, from + run.length + (/\p{Ll}$/u.test(run) ? rest : 0)];
}

/** Whether a run of words is a unit and nothing more: no word of it is read for a substance. */
export function isBareUnit(text: string): boolean {
	const unit = parseUnit(text);
	return unit.ok && unit.value.parts.every(({ label }) => label === undefined);
}

/** The parts of a degree of angle by their short names. */
const ARC: Readonly<Record<string, string>> = {
	minute: '′',
	minutes: '′',
	min: '′',
	second: '″',
	seconds: '″',
	s: '″',
};

/** The units of a measure in parts: "feet and inches", "h, min and s"; empty if it names none. */
export function partsOf(run: string): readonly string[] {
	const pieces = run
		.trim()
		.replace(/^in\s+/iu, '')
		.split(/\s*,\s*(?:and\s+)?|\s+and\s+/iu);
	if (pieces.length < 2) return [];
	const isAngle = unitNamed(pieces[0] ?? '')?.text === '°';
	const units = pieces.map((piece) => parseUnit((isAngle && ARC[piece.toLowerCase()]) || piece));
	const first = units[0];
	if (!first?.ok || !units.every((unit) => unit.ok && likeUnits(unit.value, first.value))) return [];
	return units.flatMap((unit) => (unit.ok ? [unit.value.text] : []));
}

/** Whether units make one measure in parts: each holds a whole number of the next, as feet and inches do. */
function areParts(names: readonly string[]): boolean {
	const units = names.map((name) => unitNamed(name) as Unit);
	return units.every((unit, i) => {
		const before = units[i - 1];
		if (!before) return true;
		const ratio = ratioOfUnits(before, unit).value;
		return ratio.compare(ONE) > 0 && ratio.d === 1n;
	});
}

/** What a list of two or more units asks for: one measure in parts, or the same quantity in each of two units. */
export function wantOfUnits(units: readonly string[]): Want | null {
	if (units.length > 1 && areParts(units)) return { mixed: units };
	return units.length === 2 ? { units: units as readonly [string, string] } : null;
}

/** Two units, each asked for by itself: both in °C and in °F; (i) in °F and (ii) in K. */
const IN_TWO =
	/\bin\s+([\p{L}°µ³²/]+(?:\s+[\p{L}³²]+)?)\s*,?\s+(?:and|as\s+well\s+as)\s+(?:also\s+)?(?:\(\w{1,3}\)\s*)?in\s+([\p{L}°µ³²/]+(?:\s+[\p{L}³²]+)?)/iu;

/** The two units a text asks for, each by itself; null where it does not. */
export function twoIn(text: string): WantTold | null {
	const match = IN_TWO.exec(text);
	const units = [match?.[1], match?.[2]].map((run) => longestUnit(run ?? ''));
	const [first, second] = units.map((unit) => parseUnit(unit));
	if (!match || !first?.ok || !second?.ok || first.value.text === second.value.text) return null;
	if (!sameDimension(first.value.dimension, second.value.dimension)) return null;
	return {
		want: { units: [first.value.text, second.value.text] },
		unit: first.value.text,
		at: endOf(match, units[1] ?? ''),
	};
}

/** The longest beginning of some words that is a unit and nothing more; empty if no word is. */
function longestUnit(run: string): string {
	const words = run.split(/\s+/u);
	const counts = words.map((_, i) => words.length - i);
	const count = counts.find((some) => isBareUnit(words.slice(0, some).join(' '))) ?? 0;
	return words.slice(0, count).join(' ');
}

/** A measure in parts that is named anywhere: in hours, minutes and seconds; in feet and inches. */
const IN_PARTS = /\b(?:in|into|as)\s+((?:\p{L}+,\s+)*\p{L}+,?\s+and\s+\p{L}+)\b/giu;

/** The measure in parts that a text names; null where it names none. */
export function partsIn(text: string): WantTold | null {
	for (const match of text.matchAll(IN_PARTS)) {
		const run = match[1] ?? '';
		const parts = partsOf(run);
		const want = wantOfUnits(parts);
		if (want) return { want, unit: parts.at(-1) ?? null, at: endOf(match, run) };
	}
	return null;
}

/** Gaps for the parts of a measure: = ? h ? min ? s. */
const GAPS = /[=→]\s*((?:(?:\?|_+|…)\s*\p{L}+\s*(?:,|and\b)?\s*){2,})/u;

/** The units of a measure whose parts each have a gap; null for none. */
export function gapsIn(text: string): WantTold | null {
	const match = GAPS.exec(text);
	const run = match?.[1] ?? '';
	const parts = partsOf(
		run
			.replace(/[?_…,]+|\band\b/gu, ' ')
			.trim()
			.split(/\s+/u)
			.join(' and '),
	);
	return match && parts.length
		? { want: { mixed: parts }, unit: parts.at(-1) ?? null, at: endOf(match, run.trim()) }
		: null;
}
