import { type Exact, hasStep, type WorkedChain } from './work-chain';

/**
 * How two lines go: over the same units block by block; the same blocks in another order; one block of the one as several
 * of the other; the one is not at its end yet; from another start; or by another route.
 */
export type WayCompared = 'same' | 'order' | 'split' | 'begun' | 'start' | 'route';

/** Two lines held against each other; places are numbers of blocks, -1 for the start. */
export type LinesCompared = {
	readonly way: WayCompared;
	/** The first place where both stand at the same unit with another value; null where none is met. */
	readonly differs: { readonly first: number; readonly second: number } | null;
	/** Which has fewer blocks; null when they have as many, or end at different units. */
	readonly shorter: 'first' | 'second' | null;
	/** Whether both end at the same value of the same unit. */
	readonly sameEnd: boolean;
};

function same(a: Exact | null, b: Exact | null): boolean {
	if (!a || !b) return a === b;
	return a.value.equals(b.value) && (a.pi === b.pi || a.value.sign === 0);
}

/** Whether both have the same set aside, in whatever order. */
function sameAside(first: WorkedChain, second: WorkedChain): boolean {
	const texts = ({ aside }: WorkedChain) =>
		aside.map(({ value, unit }) => `${value?.n}/${value?.d} ${unit.text}`).sort();
	return `${texts(first)}` === `${texts(second)}`;
}

/** The units a block leads between, whichever is on top. */
function sidesOf({ read }: WorkedChain): readonly string[] {
	return read.factors.map(({ top, bottom, power }) => {
		const sides = [top.unit, bottom.unit].map(({ text }) => text).sort();
		return `${sides.join(' ')} ${power}`;
	});
}

/** Whether the steps of one are among those of the other, in their order: what stands between is a step split in several. */
function isSplit(units: readonly string[], longer: readonly string[]): boolean {
	let at = -1;
	for (const unit of units) {
		at = longer.indexOf(unit, at + 1);
		if (at < 0) return false;
	}
	return true;
}

function wayOf(first: WorkedChain, second: WorkedChain): WayCompared {
	const [a, b] = [first, second].map(({ running }) => running.map(({ unit }) => unit)) as [string[], string[]];
	if (a[0] !== b[0] || !same(exactOf(first, 0), exactOf(second, 0))) return 'start';
	if (a.length === b.length && a.every((unit, i) => unit === b[i])) return 'same';
	if (`${[...sidesOf(first)].sort()}` === `${[...sidesOf(second)].sort()}`) return 'order';
	const [short, long] = a.length < b.length ? [a, b] : [b, a];
	if (short.every((unit, i) => unit === long[i])) return 'begun';
	return short.length > 1 && short.length < long.length && isSplit(short, long) ? 'split' : 'route';
}

function exactOf({ running }: WorkedChain, at: number): Exact | null {
	const one = running[at];
	return one?.value ? { value: one.value, pi: one.pi } : null;
}

/**
 * Holds two lines for the same exercise against each other: the same route or not, where the value first
 * differs, which is shorter. Values are compared where both lines stand at the same unit, in order.
 */
export function compareLines(first: WorkedChain, second: WorkedChain): LinesCompared {
	const units = (line: WorkedChain) => line.running.map(({ unit }) => unit);
	const [a, b] = [units(first), units(second)];
	let from = 0;
	let differs: LinesCompared['differs'] = null;
	for (let i = 0; i < a.length && !differs; i++) {
		const j = b.indexOf(a[i] as string, from);
		if (j < 0) continue;
		from = j + 1;
		if (!same(exactOf(first, i), exactOf(second, j))) differs = { first: i - 1, second: j - 1 };
	}
	const [m, n] = [a.length, b.length];
	const sameEnd = a.at(-1) === b.at(-1) && same(first.value, second.value) && sameAside(first, second);
	// Parts set aside or added in another order differ on the way and are right all the same.
	const isFree = sameEnd && [first, second].some(({ read }) => hasStep(read));
	return {
		way: wayOf(first, second),
		differs: isFree ? null : differs,
		shorter: m === n || a.at(-1) !== b.at(-1) ? null : m < n ? 'first' : 'second',
		sameEnd,
	};
}
