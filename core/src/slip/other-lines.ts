import type { Factor } from '../chain/chain';
import { type ReadFactor, readChain } from '../chain/read-chain';
import { factsHolding } from '../fact/facts-holding';
import { worthOf } from './evidence';

/** The longest line of which other lines are looked at. */
const LINE_LIMIT = 12;

/** The most ways round that are tried for one factor. */
const DETOURS = 3;

type Line = readonly ReadFactor[];

function read(...factors: readonly Factor[]): Line {
	const chain = readChain({ start: { number: '1', unit: '' }, factors });
	return chain.ok ? chain.value.factors : [];
}

/** The facts that hold a unit by itself, laid with that unit below. */
function stepsFrom(unit: string): readonly Factor[] {
	return factsHolding(unit).flatMap(({ left, right }): Factor[] => {
		if (left.unit === unit) return [{ top: right, bottom: left }];
		return right.unit === unit ? [{ top: left, bottom: right }] : [];
	});
}

const known = new Map<string, readonly Line[]>();

/** Two facts of the tables that do what one factor does: 60 min and 60 s for 3600 s. */
function detours(from: string, to: string): readonly Line[] {
	const key = `${from} ${to}`;
	let found = known.get(key);
	if (!found) {
		const ends = stepsFrom(to);
		found = stepsFrom(from)
			.flatMap((first): Line[] => {
				const last = first.top.unit === to ? undefined : ends.find(({ top }) => top.unit === first.top.unit);
				return last ? [read(first, { top: last.bottom, bottom: last.top })] : [];
			})
			.filter((line) => line.length === 2)
			.slice(0, DETOURS);
		known.set(key, found);
	}
	return found;
}

/** Two neighbours as one factor, where a whole number of the one is the other: 60 min and 60 s as 3600 s. */
function merged(a: ReadFactor, b: ReadFactor): Line {
	const [first, second] = [worthOf(a), worthOf(b)];
	if (!first || !second || a.power !== 1 || b.power !== 1) return [];
	const [above, below] =
		a.top.unit.text === b.bottom.unit.text
			? [b.written.top.unit, a.written.bottom.unit]
			: a.bottom.unit.text === b.top.unit.text
				? [a.written.top.unit, b.written.bottom.unit]
				: ['', ''];
	const { n, d } = first.mul(second);
	if (above === '' || below === '' || (n !== 1n && d !== 1n)) return [];
	return read({ top: { number: `${n}`, unit: above }, bottom: { number: `${d}`, unit: below } });
}

/** Short true lines beside the one the key is worked by: a factor by way of two, or two factors in one. */
export function otherLines(factors: Line): readonly Line[] {
	if (factors.length > LINE_LIMIT) return [];
	return factors.flatMap((factor, i): Line[] => {
		const put = (by: Line, count: number) => [...factors.slice(0, i), ...by, ...factors.slice(i + count)];
		const round =
			factor.power === 1 ? detours(factor.written.bottom.unit, factor.written.top.unit).map((by) => put(by, 1)) : [];
		const next = factors[i + 1];
		const one = next ? merged(factor, next) : [];
		return one.length ? [...round, put(one, 2)] : round;
	});
}
