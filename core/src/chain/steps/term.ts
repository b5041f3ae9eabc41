import { within } from '../../numeral/fault';
import { readQuantity } from '../../quantity/quantity';
import type { StepKind } from './step-kind';

/** A further part of a sum: it stands by itself, goes through its own blocks, and is added where the units are the same. */
export const term: StepKind = {
	field: 'term',
	reads: ({ term: part }) => {
		if (!part) return null;
		const read = readQuantity(part, { counted: true, mayLack: true });
		return read.ok ? read : { ok: false, fault: within(read.fault, 'term') };
	},
	adds: () => null,
	keeps: false,
	from: () => null,
	begins: true,
};
