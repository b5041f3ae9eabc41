import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** A whole number of 32 bits from a text, alike on every machine (FNV-1a). */
function seedOf(text: string): number {
	let hash = 2166136261;
	for (const char of text) hash = Math.imul(hash ^ (char.codePointAt(0) as number), 16777619);
	return hash | 0;
}

/** A seeded source of choices: the same seed gives the same ones on every machine. */
export class Dice {
	private readonly rng;

	constructor(seed: string) {
		this.rng = xoroshiro128plus(seedOf(seed));
	}

	/** A whole number between two, both included. */
	whole(from: number, to: number): number {
		return uniformInt(this.rng, from, to);
	}

	pick<T>(of: readonly T[]): T {
		return of[this.whole(0, of.length - 1)] as T;
	}

	/** The same things in another order. */
	shuffled<T>(of: readonly T[]): readonly T[] {
		const out = [...of];
		for (let i = out.length - 1; i > 0; i--) {
			const j = this.whole(0, i);
			[out[i], out[j]] = [out[j] as T, out[i] as T];
		}
		return out;
	}
}
