import { hashOf } from '../../../server/src/keeping/desks';
import { ROUTES } from '../../../server/src/routes';
import { median, type Row, row } from '../measure';
import { ask, bodyOf, newDeskKey, residentKb, startProcess } from './asking';
import { databasesHere } from './databases';

const TIMED = 2000;
const HOSTILE = 5000;

/** The parts of an address that stand for an id, filled in. */
function pathOf(path: string, desk: string, id: string): string {
	return `/api${path.replace(':desk', desk).replace(':id', id)}`;
}

/** Every route of a desk tried by strangers, and how long a desk that is there takes to say no against one that never was. */
async function strangers(url: string): Promise<readonly Row[]> {
	const mine = newDeskKey();
	const other = newDeskKey();
	const [id, look] = ['work-of-mine', 'look-of-mine'];
	for (const { desk, key } of [mine, other])
		await ask(url, 'PUT', `/api/desks/${desk}/works/${id}`, { key, body: bodyOf(4) });
	const post = (path: string, body: unknown, key: string | null = mine.key) =>
		ask(url, 'POST', path, { key, body: JSON.stringify(body) });
	await post(`/api/desks/${mine.desk}/looks`, { id: look, hash: hashOf(other.key), shows: { is: 'work', id } });
	await ask(url, 'DELETE', `/api/desks/${mine.desk}/looks/${look}`, { key: mine.key });
	const outdated: string[] = [];
	for (let i = 0; i < 20; i++) outdated.push(JSON.parse((await post(`/api/desks/${mine.desk}/codes`, {})).body).code);
	const last = outdated.pop();
	const keys = [
		null,
		other.key,
		mine.key.slice(0, -1),
		`${mine.key}A`,
		mine.key.toLowerCase(),
		mine.key.slice(0, 22),
		'',
		'Bearer',
		hashOf(mine.key),
		newDeskKey().key,
	];
	let tries = 0;
	let got = 0;
	const differ: string[] = [];
	for (const { method, path, who, body } of ROUTES) {
		if (who === 'anyone') continue;
		for (const key of keys)
			for (const again of [0, 1, 2, 3]) {
				const sent = {
					key: key === '' ? null : key,
					...(body ? { body: path.includes('works') ? bodyOf(4, again) : '{}' } : {}),
				};
				tries += 1;
				const there = await ask(url, method.toUpperCase(), pathOf(path, mine.desk, id), sent);
				if (there.status < 400) got += 1;
				// A desk that is not there can be made with a key; all else must read the same.
				if (who === 'desk or new') continue;
				const never = await ask(url, method.toUpperCase(), pathOf(path, newDeskKey().desk, id), sent);
				if (never.status !== there.status || never.body !== there.body) differ.push(`${method} ${path}`);
			}
	}
	for (const secret of [other.key, mine.key, '']) {
		tries += 1;
		if ((await ask(url, 'GET', `/api/looks/${look}`, { key: secret })).status < 400) got += 1;
	}
	for (const code of outdated) {
		tries += 1;
		if ((await post('/api/joining', { code, hash: hashOf(other.key), says: '' }, null)).status < 400) got += 1;
	}
	if (!last) throw new Error('no code was made');
	const times = { there: [] as number[], never: [] as number[] };
	const never = newDeskKey().desk;
	for (let i = 0; i < TIMED; i++)
		for (const [which, desk] of [
			['there', mine.desk],
			['never', never],
		] as const) {
			const from = performance.now();
			await ask(url, 'GET', `/api/desks/${desk}/works`, { key: other.key });
			times[which].push(performance.now() - from);
		}
	const [a, b] = [median(times.there), median(times.never)];
	return [
		row(`strangers let in, of ${tries} tries`, got, { most: 0 }, ''),
		row('replies that tell a desk from none', differ.length, { most: 0 }, ''),
		row(
			'a desk that is there and one that never was, medians apart',
			(Math.abs(a - b) / Math.min(a, b)) * 100,
			{ most: 5 },
			'%',
		),
	];
}

type Asked = NonNullable<Parameters<typeof ask>[3]>;

