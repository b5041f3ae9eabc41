import { bad, type Outcome, within } from '../numeral/fault';
import { type ReadQuantity, readQuantity } from '../quantity/quantity';
import { parseUnit } from '../unit/parse-unit';
import type { Unit } from '../unit/unit';
import { type Chain, FACTOR_POWER_LIMIT, FACTORS_LIMIT, type Factor, sidesOfStart } from './chain';
import type { ReadStep } from './steps/step-kind';
import { fieldOf, readStep } from './steps/steps';

/** A block of the line read: its two sides, and the power it is raised to. */
export type ReadBlock = {
	readonly top: ReadQuantity;
	readonly bottom: ReadQuantity | null;
	readonly power: number;
};

export type ReadFactor = ReadBlock & {
	readonly bottom: ReadQuantity;
	readonly written: Factor;
	/** What it does beside multiplying; null where it does nothing else. A step that begins a further part has that on top. */
	readonly step: ReadStep | null;
};

export type ReadChain = {
	readonly start: ReadBlock;
	readonly factors: readonly ReadFactor[];
	readonly want: Unit | null;
	readonly exactStart: boolean;
	readonly startFigures: number | null;
	readonly parts?: boolean;
	readonly counted: readonly string[];
};

function side(quantity: Factor['top'], field: string, bottom: boolean): Outcome<ReadQuantity> {
	const read = readQuantity(quantity, { counted: true, mayLack: true });
	if (!read.ok) return { ok: false, fault: within(read.fault, field) };
	if (bottom && read.value.number?.value.sign === 0)
		return {
			ok: false,
			fault: {
				code: 'zero-below',
				message: 'The bottom cannot be 0.',
				in: `${field}.number`,
				at: [0, quantity.number.length],
			},
		};
	return read;
}

/** The most unit powers on a line, counted one by one; each is a piece that may cancel. */
const PIECES_LIMIT = 1000;

function piecesIn(block: ReadBlock): number {
	let count = 0;
	for (const part of block.top.unit.parts) count += Math.abs(part.power);
	for (const part of block.bottom?.unit.parts ?? []) count += Math.abs(part.power);
	return count * block.power;
}

/** The words taken for counted things anywhere on the line, each once. */
function countedIn(blocks: readonly ReadBlock[], want: Unit | null): readonly string[] {
	const counted = new Set<string>();
	const add = (unit: Unit) => {
		for (const word of unit.counted) counted.add(word);
	};
	for (const block of blocks) {
		add(block.top.unit);
		if (block.bottom) add(block.bottom.unit);
		const { step } = block as Partial<ReadFactor>;
		if (step) add(step.quantity.unit);
	}
	if (want) add(want);
	return [...counted];
}

/** Reads every number and unit of a line; a fault names its field ("factors.1.top.unit"). */
export function readChain(chain: Chain): Outcome<ReadChain> {
	if (chain.factors.length > FACTORS_LIMIT)
		return bad('too-large', `A line here can have up to ${FACTORS_LIMIT} factors.`);
	const written = sidesOfStart(chain.start);
	const double = written.bottom !== null;
	const top = side(written.top, double ? 'start.top' : 'start', false);
	if (!top.ok) return top;
	const bottom = written.bottom ? side(written.bottom, 'start.bottom', true) : null;
	if (bottom && !bottom.ok) return bottom;
	const factors: ReadFactor[] = [];
	for (const [i, factor] of chain.factors.entries()) {
		const above = side(factor.top, `factors.${i}.top`, false);
		if (!above.ok) return above;
		const below = side(factor.bottom, `factors.${i}.bottom`, true);
		if (!below.ok) return below;
		const power = factor.power ?? 1;
		if (!Number.isInteger(power) || power < 1 || power > FACTOR_POWER_LIMIT)
			return {
				ok: false,
				fault: {
					code: 'too-large',
					message: `A factor can be raised to a whole power from 1 to ${FACTOR_POWER_LIMIT}.`,
					in: `factors.${i}.power`,
				},
			};
		const step = fieldOf(factor) === null ? null : readStep(factor);
		if (step && !step.ok) return { ok: false, fault: within(step.fault, `factors.${i}`) };
		const begins = step?.value.kind.begins ? step.value.quantity : null;
		factors.push({
			top: begins ?? above.value,
			bottom: below.value,
			power,
			written: factor,
			step: step?.value ?? null,
		});
	}
	const start: ReadBlock = { top: top.value, bottom: bottom?.value ?? null, power: 1 };
	const blocks = [start, ...factors];
	let pieces = 0;
	for (const block of blocks) pieces += piecesIn(block);
	if (pieces > PIECES_LIMIT)
		return bad('too-large', `The units of a line can have up to ${PIECES_LIMIT} powers in all.`);
	const want = chain.want === undefined ? null : parseUnit(chain.want, { counted: true });
	if (want && !want.ok) return { ok: false, fault: within(want.fault, 'want') };
	return {
		ok: true,
		value: {
			start,
			factors,
			want: want?.value ?? null,
			exactStart: chain.exactStart ?? false,
			startFigures: chain.startFigures ?? null,
			...(chain.parts === undefined ? {} : { parts: chain.parts }),
			counted: countedIn(blocks, want?.value ?? null),
		},
	};
}
