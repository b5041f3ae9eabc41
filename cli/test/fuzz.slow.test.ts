import { join } from 'node:path';
import { ask } from '../src/ask';
import { casesIn, fuzzInputs } from './fuzz-inputs';

const INPUTS = 20000;

/** Whether a reply is of the form the contract promises; the reason when it is not. */
function formFault(reply: Record<string, unknown>): string | null {
	if (!('id' in reply) || typeof reply.ok !== 'boolean') return 'no id or ok';
	if (reply.ok) return null;
	const { code, message, at } = (reply.error ?? {}) as { code?: unknown; message?: unknown; at?: unknown };
	if (typeof code !== 'string' || code === '') return 'an error without a code';
	if (typeof message !== 'string' || !/^[A-Z“0-9−-].*[.?]$/su.test(message)) return `no sentence: ${String(message)}`;
	if (at === undefined) return null;
	const [from, to] = at as [number, number];
	return Number.isInteger(from) && Number.isInteger(to) && 0 <= from && from <= to ? null : `no span: ${String(at)}`;
}

describe('ask, given anything at all', () => {
	it(`answers each of ${INPUTS} lines in the form of the contract`, () => {
		const faults: string[] = [];
		for (const line of fuzzInputs(casesIn(join(__dirname, '..', 'vectors')), INPUTS, 7)) {
			const reply = JSON.parse(JSON.stringify(ask(line))) as Record<string, unknown>;
			const fault = formFault(reply);
			if (fault !== null) faults.push(`${fault}: ${line.slice(0, 300)}`);
		}
		expect(faults.slice(0, 5)).toEqual([]);
	});

	it('answers a wrong reply of its own kind as wrong: the measure above can fail', () => {
		expect(formFault({ id: 1 })).not.toBeNull();
		expect(formFault({ id: 1, ok: false, error: { code: 'x', message: 'no sentence' } })).not.toBeNull();
		expect(formFault({ id: 1, ok: false, error: { code: 'x', message: 'A sentence.', at: [3, 1] } })).not.toBeNull();
	});
});
