import { within } from '../../numeral/fault';
import { valueIn } from '../../quantity/convert';
import { readQuantity } from '../../quantity/quantity';
import { likeUnits } from '../../unit/like-units';
import type { StepKind } from './step-kind';

/** Whole ones set aside: of what stands they are taken away, in whatever unit that is, and kept. */
export const aside: StepKind = {
	field: 'aside',
	reads: ({ aside: kept }) => {
		if (!kept) return null;
		const read = readQuantity(kept, { counted: true, mayLack: true });
		return read.ok ? read : { ok: false, fault: within(read.fault, 'aside') };
	},
	adds: ({ number, unit: of }, unit) => {
		if (!number || !likeUnits(of, unit)) return null;
		const { value, pi } = valueIn(number, of, unit, true);
		return { value: value.neg(), pi };
	},
	keeps: true,
	from: ({ aside: kept }) => kept?.from ?? null,
	begins: false,
};
