/** The part of a text a fault concerns: from, to, in UTF-16 units. */
export type Span = readonly [number, number];

/**
 * What can be wrong, one code for each. A function that can fail names those it gives.
 *
 * Writing: `empty` (nothing is there yet), `not-a-number`, `two-points`, `comma-unclear` (a comma that may be a point),
 * `spacing` (spaces that do not group by threes), `exponent` (a power of ten that is not whole), `zero-below` (a bottom
 * of 0), `unknown-unit`, `unit-unclear` (a sign where no unit can be read), `shape` (a part is missing, or is of another form).
 *
 * Sense: `unlike` (units of two kinds), `below-absolute-zero`, `no-route` (no fact leads there), `no-key` (an exercise
 * that has no answer), `no-prefix` (a unit that takes none), `one-unit` (a compound where one unit is needed), `order`
 * (units from small to large), `endless` (a value with no last digit), `zero` (a size that 0 does not have),
 * `nothing-like` (nothing at the station is of that kind).
 *
 * Asking: `unknown-skill`, `unknown-code` (of a Round), `unknown-op`, `not-json`, `too-large` (past a limit),
 * `worker` (a job that broke off), `not-handed` (a link or a file that holds no problems), `later-edition` (a file of a
 * later version), `encoding` (bytes that are no text), `archive` (a package that is not whole, or not safe to unpack).
 */
export type FaultCode =
	| 'empty'
	| 'not-a-number'
	| 'two-points'
	| 'comma-unclear'
	| 'spacing'
	| 'exponent'
	| 'zero-below'
	| 'unknown-unit'
	| 'unit-unclear'
	| 'shape'
	| 'unlike'
	| 'below-absolute-zero'
	| 'no-route'
	| 'no-key'
	| 'no-prefix'
	| 'one-unit'
	| 'order'
	| 'endless'
	| 'zero'
	| 'nothing-like'
	| 'unknown-skill'
	| 'unknown-code'
	| 'unknown-op'
	| 'not-json'
	| 'too-large'
	| 'worker'
	| 'not-handed'
	| 'later-edition'
	| 'encoding'
	| 'archive';

/**
 * What is wrong with something a person typed: a code for programs, a sentence for people, and the
 * place. `in` names the field of a larger request ("factors.1.top.unit"); `suggest` lists near names.
 */
export type Fault = {
	readonly code: FaultCode;
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
	code: FaultCode,
	message: string,
	at?: Span,
	suggest?: readonly string[],
): { ok: false; fault: Fault } {
	return {
		ok: false,
		fault: { code, message, ...(at ? { at } : {}), ...(suggest?.length ? { suggest } : {}) },
	};
}

/** The outcome of a fault, placed in a field of a larger request. */
export function badWithin(fault: Fault, field: string): { ok: false; fault: Fault } {
	return { ok: false, fault: within(fault, field) };
}

/** The same fault, placed in a field of a larger request; nested fields join with points. */
export function within(fault: Fault, field: string): Fault {
	return { ...fault, in: fault.in ? `${field}.${fault.in}` : field };
}
