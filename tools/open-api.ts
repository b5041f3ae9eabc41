import {
	API_CODES,
	type ApiCode,
	errorSchema,
	idSchema,
	stepSchema,
	trySchema,
	workBodySchema,
	z,
} from '@tidy-sum/schema';
import { ROUTES } from '../server/src/routes';
import type { Route, Who } from '../server/src/routes/route';

/** What can come of any request, whichever it is. */
const ALWAYS: readonly ApiCode[] = ['bad-request', 'too-many', 'server-fault'];

/** Who may ask, in words. */
const WHO: Readonly<Record<Who, string>> = {
	anyone: 'anyone',
	desk: 'one with a key of the desk',
	'desk or new': 'one with a key of the desk; where the desk is new, the key it comes with is its first',
	teacher: 'one with a key of the class, as its teacher',
	seat: 'one with the key of a seat of the class',
	member: 'one with a key of the class, as its teacher or from a seat',
	'desk or demo': 'one with a key of the desk; a desk of made-up work may be read by anyone',
};

type Json = Record<string, unknown>;

/** Shapes that stand in several others: each is described once, and named where it stands. */
const NAMED: Readonly<Record<string, z.ZodType>> = { WorkBody: workBodySchema, Step: stepSchema, Try: trySchema };

/** A schema as JSON Schema; of what is named only the name, but for the one that is described itself. */
function schemaOf(schema: z.ZodType, io: 'input' | 'output', itself = false): Json {
	const { $schema: _, ...rest } = z.toJSONSchema(schema, {
		io,
		unrepresentable: 'any',
		reused: 'inline',
		override: ({ zodSchema, jsonSchema }) => {
			const name = Object.keys(NAMED).find((one) => NAMED[one] === (zodSchema as unknown));
			if (!name || (itself && (zodSchema as unknown) === schema)) return;
			for (const key of Object.keys(jsonSchema)) delete (jsonSchema as Json)[key];
			jsonSchema.$ref = `#/components/schemas/${name}`;
		},
	}) as Json;
	return rest;
}

function refusals(route: Route): Json {
	const codes = [...new Set([...route.codes, ...ALWAYS])];
	const byStatus = new Map<number, ApiCode[]>();
	for (const code of codes) {
		const [status] = API_CODES[code];
		byStatus.set(status, [...(byStatus.get(status) ?? []), code]);
	}
	return Object.fromEntries(
		[...byStatus].map(([status, of]) => [
			`${status}`,
			{
				description: of.map((code) => `\`${code}\`: ${API_CODES[code][1]}`).join(' '),
				content: { 'application/json': { schema: { $ref: '#/components/schemas/Refusal' } } },
			},
		]),
	);
}

function operationOf(route: Route): Json {
	const { path, says, who, body, query, reply, type = 'application/json' } = route;
	const inPath = [...path.matchAll(/:(\w+)/g)].map(([, name]) => ({
		name,
		in: 'path',
		required: true,
		schema: schemaOf(idSchema, 'input'),
	}));
	const asked = query ? (schemaOf(query, 'input') as { properties?: Json; required?: string[] }) : {};
	const inQuery = Object.entries(asked.properties ?? {}).map(([name, schema]) => ({
		name,
		in: 'query',
		required: asked.required?.includes(name) ?? false,
		schema,
	}));
	return {
		summary: says,
		description: `Who may ask: ${WHO[who as Who]}.`,
		...(who === 'anyone' ? { security: [] } : {}),
		...(inPath.length + inQuery.length ? { parameters: [...inPath, ...inQuery] } : {}),
		...(body
			? { requestBody: { required: true, content: { 'application/json': { schema: schemaOf(body, 'input') } } } }
			: {}),
		responses: {
			'200': { description: 'Done.', content: { [type]: { schema: schemaOf(reply, 'output') } } },
			...refusals(route),
		},
	};
}

const addressOf = (path: string) => `/api${path.replace(/:(\w+)/g, '{$1}')}`;

/**
 * The API of the server, described from the rows of its routes and their schemas.
 * @see https://spec.openapis.org/oas/v3.1.0
 */
export function openApi(): Json {
	const paths: Record<string, Json> = {};
	for (const route of ROUTES) {
		const at = addressOf(route.path);
		paths[at] = { ...paths[at], [route.method]: operationOf(route) };
	}
	return {
		openapi: '3.1.0',
		info: { title: 'Tidy Sum', version: '1', description: 'The server of Tidy Sum: desks, and the work on them.' },
		security: [{ key: [] }],
		paths,
		components: {
			securitySchemes: { key: { type: 'http', scheme: 'bearer', description: 'The secret key of a device.' } },
			schemas: {
				Refusal: schemaOf(errorSchema, 'output'),
				...Object.fromEntries(Object.entries(NAMED).map(([name, schema]) => [name, schemaOf(schema, 'input', true)])),
			},
		},
	};
}

/** The same for people: a table of the requests, and one of the codes. */
export function apiPage(): string {
	const requests = ROUTES.map(
		({ method, path, says, who, codes }) =>
			`| \`${method.toUpperCase()} ${addressOf(path)}\` | ${says} | ${WHO[who as Who]} | ${codes.map((code) => `\`${code}\``).join(', ')} |`,
	);
	const codes = Object.entries(API_CODES).map(([code, [status, says]]) => `| \`${code}\` | ${status} | ${says} |`);
	return `# The API of the server

Made by \`npm run api-docs\` from the rows of the routes (\`server/src/routes/\`) and their schemas (\`schema/src/\`); a test holds it
to them. [openapi.json](openapi.json) says the same, for other programs, with the shapes of all that is sent (OpenAPI 3.1).

A key goes in the header \`Authorization: Bearer …\` and in no address. A refusal is JSON with a code for programs and a sentence
for people: \`{"error": {"code": "no-desk", "message": "…"}}\`. With \`429\` the header \`Retry-After\` says in how many seconds to
come again.

| request | what it does | who may ask | refused with, beside what any request can |
|---|---|---|---|
${requests.join('\n')}

Any request can be refused with ${ALWAYS.map((code) => `\`${code}\``).join(', ')}.

| code | status | what it says |
|---|---|---|
${codes.join('\n')}
`;
}
