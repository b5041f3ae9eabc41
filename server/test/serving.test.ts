import { get } from 'node:http';
import { gunzipSync } from 'node:zlib';
import { type Database, openSqlite } from '../src/keeping/database';
import { makeFolder } from './running';
import { type ServedHere, serveOn } from './served';

const folder = makeFolder();
let db: Database;
let served: ServedHere;
let url: string;

beforeAll(async () => {
	db = await openSqlite(folder.data);
	served = await serveOn(db, { appFolder: folder.app });
	url = served.url;
});

afterAll(async () => {
	await served.close();
	await db.destroy();
	folder.remove();
});

describe('serving the app', () => {
	it('gives the page for any address of the app, to be asked for anew', async () => {
		for (const path of ['/', '/desk/new-snow']) {
			const response = await fetch(url + path, { headers: { accept: 'text/html' } });
			expect([response.status, response.headers.get('cache-control')]).toEqual([200, 'no-cache']);
			expect(await response.text()).toContain('<title>Tidy Sum</title>');
		}
	});

	it('gives hashed files for a year, compressed', async () => {
		const { headers, data } = await new Promise<{ headers: Record<string, unknown>; data: Buffer }>((resolve) => {
			get(`${url}/_expo/static/entry-abc.js`, { headers: { 'accept-encoding': 'gzip' } }, (response) => {
				const parts: Buffer[] = [];
				response.on('data', (part) => parts.push(part));
				response.on('end', () => resolve({ headers: response.headers, data: Buffer.concat(parts) }));
			});
		});
		expect(headers).toMatchObject({
			'cache-control': 'public, max-age=31536000, immutable',
			'content-encoding': 'gzip',
		});
		expect(gunzipSync(data).toString()).toContain('a script');
	});

	it('does not give the page for a file that is not there, nor a file outside its folder', async () => {
		expect((await fetch(`${url}/missing.js`, { headers: { accept: 'text/html' } })).status).toBe(404);
		const outside = await fetch(`${url}/..%2f..%2fpackage.json`, { headers: { accept: '*/*' } });
		expect(await outside.text()).not.toContain('workspaces');
	});

	it('sends headers that keep other sites out', async () => {
		const { headers } = await fetch(url, { headers: { accept: 'text/html' } });
		expect(headers.get('content-security-policy')).toContain("default-src 'self'");
		expect(headers.get('x-content-type-options')).toBe('nosniff');
		expect(headers.get('x-powered-by')).toBeNull();
	});
});
