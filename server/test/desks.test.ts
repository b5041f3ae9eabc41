import { clearEmpty } from '../src/keeping/desks';
import { noteOnDesk } from '../src/keeping/history';
import { type Answered, Asker, KINDS, newDesk, newKey, type ServedHere } from './served';

const BODY = { exercise: 'new-snow', steps: [{ do: 'answer', text: '1.16' }] };

const START = Date.UTC(2026, 1, 3);

describe.each(KINDS)('desks and their keys on $name', (kind) => {
	let served: ServedHere;
	let mine: Asker;
	let desk: string;
	let time = START;

	beforeAll(async () => {
		await kind.open();
		served = await kind.serve({ now: () => new Date(time) });
	});
	afterAll(() => kind.close());
	beforeEach(async () => {
		time = START;
		mine = new Asker(served.url);
		desk = newDesk();
		await mine.keep(desk, 'work-0001', 0, BODY);
	});

	const another = (key: string | null = newKey()) => new Asker(served.url, key);

	async function joined(): Promise<Asker> {
		time += 1000;
		const { body } = await mine.ask('POST', `/desks/${desk}/codes`);
		const other = another();
		const reply = await other.ask('POST', '/joining', { code: body.code, hash: other.hash, says: 'Tablet' });
		expect(reply).toMatchObject({ status: 200, body: { desk } });
		return other;
	}

	it('makes a desk with the first that keeps something, and keeps only the hash of its key', async () => {
		const rows = await served.db('desk_key').where({ desk });
		expect(rows).toMatchObject([{ hash: mine.hash, kind: 'device' }]);
		expect(JSON.stringify(rows)).not.toContain(mine.key);
	});

	it('makes no desk of a request that is not right', async () => {
		const fresh = newDesk();
		expect((await mine.keep(fresh, 'work-0001', 0, { exercise: 5 })).status).toBe(422);
		expect(await served.db('desk').where({ id: fresh })).toEqual([]);
	});

	it('is the same 404 without a key, with another desk’s, and for a desk that never was', async () => {
		const paths = ['works', 'bodies?ids=work-0001', 'tries', 'keys', 'looks', 'events'];
		for (const path of paths) {
			const never = await mine.get(`/desks/${newDesk()}/${path}`);
			expect(never.status).toBe(404);
			for (const stranger of [another(null), another(), another(mine.key?.slice(0, -1))])
				expect(await stranger.get(`/desks/${desk}/${path}`)).toMatchObject({ status: 404, body: never.body });
		}
		expect((await another().keep(desk, 'work-0001', 1, BODY)).status).toBe(404);
		expect(await mine.works(desk)).toMatchObject([{ version: 1 }]);
	});

	it('gives a desk from before keys to the first that comes with one, and to one alone', async () => {
		const old = newDesk();
		await served.db('desk').insert({ id: old, made: '2025-01-01T00:00:00.000Z' });
		const both = [another(), another()];
		const replies = await Promise.all(both.map((one) => one.get(`/desks/${old}/works`)));
		expect(replies.map(({ status }) => status).sort()).toEqual([200, 404]);
		const owner = both[replies.findIndex(({ status }) => status === 200)] as Asker;
		expect((await owner.keep(old, 'work-0001', 0, BODY)).status).toBe(200);
	});

	it('lets a second device in by a code, once, however it is typed', async () => {
		time += 1000;
		const { body } = await mine.ask('POST', `/desks/${desk}/codes`);
		expect(body.code).toMatch(/^[2-9A-HJ-NP-Z]{8}$/);
		const other = another();
		const typed = `${body.code.slice(0, 4)} ${body.code.slice(4)}`.toLowerCase();
		const join = () => other.ask('POST', '/joining', { code: typed, hash: other.hash, says: 'Tablet' });
		expect(await join()).toMatchObject({ status: 200, body: { desk } });
		expect(await join()).toMatchObject({ status: 404, body: { error: { code: 'no-code' } } });
		expect((await other.works(desk)).map(({ id }) => id)).toEqual(['work-0001']);
		const listed = await other.get(`/desks/${desk}/keys`);
		expect(listed.body.devices).toMatchObject([{ here: false }, { here: true, says: 'Tablet', used: '2026-02-03' }]);
		expect(JSON.stringify(listed.body)).not.toContain(other.hash);
	});

	it('takes no code after ten minutes, after five wrong tries, or once a newer one was made', async () => {
		const make = async () => (await mine.ask('POST', `/desks/${desk}/codes`)).body.code as string;
		const join = async (code: string) => {
			const other = another();
			return (await other.ask('POST', '/joining', { code, hash: other.hash, says: '' })).status;
		};
		const late = await make();
		time += 10 * 60_000;
		expect(await join(late)).toBe(404);
		const guessed = await make();
		const wrong = guessed.slice(0, 7) + (guessed.endsWith('A') ? 'B' : 'A');
		for (let i = 0; i < 5; i++) expect(await join(wrong)).toBe(404);
		expect(await join(guessed)).toBe(404);
		const older = await make();
		const newer = await make();
		expect(await join(older)).toBe(404);
		expect(await join(newer)).toBe(200);
	});

	it('says what a code is not', async () => {
		for (const code of ['', '1234', 'ABCDEFG0', 'ABCD-EFGH-J'])
			expect(await another().ask('POST', '/joining', { code, hash: mine.hash, says: '' })).toMatchObject({
				status: 422,
				body: { error: { code: 'shape' } },
			});
	});

	it('opens with a recovery sheet, which lets a new device in, and shuts a lost one out', async () => {
		const sheet = another();
		await mine.ask('POST', `/desks/${desk}/keys`, { hash: sheet.hash, kind: 'sheet', says: 'Recovery sheet' });
		const fresh = another();
		await sheet.ask('POST', `/desks/${desk}/keys`, { hash: fresh.hash, kind: 'device', says: 'New phone' });
		const { devices } = (await fresh.get(`/desks/${desk}/keys`)).body;
		expect(devices.map(({ kind, here }: Answered) => [kind, here])).toEqual(
			expect.arrayContaining([
				['device', false],
				['sheet', false],
				['device', true],
			]),
		);
		const lost = devices.find(({ kind, here }: Answered) => kind === 'device' && !here);
		expect((await fresh.ask('DELETE', `/desks/${desk}/keys/${lost.id}`)).status).toBe(200);
		expect((await mine.get(`/desks/${desk}/works`)).status).toBe(404);
		expect((await mine.keep(desk, 'work-0001', 1, BODY)).status).toBe(404);
		expect((await fresh.get(`/desks/${desk}/works`)).status).toBe(200);
	});

	it('shows one piece or a Round by a link, read only, until it is taken back', async () => {
		await mine.keep(desk, 'work-0002', 0, { ...BODY, exercise: 'round-910kh26fgh-01' });
		await mine.keep(desk, 'work-0003', 0, { ...BODY, exercise: 'round-910kh26fgh-02' });
		const made: [string, unknown, string[]][] = [
			['look-of-work', { is: 'work', id: 'work-0001' }, ['work-0001']],
			['look-of-round', { is: 'round', code: '910kh26fgh' }, ['work-0002', 'work-0003']],
		];
		for (const [name, shows, ids] of made) {
			const id = `${name}-${desk.slice(-8)}`;
			const visitor = another();
			await mine.ask('POST', `/desks/${desk}/looks`, { id, hash: visitor.hash, shows });
			const seen = await visitor.get(`/looks/${id}`);
			expect([seen.status, seen.body.works.map((one: Answered) => one.id)]).toEqual([200, ids]);
			expect(JSON.stringify(seen.body)).not.toContain(desk);
			expect((await visitor.get(`/desks/${desk}/works`)).status).toBe(404);
			expect((await another().get(`/looks/${id}`)).status).toBe(404);
			// It ends after thirty days, where it is not said otherwise.
			const ended = new Asker(
				(await kind.serve({ now: () => new Date(Date.now() + 31 * 86_400_000) })).url,
				visitor.key,
			);
			expect((await ended.get(`/looks/${id}`)).status).toBe(404);
			const lasting = { id, hash: visitor.hash, shows, lasts: 'always' };
			expect((await mine.ask('POST', `/desks/${desk}/looks`, lasting)).body).toEqual({ until: null });
			expect((await ended.get(`/looks/${id}`)).status).toBe(200);
			await mine.ask('DELETE', `/desks/${desk}/looks/${id}`);
			expect((await visitor.get(`/looks/${id}`)).body).toEqual((await visitor.get('/looks/look-never-made')).body);
		}
		expect((await mine.get(`/desks/${desk}/looks`)).body.looks).toEqual([]);
	});

	it('shows the exercises of a Round in their order, whatever was kept first', async () => {
		for (const i of ['10', '02', '01'])
			await mine.keep(desk, `work-r${i}-1`, 0, { ...BODY, exercise: `round-910kh26fgh-${i}` });
		const id = `look-in-order-${desk.slice(-8)}`;
		const visitor = another();
		const shows = { is: 'round', code: '910kh26fgh' };
		await mine.ask('POST', `/desks/${desk}/looks`, { id, hash: visitor.hash, shows });
		const seen = await visitor.get(`/looks/${id}`);
		expect(seen.body.works.map((one: Answered) => one.id)).toEqual(['work-r01-1', 'work-r02-1', 'work-r10-1']);
	});

	it('lists its links though one of them cannot be read', async () => {
		const id = `look-whole-${desk.slice(-8)}`;
		const shows = { is: 'work', id: 'work-0001' };
		await mine.ask('POST', `/desks/${desk}/looks`, { id, hash: another().hash, shows });
		await served.db('look').insert({ id: `broken-${desk}`, hash: 'x', desk, shows: '{', made: '2026-01-01' });
		const { looks } = (await mine.get(`/desks/${desk}/looks`)).body;
		expect(looks.map((one: Answered) => one.id)).toEqual([id]);
		expect((await mine.get(`/looks/broken-${desk}`)).status).toBe(404);
	});

	it('stays at forty keys, though several come at once', async () => {
		const made = await Promise.all(
			Array.from({ length: 60 }, () => {
				const { hash } = another();
				return mine.ask('POST', `/desks/${desk}/keys`, { hash, kind: 'device', says: '' });
			}),
		);
		expect(made.filter(({ status }) => status === 413)).toHaveLength(21);
		expect((await mine.get(`/desks/${desk}/keys`)).body.devices).toHaveLength(40);
	});

	it('erases a desk: its devices are told, strangers are not, and nothing comes back', async () => {
		const other = await joined();
		expect((await mine.ask('DELETE', `/desks/${desk}`)).status).toBe(200);
		for (const one of [mine, other])
			expect(await one.get(`/desks/${desk}/works`)).toMatchObject({ status: 410, body: { error: { code: 'erased' } } });
		expect((await other.keep(desk, 'work-0001', 1, BODY)).status).toBe(410);
		expect((await another().keep(desk, 'work-0001', 0, BODY)).status).toBe(404);
		expect(await served.db('work').where({ desk })).toEqual([]);
	});

	it('clears a desk away that keeps nothing once it was not used for 90 days, and no other', async () => {
		const used = newDesk();
		const empty = newDesk();
		for (const one of [used, empty]) await mine.keep(one, 'work-0001', 0, BODY);
		await mine.ask('DELETE', `/desks/${empty}/works/work-0001`);
		const after = (days: number) => new Date(START + days * 86_400_000);
		await clearEmpty(served.db, after(89));
		expect(await served.db('desk').where({ id: empty })).toHaveLength(1);
		await clearEmpty(served.db, after(92));
		expect(await served.db('desk').whereIn('id', [used, empty, desk]).select('id')).toHaveLength(2);
	});

	it('tell all who have a key who joined and who was removed', async () => {
		const other = await joined();
		await mine.ask('POST', `/desks/${desk}/keys`, { hash: another().hash, kind: 'sheet', says: '' });
		const { devices } = (await other.get(`/desks/${desk}/keys`)).body;
		await other.ask('DELETE', `/desks/${desk}/keys/${devices.find(({ kind }: Answered) => kind === 'sheet').id}`);
		const { events } = (await mine.get(`/desks/${desk}/history`)).body;
		expect(events.map(({ what }: Answered) => what)).toEqual(['shut-out', 'sheet', 'joined']);
		for (let i = 0; i < 60; i++) await noteOnDesk(served.db, desk, { what: 'joined', says: `${i}` }, new Date());
		const { events: last } = (await mine.get(`/desks/${desk}/history`)).body;
		expect([last.length, last[0].says, last.at(-1).says]).toEqual([50, '59', '10']);
	});

	describe('events', () => {
		/** Listens as a device does, and gives what it has heard. */
		function listen(asker: Asker) {
			const heard: string[] = [];
			const stop = new AbortController();
			const ended = (async () => {
				const response = await fetch(`${asker.url}/api/desks/${desk}/events`, {
					headers: { authorization: `Bearer ${asker.key}`, 'accept-encoding': 'gzip' },
					signal: stop.signal,
				});
				expect(response.headers.get('content-type')).toContain('text/event-stream');
				expect(response.headers.get('content-encoding')).toBeNull();
				for await (const chunk of response.body as Answered)
					heard.push(...new TextDecoder().decode(chunk).split('\n\n').filter(Boolean));
			})().catch((error) => {
				if (!stop.signal.aborted) throw error;
			});
			return { heard, ended, stop: () => stop.abort() };
		}

		async function until(holds: () => boolean): Promise<void> {
			for (let i = 0; i < 200 && !holds(); i++) await new Promise((resolve) => setTimeout(resolve, 20));
			expect(holds()).toBe(true);
		}

		it('tell at once how far the desk is, and what another device or another server keeps', async () => {
			const other = await joined();
			const elsewhere = await kind.serve();
			// Servers on one SQLite file do not hear each other: there is one process there.
			const through = kind.name === 'SQLite' ? mine : new Asker(elsewhere.url, mine.key);
			const { heard, stop, ended } = listen(other);
			await until(() => heard.length === 1);
			const { generation } = (await mine.get(`/desks/${desk}/works`)).body;
			expect(heard).toEqual([`event: changed\ndata: ${JSON.stringify({ seq: 1, heads: [], generation })}`]);
			await through.keep(desk, 'work-0002', 0, BODY);
			await until(() => heard.length === 2);
			// The head of what was kept rides along: whoever listens need not ask for it.
			const [, data = ''] = /^event: changed\ndata: (.*)$/.exec(heard[1] ?? '') ?? [];
			const { works } = (await through.get(`/desks/${desk}/works`)).body;
			const head = works.find(({ id }: Answered) => id === 'work-0002');
			expect(JSON.parse(data)).toEqual({ seq: 2, heads: [head], generation });
			stop();
			await ended;
		});

		if (kind.name === 'PostgreSQL')
			it('go on after the connection that carries them was lost, and miss nothing', async () => {
				const { heard, stop, ended } = listen(mine);
				await until(() => heard.length === 1);
				await served.db.raw("select pg_terminate_backend(pid) from pg_stat_activity where query like 'listen%'");
				await mine.keep(desk, 'work-0002', 0, BODY);
				// Whoever listens is told to look, since something may have been missed.
				await until(() => heard.length > 1);
				await mine.keep(desk, 'work-0003', 0, BODY);
				await until(() => heard.at(-1)?.startsWith('event: changed\ndata: {"seq":3,') ?? false);
				stop();
				await ended;
			});

		it('end for a device that was removed while what is told could not be heard', async () => {
			const other = await joined();
			const one = listen(other);
			await until(() => one.heard.length === 1);
			// As after a lost connection: the key went, and only later is everybody told to look.
			await served.db('desk_key').where({ desk, hash: other.hash }).delete();
			const told = [{ desk, seq: 0 }];
			await served.events.tell(served.db, told);
			served.events.committed(told);
			await one.ended;
			expect(one.heard.at(-1)).toBe('event: closed\ndata: {"is":"shut"}');
		});

		it('end for a device that is shut out, and tell of an erased desk', async () => {
			const other = await joined();
			const one = listen(other);
			const two = listen(mine);
			await until(() => one.heard.length === 1 && two.heard.length === 1);
			const { devices } = (await other.get(`/desks/${desk}/keys`)).body;
			await mine.ask('DELETE', `/desks/${desk}/keys/${devices.find(({ here }: Answered) => here).id}`);
			await one.ended;
			expect(one.heard.at(-1)).toBe('event: closed\ndata: {"is":"shut"}');
			expect(two.heard).toHaveLength(1);
			await mine.ask('DELETE', `/desks/${desk}`);
			await two.ended;
			expect(two.heard.at(-1)).toBe('event: closed\ndata: {"is":"erased"}');
		});
	});
});
