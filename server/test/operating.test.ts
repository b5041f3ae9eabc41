import { operate } from '../src/keeping/operating';
import { Asker, KINDS, newDesk, type ServedHere } from './served';

const BODY = { exercise: 'new-snow', steps: [{ do: 'answer', text: '1.16' }] } as const;

describe.each(KINDS)('what an operator does by hand on $name', (kind) => {
	let served: ServedHere;
	let asker: Asker;
	let desk: string;
	const keep = () => asker.keep(desk, 'work-0001', 0, { ...BODY, steps: [...BODY.steps] });
	const does = (...words: string[]) => operate(served.db, words);

	beforeAll(async () => {
		await kind.open();
		served = await kind.serve();
	});

	afterAll(() => kind.close());

	beforeEach(async () => {
		asker = new Asker(served.url);
		desk = newDesk();
		expect((await keep()).status).toBe(200);
	});

	it('a desk that is erased does not come back with the next device that has it', async () => {
		expect(await does('erase', desk)).toEqual([expect.stringContaining('is erased')]);
		expect((await keep()).status).toBe(410);
		expect((await asker.get(`/desks/${desk}/works`)).status).toBe(410);
		expect(await does('erase', desk)).toEqual([expect.stringContaining('was already erased')]);
	});

	it('its devices are listed without a key, and how much is kept', async () => {
		expect(await does('keys', desk)).toEqual([expect.stringMatching(/^device .*last used \d{4}-\d\d-\d\d$/)]);
		const [all, ...desks] = await does('sizes');
		expect(all).toMatch(/^\d+ desks, \d+ pieces of work, \d+\.\d MB$/);
		expect(desks.find((line) => line.startsWith(desk))).toContain('1 pieces');
	});

	it('counts that are not what is there are found', async () => {
		expect((await does('check')).join()).toContain('and all counts are right');
		await served.db('desk').where({ id: desk }).update({ pieces: 7 });
		expect((await does('check')).join()).toContain(`${desk}  counts 7 pieces and has 1`);
		await served.db('desk').where({ id: desk }).update({ pieces: 1 });
	});

	it('a backup brought back is a generation of its own: what a device counted before is not taken', async () => {
		const of = async (url: string) =>
			(await new Asker(url, asker.key).get(`/desks/${desk}/works`)).headers.get('x-generation') ?? '';
		const before = await of(served.url);
		await does('restored');
		// The server knows of it from its start.
		const again = await kind.serve();
		const now = await of(again.url);
		expect([before === '', now === before]).toEqual([false, false]);
		const put = (generation: string) =>
			new Asker(again.url, asker.key).ask(
				'PUT',
				`/desks/${desk}/works/work-0001`,
				{ base: 1, body: BODY },
				{ 'x-generation': generation },
			);
		const refused = await put(before);
		expect([refused.status, refused.body.error.code]).toEqual([412, 'generation']);
		expect((await put(now)).status).toBe(200);
	});

	it('the sum of a desk changes with each version, and is the same where the same is kept', async () => {
		const sum = async () => (await asker.get(`/desks/${desk}/sum`)).body;
		const first = await sum();
		expect(first).toMatchObject({ pieces: 1, sum: expect.stringMatching(/^[0-9a-f]{64}$/) });
		expect(await sum()).toEqual(first);
		await asker.keep(desk, 'work-0001', 1, { ...BODY, steps: [] });
		expect((await sum()).sum).not.toBe(first.sum);
	});

	it.each([[], ['wash'], ['erase']])('what is no act is answered with all there are (%s)', async (...words) => {
		await expect(does(...words.filter(Boolean))).rejects.toThrow(/npm run desk -- erase ID[\s\S]*sizes[\s\S]*restored/);
	});

	it('a desk that is not there is said so', async () => {
		await expect(does('erase', 'desk-nowhere')).rejects.toThrow('There is no desk desk-nowhere.');
	});
});
