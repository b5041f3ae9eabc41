import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

/** A small generator of numbers that are random and the same for the same seed (mulberry32). */
function seeded(seed: number): () => number {
	let state = seed >>> 0;
	return () => {
		state = (state + 0x6d2b79f5) >>> 0;
		let mixed = Math.imul(state ^ (state >>> 15), state | 1);
		mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
		return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
	};
}

/** What is likely to be misread: signs, spaces, marks, long and odd words, the limits of the contract. */
const PIECES = [
	'0',
	'1',
	'9',
	'.',
	',',
	'-',
	'−',
	'+',
	'e',
	'E',
	'^',
	'(',
	')',
	'/',
	'·',
	'×',
	'*',
	' ',
	'\u00a0',
	'\u2009',
	'\t',
	'"',
	"'",
	'°',
	'²',
	'⁻¹',
	'½',
	'π',
	'pi',
	'µ',
	'%',
	'{',
	'}',
	'[',
	']',
	'per',
	'square',
	'cubic',
	'm',
	'kg',
	's',
	'ft',
	'in',
	'mi/h',
	'degC',
	'K',
	'jar',
	'constructor',
	'__proto__',
	'toString',
	'𝟘',
	'\ud800',
	'\u0000',
	'e400',
	'e-401',
	'1e400',
	'10^400',
	'9'.repeat(200),
	'm'.repeat(60),
	'^30',
	'm^-30',
	'(m/s)^9',
	'1/0',
	'0/0',
	'NaN',
	'Infinity',
	'null',
	'{honey}',
	'g honey',
	'h min s',
	'km·km·km',
	'3 1/2',
	'1,250',
	'1 250',
] as const;

/** The requests of all cases in a folder, each as a line. */
export function casesIn(folder: string): readonly string[] {
	return readdirSync(folder).flatMap((file) =>
		readFileSync(join(folder, file), 'utf8')
			.split('\n')
			.filter(Boolean)
			.map((line) => JSON.stringify((JSON.parse(line) as { ask: unknown }).ask)),
	);
}

/**
 * Request lines for `ask`, the same for the same seed: random characters, and cases of the contract with
 * texts, numbers and whole fields changed.
 */
export function* fuzzInputs(cases: readonly string[], count: number, seed = 1): Generator<string> {
	const random = seeded(seed);
	const pick = <T>(of: readonly T[]): T => of[Math.floor(random() * of.length)] as T;
	const text = () => Array.from({ length: Math.floor(random() * 6) }, () => pick(PIECES)).join('');

	const spoiled = (value: unknown): unknown => {
		const chance = random();
		if (typeof value === 'string') {
			if (chance < 0.5) return value;
			const at = Math.floor(random() * (value.length + 1));
			return chance < 0.6 ? text() : value.slice(0, at) + pick(PIECES) + value.slice(chance < 0.8 ? at : at + 1);
		}
		if (typeof value === 'number') return chance < 0.8 ? value : pick([0, -1, 1e9, 0.5, -400, 400, 100]);
		if (Array.isArray(value)) {
			const items = value.map(spoiled);
			if (chance < 0.1) return items.slice(1);
			if (chance < 0.2 && items.length) return Array.from({ length: pick([2, 20, 60, 61]) }, () => items[0]);
			return items;
		}
		if (typeof value === 'object' && value !== null) {
			const entries = Object.entries(value).filter(() => random() > 0.02);
			return Object.fromEntries(entries.map(([key, inner]) => [key, key === 'op' ? inner : spoiled(inner)]));
		}
		return value;
	};

	for (let i = 0; i < count; i++) {
		const kind = random();
		if (kind < 0.05) yield text();
		else if (kind < 0.1) {
			const line = pick(cases);
			const at = Math.floor(random() * line.length);
			yield line.slice(0, at) + pick(PIECES) + line.slice(at + 1);
		} else yield JSON.stringify(spoiled(JSON.parse(pick(cases))));
	}
}
