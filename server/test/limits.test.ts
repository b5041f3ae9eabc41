import { clearUnused } from '../src/keeping/desks';
import { Asker, KINDS, newDesk, type ServedHere } from './served';

const BODY = { exercise: 'new-snow', steps: [] };

describe.each(KINDS)('limits on $name', (kind) => {
	let served: ServedHere;

	beforeAll(async () => {
		await kind.open();
		// A hundredth: 12 requests of a desk, 15 of a stranger, 15 new desks, and one wrong code.
		served = await kind.serve({ limitFactor: 0.01, proxies: 1 });
	});
	afterAll(() => kind.close());

	/** Asks from an address of its own, as a proxy tells it. */
	function from(address: string, key?: string | null) {
		const asker = new Asker(served.url, key);
		return {
			asker,
			ask: (method: string, path: string, body?: unknown) =>
				asker.ask(method, path, body, { 'x-forwarded-for': address }),
		};
	}

	it('hold for a desk, whichever address its devices have, and say when to come again', async () => {
		const desk = newDesk();
		const { asker, ask } = from('10.0.0.1');
		await ask('PUT', `/desks/${desk}/works/work-0001`, { base: 0, body: BODY });
		const statuses = [];
		for (let i = 0; i < 12; i++)
			statuses.push((await from(`10.0.1.${i}`, asker.key).ask('GET', `/desks/${desk}/works`)).status);
		expect(statuses).toEqual([...Array.from({ length: 11 }, () => 200), 429]);
		const past = await ask('GET', `/desks/${desk}/works`);
		expect(past.body.error).toMatchObject({ code: 'too-many', message: expect.stringContaining('Nothing is lost') });
		expect(Number(past.headers.get('retry-after'))).toBeGreaterThan(0);
	});

	it('hold for an address only where no key fits: its desks go on', async () => {
		const desk = newDesk();
		const { ask } = from('10.0.0.2');
		await ask('PUT', `/desks/${desk}/works/work-0001`, { base: 0, body: BODY });
		const stranger = from('10.0.0.2');
		const statuses = [];
		for (let i = 0; i < 16; i++) statuses.push((await stranger.ask('GET', `/desks/${desk}/works`)).status);
		expect(statuses).toEqual([...Array.from({ length: 15 }, () => 404), 429]);
		expect((await ask('GET', `/desks/${desk}/works`)).status).toBe(200);
		expect((await from('10.0.0.3').ask('GET', `/desks/${desk}/works`)).status).toBe(404);
	});

	it('hold for new desks of an address, and those that are made go on', async () => {
		const made = [];
		for (let i = 0; i < 16; i++) {
			const desk = newDesk();
			const { asker, ask } = from('10.0.0.4');
			made.push({
				desk,
				asker,
				status: (await ask('PUT', `/desks/${desk}/works/work-0001`, { base: 0, body: BODY })).status,
			});
		}
		expect(made.map(({ status }) => status)).toEqual([...Array.from({ length: 15 }, () => 200), 429]);
		const [first] = made;
		expect((await first?.asker.works(first.desk))?.length).toBe(1);
	});

	it('hold for codes by the device that sends them, and keep nobody else of its address out', async () => {
		const desk = newDesk();
		const { asker, ask } = from('10.0.0.5');
		await ask('PUT', `/desks/${desk}/works/work-0001`, { base: 0, body: BODY });
		const { code } = (await ask('POST', `/desks/${desk}/codes`)).body;
		const hashOfDevice = (i: number) => `${asker.hash.slice(0, -2)}${10 + i}`;
		const joins = (device: number, tried: string) =>
			from('10.0.0.6').ask('POST', '/joining', { code: tried, hash: hashOfDevice(device), says: '' });
		// A hundredth of the limits: one wrong code of a device, four of an address.
		expect((await joins(1, 'AAAAAAAA')).status).toBe(404);
		expect((await joins(1, code)).status).toBe(429);
		for (const device of [2, 3, 4]) expect((await joins(device, 'AAAAAAAA')).status).toBe(404);
		expect((await joins(5, 'AAAAAAAA')).status).toBe(429);
		expect((await joins(6, code)).status).toBe(200);
	});

	it('hold for the bytes that are kept on new desks of an address', async () => {
		const { asker, ask } = from('10.0.0.9');
		const large = { ...BODY, steps: Array.from({ length: 900 }, () => ({ do: 'answer', text: 'x'.repeat(60) })) };
		const desk = newDesk();
		const statuses = [];
		// A hundredth of what a new desk may keep in a day is 200 kB.
		for (let i = 0; i < 4; i++)
			statuses.push((await ask('PUT', `/desks/${desk}/works/work-${i}000`, { base: 0, body: large })).status);
		expect(statuses).toEqual([200, 200, 429, 429]);
		// A desk that is older than this server is not counted.
		const again = await kind.serve({ limitFactor: 0.01, proxies: 1 });
		const older = new Asker(again.url, asker.key);
		for (let i = 0; i < 4; i++) expect((await older.keep(desk, `work-${i}100`, 0, large)).status).toBe(200);
	});
});

describe.each(KINDS)('room on $name', (kind) => {
	beforeAll(() => kind.open());
	afterAll(() => kind.close());

	it('ends at the limit of the disk for new desks, and those that are known go on', async () => {
		let now = new Date('2026-03-01T10:00:00Z');
		const served = await kind.serve({ diskLimit: 200, now: () => now });
		const known = new Asker(served.url);
		const desk = newDesk();
		const body = { exercise: 'new-snow', steps: [{ do: 'answer', text: 'x'.repeat(60) }] };
		for (let i = 0; i < 3; i++) expect((await known.keep(desk, `work-${i}000`, 0, body)).status).toBe(200);
		// The total is counted again after a while.
		now = new Date('2026-03-01T10:01:00Z');
		const refused = await new Asker(served.url).keep(newDesk(), 'work-0001', 0, body);
		expect([refused.status, refused.body.error.code]).toEqual([507, 'full']);
		expect((await known.keep(desk, 'work-9000', 0, body)).status).toBe(200);
	});

	it('is made by clearing desks away that nobody used, where an operator wants it; a device brings its desk anew', async () => {
		const served = await kind.serve();
		const [old, recent] = [new Asker(served.url), new Asker(served.url)];
		const [unused, used, erased] = [newDesk(), newDesk(), newDesk()];
		for (const desk of [unused, erased]) await old.keep(desk, 'work-0001', 0, BODY);
		await recent.keep(used, 'work-0001', 0, BODY);
		await old.ask('DELETE', `/desks/${erased}`);
		await served.db('desk').whereIn('id', [unused, erased]).update({ used: '2026-01-01' });
		expect(await clearUnused(served.db, new Date('2026-03-01T00:00:00Z'), 30)).toBe(1);
		expect((await old.get(`/desks/${unused}/works`)).status).toBe(404);
		expect((await recent.get(`/desks/${used}/works`)).status).toBe(200);
		// The mark of an erased desk stays.
		expect((await old.keep(erased, 'work-0001', 0, BODY)).status).toBe(410);
		const later = new Asker((await kind.serve()).url, old.key);
		expect((await later.keep(unused, 'work-0001', 0, BODY)).status).toBe(200);
	});
});
