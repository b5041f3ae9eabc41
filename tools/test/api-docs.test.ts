import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import Ajv from 'ajv/dist/2020';
import { ROUTES } from '../../server/src/routes';
import { apiPage, openApi } from '../open-api';

const DOCS = join(__dirname, '..', '..', 'docs');

// biome-ignore lint/suspicious/noExplicitAny: a description is looked at as it comes.
type Operation = any;

type Described = {
	readonly paths: Readonly<Record<string, Readonly<Record<string, Operation>>>>;
	readonly components: object;
};

describe('the description of the API', () => {
	it('is the one that lies in docs: run `npm run api-docs` where it is not', () => {
		expect(readFileSync(join(DOCS, 'api.md'), 'utf8')).toBe(apiPage());
		expect(JSON.parse(readFileSync(join(DOCS, 'openapi.json'), 'utf8'))).toEqual(openApi());
	});

	it('has every request, with its refusals and whether it needs a key', () => {
		const { paths } = openApi() as Described;
		const described = Object.values(paths).flatMap((methods) => Object.values(methods));
		expect(described).toHaveLength(ROUTES.length);
		for (const operation of described) {
			expect(Object.keys(operation.responses)).toEqual(expect.arrayContaining(['200', '429', '500']));
			expect(operation.summary).toMatch(/\.$/);
		}
		expect(paths['/api/health']?.get.security).toEqual([]);
		expect(paths['/api/desks/{desk}/works/{id}']?.put.security).toBeUndefined();
	});

	it('tells shapes that a body can be held to', () => {
		const { paths, components } = openApi() as Described;
		const schema = paths['/api/desks/{desk}/works/{id}']?.put.requestBody.content['application/json'].schema;
		const holds = new Ajv({ strict: false }).compile({ ...schema, components });
		expect(holds({ base: 0, body: { exercise: 'new-snow', steps: [{ do: 'check' }] } })).toBe(true);
		expect(holds({ base: -1, body: { exercise: 'new-snow', steps: [] } })).toBe(false);
		expect(holds({ base: 0, body: { exercise: 'new-snow', steps: [{ do: 'fly' }] } })).toBe(false);
	});
});