/** Requests that no client of ours would send, one after another. */
function hostile(i: number, desk: string, key: string): readonly [string, string, Asked] {
	const long = 'x'.repeat(1 + (i % 4000));
	const kinds: readonly (readonly [string, string, Asked])[] = [
		['PUT', `/api/desks/${desk}/works/work-1`, { key, body: `{"base":${i},"body":${'['.repeat(i % 500)}` }],
		['PUT', `/api/desks/${desk}/works/work-${i}`, { key, body: JSON.stringify({ base: -i, body: long }) }],
		['PUT', `/api/desks/${desk}/works/${encodeURIComponent(long.slice(0, 60))}`, { key, body: '{}' }],
		['GET', `/api/desks/${encodeURIComponent(`'; drop table work; --${i}`)}/works`, { key }],
		['GET', `/api/desks/${desk}/works?after=${i % 2 ? '-1' : `${'9'.repeat(30)}`}`, { key }],
		['GET', `/api/desks/${desk}/bodies?ids=${'work-1,'.repeat(i % 80)}`, { key }],
		['GET', `/api/desks/${desk}/works?after=1&after=2&__proto__=3`, { key }],
		['GET', `/api/%c0%ae%c0%ae/${i}`, {}],
		['GET', `/..%2f..%2f..%2fetc%2fpasswd?${i}`, {}],
		['POST', '/api/joining', { body: JSON.stringify({ code: long, hash: long, says: long }) }],
		['POST', '/api/joining', { body: `{"__proto__":{"code":"${i}"}}` }],
		['POST', `/api/desks/${desk}/keys`, { key, body: JSON.stringify({ hash: long, kind: 'root', says: [] }) }],
		['POST', `/api/desks/${desk}/looks`, { key, body: JSON.stringify({ id: 'a', shows: { is: 'all' } }) }],
		['DELETE', `/api/desks/${desk}/keys/${i}`, { key }],
		['PATCH', `/api/desks/${desk}`, { key }],
		['GET', '/api/health', { headers: { 'accept-encoding': long.slice(0, 900), cookie: long.slice(0, 2000) } }],
		['GET', `/api/desks/${desk}/works`, { headers: { authorization: `Bearer ${long.slice(0, 3000)}` } }],
		['PUT', `/api/desks/${desk}/works/work-${i}`, { key, body: JSON.stringify({ base: 2 ** 31 + i, body: {} }) }],
		['PUT', `/api/desks/${desk}/works/work-${i}`, { key, body: bodyOf(1).replace('new-snow', 'new\\u0000snow') }],
		['GET', `/api/desks/${desk}/works?after=${2 ** 31 + i}`, { key }],
		['GET', `/api/desks/${desk}/tries?from=${2 ** 40 + i}`, { key }],
		['PUT', `/api/desks/${desk}/works/work-1`, { key, body: 'a=b', headers: { 'content-type': 'text/xml' } }],
	];
	return kinds[i % kinds.length] as readonly [string, string, Asked];
}

async function hostileRequests(name: string, url: string, pid: number): Promise<readonly Row[]> {
	const { desk, key } = newDeskKey();
	await ask(url, 'PUT', `/api/desks/${desk}/works/work-first`, { key, body: bodyOf(4) });
	const statuses = new Map<number, number>();
	let middle = 0;
	for (let i = 0; i < HOSTILE; i++) {
		if (i === HOSTILE / 2) middle = await residentKb(pid);
		const { status } = await ask(url, ...hostile(i, desk, key)).catch(() => ({ status: 0 }));
		statuses.set(status, (statuses.get(status) ?? 0) + 1);
	}
	const grown = ((await residentKb(pid)) / middle - 1) * 100;
	const health = await ask(url, 'GET', '/api/health');
	const faults = [...statuses].reduce((sum, [status, count]) => sum + (status >= 500 || status === 0 ? count : 0), 0);
	return [
		row(`${name}: answered with 5xx or not at all, of ${HOSTILE} hostile requests`, faults, { most: 0 }, ''),
		row(`${name}: memory grown over the second half of them`, grown, { most: 5 }, '%'),
		row(`${name}: health afterwards`, health.status, { most: 200 }, ''),
	];
}

/** Those who have no key, and those who mean no good. */
export async function timeStrangers(): Promise<readonly Row[]> {
	const rows: Row[] = [];
	for (const { name, env, end } of await databasesHere()) {
		const server = await startProcess('server/src/main.ts', env);
		if (name === 'SQLite') rows.push(...(await strangers(server.url)));
		rows.push(...(await hostileRequests(name, server.url, server.child.pid ?? 0)));
		server.child.kill('SIGTERM');
		await server.ended;
		end();
	}
	return rows;
}
