import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import { roundCode } from '@tidy-sum/core/practice';
import { PAGE_PLACES } from '@tidy-sum/schema/page-places';
import { type Database, openSqlite } from '../src/keeping/database';
import { pageFiles } from '../src/pages/page-files';
import { filledPage, withPage } from '../src/pages/with-page';
import { type ServedHere, serveOn } from './served';

const folder = mkdtempSync(join(tmpdir(), 'tidy-sum-pages-'));
const app = join(folder, 'app');
const SCRIPT = 'document.title = 1;';
const page = (name: string) =>
	`<!DOCTYPE html><html><head><script>${SCRIPT}</script></head><body><div id="root">${name}: ${Object.values(PAGE_PLACES).join(' | ')}</div></body></html>`;

let db: Database;
let served: ServedHere;

beforeAll(async () => {
	for (const path of ['index', 'record', '+not-found', 'desk/new-snow', 'desk/[name]', 'round/[code]', 'shelf/index']) {
		mkdirSync(join(app, path, '..'), { recursive: true });
		writeFileSync(join(app, `${path}.html`), page(path));
	}
	writeFileSync(join(app, 'desk', 'new-snow.html.br'), brotliCompressSync(page('desk/new-snow')));
	db = await openSqlite(join(folder, 'data'));
	served = await serveOn(db, { appFolder: app });
});

afterAll(async () => {
	await served.close();
	await db.destroy();
	rmSync(folder, { recursive: true, force: true });
});

const get = (path: string, headers: Record<string, string> = {}) =>
	fetch(served.url + path, { headers: { accept: 'text/html', ...headers } });

const CODE = roundCode({ skills: ['one-prefix'], level: 1, count: 5, seed: 7 }).replace(/-/g, '');

describe('the page of an address', () => {
	it('is the one that was drawn ahead for it, else one for any such name, else the one that says nothing is here', () => {
		const { pageAt } = pageFiles(app);
		expect(
			['/', '/record', '/record/', '/desk/new-snow', '/desk/own-abc', '/shelf', '/nowhere', '/a/b'].map(pageAt),
		).toEqual(['index', 'record', 'record', 'desk/new-snow', 'desk/[name]', 'shelf/index', '+not-found', '+not-found']);
	});

	it('is not served where it is hidden', () => {
		const { pageAt, hides } = pageFiles(app, ['record']);
		expect(['/record', '/shelf'].map(pageAt)).toEqual(['+not-found', 'shelf/index']);
		expect(['/record.html', '/shelf.html'].map(hides)).toEqual([true, false]);
	});

	it('has the text of an exercise of a Round in it, and the Round for the device to take over', async () => {
		const made = withPage(`/desk/round-${CODE}-02`);
		expect(made?.texts.title).toBe('Exercise 2 of 5');
		expect(made?.round.exercises[1]?.prompt).toBe(made?.texts.prompt);
		const text = await (await get(`/desk/round-${CODE}-02`)).text();
		expect(text).toContain('Exercise 2 of 5');
		const data = /<script type="application\/json" id="with-page">(.*?)<\/script>/.exec(text)?.[1] ?? '';
		expect(JSON.parse(data)).toEqual(JSON.parse(JSON.stringify(made)));
		expect(text).not.toContain('{{');
	});

	it('says of a Round what it trains; of a name nobody knows it says nothing, and leaves no place open', async () => {
		expect(await (await get(`/round/${CODE}`)).text()).toContain('5 exercises, level 1');
		const unknown = await (await get('/desk/own-abcdef')).text();
		expect(unknown).toContain('One moment');
		expect(unknown).not.toMatch(/\{\{|with-page/);
		expect(withPage(`/desk/round-${CODE}-99`)).toBeNull();
		expect(withPage('/desk/round-zzzz-01')).toBeNull();
	});

	it('writes what is in a text so that no browser takes it for anything else', () => {
		const round = { code: 'x', exercises: [] };
		const texts = { title: '<b>&"\'', aside: '$&', prompt: '</script>', wanted: '{{title}}' };
		const filled = filledPage(page('desk'), { path: '/desk/x', texts, round });
		expect(filled).toContain('&lt;b&gt;&amp;&quot;&#39;');
		expect(filled.match(/<\/script>/g)).toHaveLength(2);
		expect(filled).toContain('$&amp;');
	});
});

describe('how pages are sent', () => {
	it('compressed as they lie, to a browser that takes it', async () => {
		const { headers } = await get('/desk/new-snow', { 'accept-encoding': 'br' });
		expect([headers.get('content-encoding'), headers.get('cache-control')]).toEqual(['br', 'no-cache']);
		expect(await (await get('/desk/new-snow')).text()).toContain('desk/new-snow');
	});

	it('with a policy that knows the scripts that stand in them, and no others', async () => {
		const { scriptSources } = pageFiles(app);
		expect(scriptSources).toHaveLength(1);
		const policy = (await get('/')).headers.get('content-security-policy') ?? '';
		expect(policy).toContain(`script-src 'self' ${scriptSources[0]}`);
		expect(policy).not.toContain("script-src 'self' 'unsafe-inline'");
	});

	it('runs WebAssembly in what reads pictures, and nowhere else', async () => {
		mkdirSync(join(app, 'reading', 'abc'), { recursive: true });
		writeFileSync(join(app, 'reading', 'abc', 'pages.worker.js'), '');
		const { headers } = await get('/reading/abc/pages.worker.js');
		expect(headers.get('content-security-policy')).toContain("'wasm-unsafe-eval'");
		expect(headers.get('cache-control')).toContain('immutable');
		expect((await get('/')).headers.get('content-security-policy')).not.toContain('wasm');
	});
});
