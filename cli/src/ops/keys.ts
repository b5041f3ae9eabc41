import { keysOf } from '@tidy-sum/core/help';
import { askKeysSchema } from '@tidy-sum/schema/ask';
import { op } from '../op';

export const keys = op(askKeysSchema, ({ chain }) => {
	const made = keysOf(chain);
	if (made.ok) return made;
	return { ok: false, fault: { ...made.fault, in: made.fault.in ? `chain.${made.fault.in}` : 'chain' } };
});
