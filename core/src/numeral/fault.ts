/** The part of a text a fault concerns: from, to, in UTF-16 units. */
export type Span = readonly [number, number];

/**
 * What is wrong with something a person typed: a code for programs, a sentence for people, and the
 * place. `in` names the field of a larger request ("factors.1.top.unit"); `suggest` lists near names.
 */
export type Fault = {
	readonly code: string;
	readonly message: string;
	readonly in?: string;
	readonly at?: Span;
	readonly suggest?: readonly string[];
};

/** A value, or the fault that stands in its way. Nothing a person types is thrown. */
export type Outcome<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly fault: Fault };

/** The outcome that carries a value. */
export function good<T>(value: T): Outcome<T> {
	return { ok: true, value };
}

/** The outcome that carries a fault. */
export function bad(
	code: string,
	message: string,
	at?: Span,
	suggest?: readonly string[],
): { ok: false; fault: Fault } {
	return {
		ok: false,
		fault: { code, message, ...(at ? { at } : {}), ...(suggest?.length ? { suggest } : {}) },
	};
}

/** The same fault, placed in a field of a larger request; nested fields join with points. */
export function within(fault: Fault, field: string): Fault {
	return { ...fault, in: fault.in ? `${field}.${fault.in}` : field };
}
