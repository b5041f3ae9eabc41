import type { Outcome } from '../../numeral/fault';
import type { Factor } from '../chain';
import { aside } from './aside';
import { shift } from './shift';
import type { ReadStep, StepField, StepKind } from './step-kind';
import { term } from './term';

/** All kinds of steps that are no factors. To add one is to add its file and a row. */
export const STEP_KINDS: { readonly [F in StepField]: StepKind } = { shift, aside, term };

/** The step on a block, read; null where the block only multiplies. */
export function readStep(factor: Factor): Outcome<ReadStep> | null {
	const field = fieldOf(factor);
	const kind = field && STEP_KINDS[field];
	const read = kind?.reads(factor);
	if (!kind || !read) return null;
	return read.ok ? { ok: true, value: { kind, quantity: read.value } } : read;
}

/** The field by which a block is a step that is no factor; null where it only multiplies. */
export function fieldOf({ shift, aside, term }: Factor): StepField | null {
	if (shift !== undefined) return 'shift';
	if (aside !== undefined) return 'aside';
	return term === undefined ? null : 'term';
}
