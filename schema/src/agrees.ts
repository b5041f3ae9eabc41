import type { z } from 'zod';

/** A type with every field there and none read-only, so that a field that is missing on one side shows. */
type Whole<T> = T extends object ? { -readonly [K in keyof T]-?: Whole<T[K]> } : T;

type Same<A, B> = [A] extends [B] ? ([B] extends [A] ? true : false) : false;

/** What stands in place of a schema that differs from its type; nothing can be given for it. */
type Differs = { readonly 'the schema and the type of the core differ': never };

/**
 * Holds a schema to the type of the core it is the shape of: the compiler refuses one that lacks a field, has one too
 * many, or takes another kind of value. What it reads has the type of the core.
 * @example const quantitySchema = agreesWith<Quantity>()(z.object({ number: z.string(), unit: z.string() }));
 */
export function agreesWith<Core>() {
	return <S extends z.ZodType<Core>>(
		schema: Same<Whole<Core>, Whole<z.output<S>>> extends true ? S : S & Differs,
	): z.ZodType<Core> => schema;
}
