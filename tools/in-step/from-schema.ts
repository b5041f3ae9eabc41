import type { z } from '@tidy-sum/schema';
import fc from 'fast-check';

/** What is read of a Zod schema: the parts of its definition that say what it takes. */
type Def = {
	readonly type: string;
	readonly shape?: Readonly<Record<string, z.ZodType>>;
	readonly element?: z.ZodType;
	readonly innerType?: z.ZodType;
	readonly in?: z.ZodType;
	readonly options?: readonly z.ZodType[];
	readonly items?: readonly z.ZodType[];
	readonly entries?: Readonly<Record<string, string>>;
	readonly values?: readonly unknown[];
	readonly checks?: readonly { readonly _zod: { readonly def: Check } }[];
};

type Check = {
	readonly check: string;
	readonly pattern?: RegExp;
	readonly minimum?: number;
	readonly maximum?: number;
	readonly value?: number;
};

/** The most characters and items made where the schema allows many more: more of them would test nothing new. */
const LONG = 12;
const MANY = 3;

/** The largest number that is made where the schema sets no limit. */
const LARGE = 1000;

const defOf = (schema: z.ZodType) => (schema as unknown as { readonly _zod: { readonly def: Def } })._zod.def;

/**
 * Values a schema takes, made from the schema itself, so that a new kind of step is tried without being listed anywhere.
 * @example fc.sample(fromSchema(stepSchema), 3)
 * @throws Error for a kind of schema that is not known here.
 */
export function fromSchema(schema: z.ZodType): fc.Arbitrary<unknown> {
	const made = makerOf(schema);
	// What a schema checks beyond its shape is left to the schema.
	return made.filter((value) => schema.safeParse(value).success);
}

function makerOf(schema: z.ZodType): fc.Arbitrary<unknown> {
	const def = defOf(schema);
	const checks = (def.checks ?? []).map(({ _zod }) => _zod.def);
	const limit = (check: string, of: 'minimum' | 'maximum' | 'value') => checks.find((one) => one.check === check)?.[of];
	switch (def.type) {
		case 'object': {
			const fields = Object.entries(def.shape ?? {});
			const isOptional = (field: z.ZodType) => ['optional', 'default'].includes(defOf(field).type);
			return fc.record(Object.fromEntries(fields.map(([name, field]) => [name, makerOf(field)])), {
				requiredKeys: fields.filter(([, field]) => !isOptional(field)).map(([name]) => name),
			});
		}
		case 'string': {
			const pattern = checks.find((one) => one.pattern)?.pattern;
			if (pattern) return fc.stringMatching(pattern);
			const most = Math.min(LONG, limit('max_length', 'maximum') ?? LONG);
			return fc.string({ minLength: limit('min_length', 'minimum') ?? 0, maxLength: most });
		}
		case 'number':
			return fc.integer({
				min: limit('greater_than', 'value') ?? -LARGE,
				max: Math.min(LARGE, limit('less_than', 'value') ?? LARGE),
			});
		case 'boolean':
			return fc.boolean();
		case 'null':
			return fc.constant(null);
		case 'literal':
			return fc.constantFrom(...(def.values ?? []));
		case 'enum':
			return fc.constantFrom(...Object.values(def.entries ?? {}));
		case 'array':
			return fc.array(makerOf(def.element as z.ZodType), {
				minLength: limit('min_length', 'minimum') ?? 0,
				maxLength: Math.min(MANY, limit('max_length', 'maximum') ?? MANY),
			});
		case 'tuple':
			return fc.tuple(...(def.items ?? []).map(makerOf));
		case 'union':
			return fc.oneof(...(def.options ?? []).map(makerOf));
		case 'nullable':
			return fc.option(makerOf(def.innerType as z.ZodType), { nil: null });
		case 'optional':
		case 'default':
		case 'readonly':
			return makerOf(def.innerType as z.ZodType);
		case 'pipe':
			return makerOf(def.in as z.ZodType);
		default:
			throw new Error(`values of a schema of the type ${def.type} cannot be made yet`);
	}
}
