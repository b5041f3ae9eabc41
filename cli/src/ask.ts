import { type Fault, inPoints } from '@tidy-sum/core';
import type { z } from '@tidy-sum/schema';
import { askSchema } from '@tidy-sum/schema/ask';
import { OPS } from './ops';
import * as words from './words';

/** The longest request line that is read, in bytes of UTF-8. */
export const LINE_LIMIT = 64 * 1024;

/** A reply of `ask`, ready for JSON. */
export type AskReply = { readonly id: unknown; readonly ok: boolean } & Readonly<Record<string, unknown>>;

function refuse(id: unknown, error: Fault): AskReply {
	return { id, ok: false, error };
}

function shapeFault(error: z.ZodError): Fault {
	const [issue] = error.issues;
	const field = issue?.path.join('.');
	return {
		code: 'shape',
		message: words.theRequestHasTheWrongShape(issue?.message),
		...(field ? { in: field } : {}),
	};
}

/**
 * Answers one request line of the contract.
 * @param line a JSON text; anything else gets an error reply with id null.
 */
export function ask(line: string): AskReply {
	if (line.length * 3 > LINE_LIMIT && Buffer.byteLength(line) > LINE_LIMIT)
		return refuse(null, { code: 'too-large', message: words.aRequestLineCanHaveUpTo(LINE_LIMIT) });
	let json: unknown;
	try {
		json = JSON.parse(line);
	} catch {
		return refuse(null, { code: 'not-json', message: words.thisLineIsNotJson });
	}
	const id = (typeof json === 'object' && json !== null && 'id' in json ? json.id : null) ?? null;
	const request = askSchema.safeParse(json);
	if (!request.success) return refuse(id, shapeFault(request.error));
	const op = Object.hasOwn(OPS, request.data.op) ? OPS[request.data.op] : undefined;
	if (!op) return refuse(id, { code: 'unknown-op', message: words.thereIsNoOperation(request.data.op), in: 'op' });
	const shaped = op.shape.safeParse(json);
	if (!shaped.success) return refuse(id, shapeFault(shaped.error));
	const answer = op.answer(inPoints(shaped.data, request.data.decimal ?? 'point'));
	return answer.ok ? { id, ok: true, ...answer.value } : refuse(id, answer.fault);
}
