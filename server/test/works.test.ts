import type { WorkBody } from '@tidy-sum/schema';
import { HEADS_AT_ONCE } from '../src/keeping/works';
import { type Answered, Asker, KINDS, newDesk, type ServedHere } from './served';

const BODY: WorkBody = {
	exercise: 'new-snow',
	steps: [
		{ do: 'place', block: 'b1', factor: { top: { number: '2.54', unit: 'cm' }, bottom: { number: '1', unit: 'in' } } },
		{ do: 'turn', block: 'b1' },
		{ do: 'answer', text: '1.16 mm/min' },
	],
};

/** More pieces than are told at once. */
const ALL = HEADS_AT_ONCE + 5;

const UNDO = { do: 'undo' } as const;

const MADE = {
	when: 1_800_000_000_000,
	seconds: 42,
	right: false,
	slips: ['flipped-factor'],
	nudges: 1,
	shown: false,
	answer: '9.73e-7 ft/s',
	start: { number: '18.5', unit: 'mi/h' },
	factors: [{ top: { number: '1', unit: 'mi' }, bottom: { number: '5280', unit: 'ft' } }],
};

function steps(count: number): WorkBody {
	return { ...BODY, steps: BODY.steps.slice(0, count) };
}

describe.each(KINDS)('work on $name', (kind) => {
	let served: ServedHere;
	let asker: Asker;
	let desk: string;

	beforeAll(async () => {
		await kind.open();
		served = await kind.serve({ now: () => new Date('2026-02-03T04:05:06Z') });
	});
	afterAll(() => kind.close());
	beforeEach(() => {
		asker = new Asker(served.url);
		desk = newDesk();
	});

	/** Puts a row into the database as a version of the server long gone may have left it. */
	async function leave(id: string, body: string): Promise<void> {
		await asker.keep(desk, id, 0, BODY);
		await served.db('work').where({ desk, id }).update({ body });
	}

	it('gives back just what was kept', async () => {
		const { status, body } = await asker.keep(desk, 'work-0001', 0, BODY);
		// What is in it was just sent: it does not come back.
		expect([status, body]).toEqual([200, { version: 1, seq: 1 }]);
		expect(await asker.works(desk)).toEqual([
			{ id: 'work-0001', version: 1, body: BODY, kept: '2026-02-03T04:05:06.000Z' },
		]);
	});

	it('takes the same version twice as once', async () => {
		for (let i = 0; i < 2; i++)
			expect(await asker.keep(desk, 'work-0001', 0, BODY)).toMatchObject({ status: 200, body: { version: 1 } });
		expect(await asker.works(desk)).toHaveLength(1);
	});

	it('counts versions up, and overwrites nothing that it does not follow', async () => {
		const mine = { ...BODY, steps: [...BODY.steps, UNDO] };
		await asker.keep(desk, 'work-0001', 0, BODY);
		expect(await asker.keep(desk, 'work-0001', 1, mine)).toMatchObject({ status: 200, body: { version: 2 } });
		expect(await asker.keep(desk, 'work-0001', 1, steps(1))).toMatchObject({
			status: 409,
			body: { error: { code: 'conflict' }, kept: { version: 2, body: mine } },
		});
		expect((await asker.works(desk))[0].body).toEqual(mine);
	});

	it('keeps one of several versions sent at once, tells the others, and loses none of what is sent to other pieces', async () => {
		await asker.keep(desk, 'work-0000', 0, BODY);
		const sent = await Promise.all([
			...[0, 1, 2, 3].map((count) => asker.keep(desk, 'work-0001', 0, steps(count))),
			...Array.from({ length: 30 }, (_, i) => asker.keep(desk, `work-1${i}00`, 0, BODY)),
		]);
		expect(
			sent
				.slice(0, 4)
				.map(({ status }) => status)
				.sort(),
		).toEqual([200, 409, 409, 409]);
		expect(sent.slice(4).every(({ status }) => status === 200)).toBe(true);
		const { body } = await asker.get(`/desks/${desk}/works`);
		expect(body.works.map(({ seq }: { seq: number }) => seq)).toEqual(Array.from({ length: 32 }, (_, i) => i + 1));
	});

	it('goes on from a version that this server lost, as after a backup', async () => {
		expect(await asker.keep(desk, 'work-0001', 7, BODY)).toMatchObject({ status: 200, body: { version: 8 } });
	});

	it('keeps the tries at an exercise with it, and refuses what is none with its place', async () => {
		const body = { ...BODY, exercise: 'round-910kh26fgh-02', tries: [MADE, { ...MADE, start: null, factors: [] }] };
		expect(await asker.keep(desk, 'work-0001', 0, body)).toMatchObject({ status: 200 });
		expect((await asker.works(desk))[0].body).toEqual(body);
		for (const wrong of [{ seconds: -1 }, { slips: 'flipped' }, { when: 'today' }, { factors: [{ top: 5 }] }])
			expect(await asker.keep(desk, 'work-0001', 1, { ...body, tries: [{ ...MADE, ...wrong }] })).toMatchObject({
				status: 422,
				body: { error: { code: 'shape' } },
			});
		const many = Array.from({ length: 101 }, () => MADE);
		expect(await asker.keep(desk, 'work-0001', 1, { ...body, tries: many })).toMatchObject({ status: 422 });
	});

	it('keeps work of before undo was a step, as if the rest had been undone', async () => {
		const kept = await asker.keep(desk, 'work-0001', 0, { ...BODY, at: 2 });
		expect(kept).toMatchObject({ status: 200, body: { body: { steps: [...BODY.steps, UNDO] } } });
		await leave('work-0002', JSON.stringify({ ...BODY, at: 1 }));
		const old = (await asker.works(desk)).find(({ id }) => id === 'work-0002');
		expect(old.body.steps).toEqual([...BODY.steps, UNDO, UNDO]);
	});

	it('sets a piece aside that it cannot read, tells of it, and keeps it beside the others', async () => {
		await asker.keep(desk, 'work-0001', 0, BODY);
		await leave('work-0002', '{"exercise":"new-snow","steps":[{"do":"fly"}]}');
		await leave('work-0003', 'no JSON at all');
		const { body } = await asker.get(`/desks/${desk}/bodies?ids=work-0001,work-0002,work-0003`);
		expect(body.works).toMatchObject([{ id: 'work-0001' }]);
		expect(body.aside.sort()).toEqual(['work-0002', 'work-0003']);
		expect(await asker.keep(desk, 'work-0002', 0, BODY)).toMatchObject({
			status: 409,
			body: { error: { code: 'unreadable' } },
		});
		expect(await served.db('work').where({ desk, id: 'work-0003' }).first()).toMatchObject({ body: 'no JSON at all' });
	});

	it('gives tries page by page by their bytes, though hundreds would fit by their number', async () => {
		const large = { ...MADE, answer: 'x'.repeat(200) };
		const body = JSON.stringify({
			...BODY,
			tries: Array.from({ length: 100 }, () => large),
			title: 'y'.repeat(900_000),
		});
		await asker.keep(desk, 'work-0000', 0, { ...BODY, tries: [MADE] });
		const kept = await served.db('work').where({ desk, id: 'work-0000' }).first();
		const more = Array.from({ length: 12 }, (_, i) => ({
			...kept,
			id: `work-large-${10 + i}`,
			seq: i + 2,
			body,
			bytes: Buffer.byteLength(body),
			tries: 100,
		}));
		await served.db.batchInsert('work', more, 4);
		await served.db('desk').where({ id: desk }).update({ seq: 13, pieces: 13 });
		const ids: string[] = [];
		const sizes: number[] = [];
		for (let from: number | null = 0; from !== null; ) {
			const page: { tries: { id: string }[]; next: number | null } = (
				await asker.get(`/desks/${desk}/tries?from=${from}`)
			).body;
			ids.push(...page.tries.map(({ id }) => id));
			sizes.push(page.tries.length);
			from = page.next;
		}
		expect(new Set(ids).size).toBe(13);
		expect(ids).toHaveLength(13);
		expect(Math.max(...sizes)).toBeLessThan(6);
	});

	it('tells what changed after a place, page by page, without what is in it', async () => {
		await asker.keep(desk, 'work-0000', 0, { ...BODY, tries: [MADE, MADE] });
		const kept = await served.db('work').where({ desk, id: 'work-0000' }).first();
		const more = Array.from({ length: HEADS_AT_ONCE + 4 }, (_, i) => ({
			...kept,
			id: `work-${`${i + 1}`.padStart(4, '0')}`,
			seq: i + 2,
			...((i + 1) % 5 ? { body: JSON.stringify(steps(1)), steps: 1, tries: 0 } : {}),
		}));
		await served.db.batchInsert('work', more, 200);
		await served.db('desk').where({ id: desk }).update({ seq: ALL, pieces: ALL });
		const first = await asker.get(`/desks/${desk}/works`);
		expect([first.body.works.length, first.body.more]).toEqual([HEADS_AT_ONCE, true]);
		expect(first.body.works[0]).toMatchObject({ version: 1, seq: 1, exercise: 'new-snow', gone: false });
		expect(first.body.works[0]).not.toHaveProperty('body');
		const second = await asker.get(`/desks/${desk}/works?after=${first.body.seq}`);
		expect([second.body.works.length, second.body.more, second.body.seq]).toEqual([5, false, ALL]);
		await asker.keep(desk, 'work-0003', 1, steps(2));
		const third = await asker.get(`/desks/${desk}/works?after=${ALL}`);
		expect(third.body).toMatchObject({
			seq: ALL + 1,
			works: [{ id: 'work-0003', version: 2, steps: 2, seq: ALL + 1 }],
		});
		expect((await asker.get(`/desks/${desk}/works?after=${ALL + 1}`)).body).toMatchObject({
			works: [],
			seq: ALL + 1,
			more: false,
		});
		// A device that was further than the server is now is told how far the server is.
		expect((await asker.get(`/desks/${desk}/works?after=${ALL + 1000}`)).body).toMatchObject({
			works: [],
			seq: ALL + 1,
			more: false,
		});
		const tries = [];
		for (let from: number | null = 0; from !== null; ) {
			const page: Answered = await asker.get(`/desks/${desk}/tries?from=${from}`);
			tries.push(...page.body.tries);
			from = page.body.next;
		}
		expect(tries).toHaveLength(1 + Math.floor((ALL - 1) / 5));
		expect(tries[0]).toEqual({ id: 'work-0000', version: 1, tries: [MADE, MADE] });
	});

	it('erases a piece and leaves a mark that keeps other devices from bringing it back', async () => {
		await asker.keep(desk, 'work-0001', 0, BODY);
		await asker.keep(desk, 'work-0002', 0, BODY);
		for (let i = 0; i < 2; i++)
			expect(await asker.ask('DELETE', `/desks/${desk}/works/work-0001`)).toMatchObject({
				status: 200,
				body: { version: 2 },
			});
		expect(await asker.keep(desk, 'work-0001', 2, BODY)).toMatchObject({
			status: 410,
			body: { error: { code: 'piece-erased' } },
		});
		expect((await asker.works(desk)).map(({ id }) => id)).toEqual(['work-0002']);
		const { body } = await asker.get(`/desks/${desk}/works?after=2`);
		expect(body.works).toMatchObject([{ id: 'work-0001', gone: true, steps: 0 }]);
		expect(JSON.stringify(await served.db('work').where({ desk, id: 'work-0001' }).first())).not.toContain('1.16');
		// What was never sent is marked all the same: another device may hold it.
		expect((await asker.ask('DELETE', `/desks/${desk}/works/work-0009`)).status).toBe(200);
		expect((await asker.keep(desk, 'work-0009', 0, BODY)).status).toBe(410);
	});

	it('counts what a desk holds, so that erasing makes room', async () => {
		await asker.keep(desk, 'work-0001', 0, BODY);
		await asker.keep(desk, 'work-0002', 0, steps(1));
		await asker.keep(desk, 'work-0002', 1, steps(2));
		await asker.ask('DELETE', `/desks/${desk}/works/work-0001`);
		const row = await served.db('desk').where({ id: desk }).first();
		expect([row.pieces, Number(row.bytes)]).toEqual([1, JSON.stringify(steps(2)).length]);
		await served.db('desk').where({ id: desk }).update({ pieces: 20_000 });
		const full = await asker.keep(desk, 'work-0003', 0, BODY);
		expect(full).toMatchObject({ status: 413, body: { error: { code: 'too-much' } } });
		expect(await asker.keep(desk, 'work-0002', 2, steps(3))).toMatchObject({ status: 200 });
	});

	it('is shared by two servers: what one keeps the other gives and goes on from', async () => {
		const other = await kind.serve();
		const there = new Asker(other.url, asker.key);
		await asker.keep(desk, 'work-0001', 0, steps(1));
		expect(await there.keep(desk, 'work-0001', 1, steps(2))).toMatchObject({ status: 200, body: { version: 2 } });
		const both = await Promise.all(
			[asker, there].flatMap((one, which) =>
				Array.from({ length: 20 }, (_, i) => one.keep(desk, `work-${which}-${i}00`, 0, BODY)),
			),
		);
		expect(both.every(({ status }) => status === 200)).toBe(true);
		const { body } = await there.get(`/desks/${desk}/works`);
		expect(new Set(body.works.map(({ seq }: { seq: number }) => seq)).size).toBe(41);
	});
});
