import type { Outcome } from '@tidy-sum/core';
import type { z } from '@tidy-sum/schema';

/** What an operation answers: the fields of its reply beside `id` and `ok`. */
export type Reply = Readonly<Record<string, unknown>>;

/** One operation of `ask`: the shape of its request, and what it answers. A row of the registry. */
export type Op = { readonly shape: z.ZodType; readonly answer: (request: unknown) => Outcome<Reply> };

/** An operation with the type of its request known from its shape. */
export function op<S extends z.ZodType>(shape: S, answer: (request: z.output<S>) => Outcome<Reply>): Op {
	return { shape, answer: answer as Op['answer'] };
}

/** A value with the power of pi beside it, which is left out when 0. */
export function piField(pi: number): { pi?: number } {
	return pi === 0 ? {} : { pi };
}
