/**
 * Powers of the base quantities (kg m s A K mol cd rad) and of counted things by name; no zero powers.
 * The radian is kept so that turning and plain numbers stay apart (contract, "unit").
 */
export type Dimension = Readonly<Record<string, number>>;

export const BASE_SYMBOLS = ['kg', 'm', 's', 'A', 'K', 'mol', 'cd', 'rad'] as const;

const BASE: ReadonlySet<string> = new Set(BASE_SYMBOLS);

/** The sum of two dimensions, the second taken `times` times. */
export function addDimension(to: Dimension, more: Dimension, times: number): Dimension {
	const sum: Record<string, number> = { ...to };
	for (const [key, power] of Object.entries(more)) {
		// A counted thing may be called “constructor”.
		const next = (Object.hasOwn(sum, key) ? (sum[key] as number) : 0) + power * times;
		if (next === 0) delete sum[key];
		else sum[key] = next;
	}
	return sum;
}

/** Whether two dimensions have the same powers. */
export function sameDimension(a: Dimension, b: Dimension): boolean {
	const keys = Object.keys(a);
	return keys.length === Object.keys(b).length && keys.every((key) => a[key] === b[key]);
}

/** A dimension as one text, the same for the same powers. */
export function dimensionKey(dimension: Dimension): string {
	return Object.entries(dimension)
		.map(([key, power]) => `${key}${power}`)
		.sort()
		.join('|');
}

/** The dimension without its radians; a plain angle keeps them, so that it stays an angle. */
export function withoutRadians(dimension: Dimension): Dimension {
	const { rad, ...rest } = dimension;
	return rad === undefined || Object.keys(rest).length === 0 ? dimension : rest;
}

/** Whether the dimension is made of counted things alone (and of at least one). */
export function isCounted(dimension: Dimension): boolean {
	const keys = Object.keys(dimension);
	return keys.length > 0 && keys.every((key) => !BASE.has(key));
}

const KIND: readonly (readonly [string, string])[] = [
	['m', 'a length'],
	['m2', 'an area'],
	['m3', 'a volume'],
	['kg', 'a mass'],
	['s', 'a time'],
	['K', 'a temperature'],
	['A', 'an electric current'],
	['mol', 'an amount of substance'],
	['cd', 'a luminous intensity'],
	['rad', 'an angle'],
	['m/s', 'a speed'],
	['m/s2', 'an acceleration'],
	['kg/m3', 'a density'],
	['m3/s', 'a flow'],
	['kg·m/s2', 'a force'],
	['kg/m·s2', 'a pressure'],
	['kg·m2/s2', 'an energy'],
	['kg·m2/s3', 'a power'],
	['mol/m3', 'a concentration'],
	['1/s', 'a frequency'],
	['s·A', 'an electric charge'],
	['kg·m2/s3·A', 'a voltage'],
	['kg·m2/s3·A2', 'an electric resistance'],
	['rad/s', 'a speed of turning'],
	['1', 'a plain number'],
];

function signature(dimension: Dimension): string {
	const part = (sign: number) =>
		Object.entries(dimension)
			.filter(([, power]) => Math.sign(power) === sign)
			.sort(([a], [b]) => order(a) - order(b))
			.map(([key, power]) => (Math.abs(power) === 1 ? key : `${key}${Math.abs(power)}`))
			.join('·');
	const top = part(1) || '1';
	const bottom = part(-1);
	return bottom ? `${top}/${bottom}` : top;
}

function order(key: string): number {
	const at = (BASE_SYMBOLS as readonly string[]).indexOf(key);
	return at < 0 ? BASE_SYMBOLS.length : at;
}

/** What a dimension measures in words ("a length", "a speed", "a count"); something of another kind where it has no name. */
export function kindOf(dimension: Dimension): string {
	const text = signature(dimension);
	const known = KIND.find(([one]) => one === text)?.[1];
	return known ?? (isCounted(dimension) ? 'a count of things' : 'something of another kind');
}
