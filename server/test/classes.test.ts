import { classTrySchema } from '@tidy-sum/schema/class';
import { CLASS_TRIES_AT_ONCE } from '../src/keeping/class-tries';
import { clearOldClasses } from '../src/keeping/classes';
import { openSqlite } from '../src/keeping/database';
import { makeFolder } from './running';
import { type Answered, Asker, KINDS, newDesk, type ServedHere, serveOn } from './served';

const SET = {
	tidySum: 1,
	title: 'Sheet 4',
	problems: [
		{ label: '1', text: 'Write 3.6 m/s in km/h.' },
		{ label: '2', text: 'Write 14 ft in yd.' },
	],
};

const TRY = {
	seconds: 40,
	right: true,
	slips: [],
	nudges: 0,
	shown: false,
	answer: '13 km/h',
	start: null,
	factors: [],
};

const WHEN = Date.UTC(2026, 11, 2, 8);

/** The try at an exercise that was made so many seconds after the first. */
const tryOf = (problem: number, second: number, handed = 'set-of-week-1') => ({
	handed,
	problem,
	try: { ...TRY, when: WHEN + second * 1000 },
});

function read(events: readonly string[], name: string): readonly Answered[] {
	return events.flatMap((event) => {
		const [, data] = new RegExp(`^event: ${name}\\ndata: (.*)$`, 'm').exec(event) ?? [];
		return data ? [JSON.parse(data)] : [];
	});
}

describe.each(KINDS.map((kind) => [kind.name, kind] as const))('a class, on %s', (_, kind) => {
	let first: ServedHere;
	let second: ServedHere;

	beforeAll(async () => {
		await kind.open();
		first = await kind.serve();
		second = await kind.serve();
	});
	afterAll(() => kind.close());

	/** A class with a set and an open door: its teacher, its id and its code. */
	async function opened(title = '8b') {
		const teacher = new Asker(first.url);
		const id = newDesk().replace('desk', 'class');
		expect((await teacher.ask('PUT', `/classes/${id}`, { title })).status).toBe(200);
		const { body } = await teacher.ask('PUT', `/classes/${id}/door`, { open: true });
		await teacher.ask('PUT', `/classes/${id}/handed/set-of-week-1`, { due: null, set: SET });
		return { teacher, id, code: body.code as string };
	}

	async function seated(code: string, at = first.url) {
		const student = new Asker(at);
		const reply = await student.ask('POST', '/seats', { code, hash: student.hash });
		return { student, reply, seat: reply.body.seat as string, says: reply.body.says as string };
	}

	it('is made, joined with its code, handed a set, and gets what students send', async () => {
		const { teacher, id, code } = await opened();
		const { student, seat, says, reply } = await seated(code.toLowerCase());
		expect(reply.body).toEqual({ class: id, seat, title: '8b', says });
		expect(says).toMatch(/^[A-Z][a-z]+ \d{1,2}$/);
		const mine = await student.get(`/classes/${id}/seat`);
		expect(mine.body).toMatchObject({
			title: '8b',
			says,
			handed: [{ id: 'set-of-week-1', title: 'Sheet 4', count: 2 }],
		});
		expect((await student.get(`/classes/${id}/handed/set-of-week-1`)).body.set).toEqual(SET);
		expect((await student.ask('POST', `/classes/${id}/tries`, { tries: [tryOf(0, 0), tryOf(1, 0)] })).body).toEqual({
			kept: 2,
		});
		const { body } = await teacher.get(`/classes/${id}/tries`);
		expect(body).toMatchObject({ seq: 2, more: false });
		expect(body.tries.map((one: unknown) => classTrySchema.parse(one))).toMatchObject([
			{ seat, handed: 'set-of-week-1', problem: 0, seq: 1, try: { answer: '13 km/h' } },
			{ seat, handed: 'set-of-week-1', problem: 1, seq: 2 },
		]);
		expect((await teacher.get(`/classes/${id}`)).body).toMatchObject({ code, seats: [{ id: seat, says }] });
	});

	it('has each try once, in the order they came, however often and from wherever they are sent', async () => {
		const { teacher, id, code } = await opened();
		const { student, seat } = await seated(code);
		const elsewhere = new Asker(second.url, student.key);
		const sent = await Promise.all(
			Array.from({ length: 20 }, (_, i) =>
				(i % 2 ? student : elsewhere).ask('POST', `/classes/${id}/tries`, {
					tries: [tryOf(0, i % 5), tryOf(0, (i + 1) % 5), tryOf(0, i % 5)],
				}),
			),
		);
		expect(sent.map(({ status }) => status)).toEqual(sent.map(() => 200));
		const { tries } = (await teacher.get(`/classes/${id}/tries`)).body;
		expect(tries.map((one: Answered) => one.try.when - WHEN).sort()).toEqual([0, 1000, 2000, 3000, 4000]);
		expect(tries.map(({ seq }: Answered) => seq)).toEqual([1, 2, 3, 4, 5]);
		expect(tries.every((one: Answered) => one.seat === seat)).toBe(true);
		expect((await teacher.get(`/classes/${id}/tries?after=3`)).body.tries).toHaveLength(2);
	});

	it('takes the slips of a try that were not named yet when it was sent first', async () => {
		const { teacher, id, code } = await opened();
		const { student } = await seated(code);
		const send = (more: object) =>
			student.ask('POST', `/classes/${id}/tries`, {
				tries: [{ ...tryOf(0, 0), try: { ...tryOf(0, 0).try, right: false, ...more } }],
			});
		for (const more of [{ unnamed: true }, { unnamed: true }, { slips: ['inverted'] }, { slips: ['another'] }])
			expect((await send(more)).body).toEqual({ kept: 1 });
		const { tries, seq } = (await teacher.get(`/classes/${id}/tries?after=1`)).body;
		expect([tries, seq]).toMatchObject([[{ problem: 0, seq: 2, try: { slips: ['inverted'] } }], 2]);
		expect((await teacher.get(`/classes/${id}/tries`)).body.tries).toHaveLength(1);
	});

	it('gives its tries page by page, to the last', async () => {
		const { teacher, id, code } = await opened();
		const { seat } = await seated(code);
		const row = { class: id, seat, handed: 'set-of-week-1', problem: 0, came: '', unnamed: false };
		const rows = Array.from({ length: CLASS_TRIES_AT_ONCE + 3 }, (_, i) => ({
			...row,
			made: `${i}`,
			seq: i + 1,
			body: JSON.stringify({ ...TRY, when: i }),
		}));
		await first.db.batchInsert('class_try', rows, 60);
		const page = (await teacher.get(`/classes/${id}/tries`)).body;
		expect([page.tries.length, page.more]).toEqual([CLASS_TRIES_AT_ONCE, true]);
		const last = (await teacher.get(`/classes/${id}/tries?after=${page.seq}`)).body;
		expect(last).toMatchObject({ seq: CLASS_TRIES_AT_ONCE + 3, more: false });
		expect(last.tries.map((one: Answered) => one.try.when)).toEqual([2000, 2001, 2002]);
	});

	it('leaves out tries at what was not handed out, and says how many it has', async () => {
		const { id, code } = await opened();
		const { student } = await seated(code);
		const tries = [tryOf(0, 0), tryOf(7, 0), tryOf(0, 0, 'set-nowhere')];
		expect((await student.ask('POST', `/classes/${id}/tries`, { tries })).body).toEqual({ kept: 1 });
	});

	it('gives the same 404 to strangers, other teachers, other seats’ wishes and seats that were removed', async () => {
		const { teacher, id, code } = await opened();
		const other = await opened();
		const { student, seat } = await seated(code);
		const stranger = new Asker(first.url);
		const told = new Set<string>();
		const refused = async (who: Asker, method: string, path: string, body?: unknown) => {
			const reply = await who.ask(method, path, body);
			expect([method, path, reply.status]).toEqual([method, path, 404]);
			told.add(JSON.stringify(reply.body));
		};
		for (const who of [stranger, other.teacher, new Asker(first.url, null)]) {
			await refused(who, 'GET', `/classes/${id}`);
			await refused(who, 'GET', `/classes/${id}/seat`);
			await refused(who, 'GET', `/classes/${id}/tries`);
			await refused(who, 'GET', `/classes/${id}/handed/set-of-week-1`);
			await refused(who, 'POST', `/classes/${id}/tries`, { tries: [tryOf(0, 0)] });
			await refused(who, 'PUT', `/classes/${id}`, { title: 'Mine now' });
			await refused(who, 'DELETE', `/classes/${id}`);
			await refused(who, 'GET', `/classes/${id}/events`);
		}
		// A seat reads its own and what was handed out: nothing of the teacher's.
		for (const [method, path] of [
			['GET', ''],
			['GET', '/tries'],
			['DELETE', ''],
			['DELETE', `/seats/${seat}`],
			['DELETE', '/handed/set-of-week-1'],
		] as const)
			await refused(student, method, `/classes/${id}${path}`);
		await refused(teacher, 'GET', `/classes/${id}/seat`);
		await refused(stranger, 'GET', '/classes/class-that-never-was');
		await teacher.ask('DELETE', `/classes/${id}/seats/${seat}`);
		await refused(student, 'GET', `/classes/${id}/seat`);
		await refused(student, 'POST', `/classes/${id}/tries`, { tries: [tryOf(0, 0)] });
		expect(told.size).toBe(1);
	});

	it('takes nobody in with a code that is wrong, closed or replaced, and the same key once', async () => {
		const { teacher, id, code } = await opened();
		const { student, seat } = await seated(code);
		expect((await student.ask('POST', '/seats', { code, hash: student.hash })).body.seat).toBe(seat);
		const renewed = (await teacher.ask('PUT', `/classes/${id}/door`, { open: true, renew: true })).body.code;
		expect(renewed).not.toBe(code);
		expect((await seated(code)).reply).toMatchObject({ status: 404, body: { error: { code: 'no-code' } } });
		expect((await seated(renewed)).reply.status).toBe(200);
		expect((await teacher.ask('PUT', `/classes/${id}/door`, { open: false })).body).toEqual({ code: null });
		expect((await seated(renewed)).reply.status).toBe(404);
		expect((await seated('ABC')).reply.status).toBe(422);
		expect((await student.get(`/classes/${id}/seat`)).status).toBe(200);
	});

	it('has 200 seats and no more, no two called alike', async () => {
		const { teacher, id, code } = await opened();
		const replies = await Promise.all(Array.from({ length: 203 }, () => seated(code)));
		expect(replies.filter(({ reply }) => reply.status === 413)).toHaveLength(3);
		const { seats } = (await teacher.get(`/classes/${id}`)).body;
		expect(new Set(seats.map(({ says }: Answered) => says)).size).toBe(200);
	});

	it('keeps a set as it was handed out: only its due date changes', async () => {
		const { teacher, id } = await opened();
		const due = '2026-12-11T15:00:00.000Z';
		await teacher.ask('PUT', `/classes/${id}/handed/set-of-week-1`, {
			due,
			set: { ...SET, title: 'Another', problems: [SET.problems[0]] },
		});
		expect((await teacher.get(`/classes/${id}`)).body.handed).toMatchObject([{ title: 'Sheet 4', due, count: 2 }]);
		await teacher.ask('DELETE', `/classes/${id}/handed/set-of-week-1`);
		expect((await teacher.get(`/classes/${id}/handed/set-of-week-1`)).body.error.code).toBe('no-handed');
	});

	it('is left with the work or without it', async () => {
		const { teacher, id, code } = await opened();
		const [stays, goes] = [await seated(code), await seated(code)];
		for (const { student } of [stays, goes])
			await student.ask('POST', `/classes/${id}/tries`, { tries: [tryOf(0, 0)] });
		await stays.student.ask('DELETE', `/classes/${id}/seat`);
		await goes.student.ask('DELETE', `/classes/${id}/seat?work=goes`);
		const { tries } = (await teacher.get(`/classes/${id}/tries`)).body;
		expect(tries.map(({ seat }: Answered) => seat)).toEqual([stays.seat]);
		for (const { student } of [stays, goes]) expect((await student.get(`/classes/${id}/seat`)).status).toBe(404);
		expect((await teacher.get(`/classes/${id}`)).body.seats.map((one: Answered) => one.id)).toEqual([stays.seat]);
	});

	it('is erased at one touch with all of it: the teacher is told, students find nothing, and nothing comes back', async () => {
		const { teacher, id, code } = await opened();
		const { student } = await seated(code);
		await student.ask('POST', `/classes/${id}/tries`, { tries: [tryOf(0, 0)] });
		expect((await teacher.ask('DELETE', `/classes/${id}`)).status).toBe(200);
		expect((await teacher.get(`/classes/${id}`)).status).toBe(410);
		expect((await teacher.ask('PUT', `/classes/${id}`, { title: '8b' })).status).toBe(410);
		expect((await student.get(`/classes/${id}/seat`)).status).toBe(404);
		expect((await seated(code)).reply.status).toBe(404);
		for (const table of ['seat', 'handed', 'class_try']) expect(await first.db(table).where({ class: id })).toEqual([]);
	});

	it('tells its teacher of a try in another process, and ends when it is erased', async () => {
		const { teacher, id, code } = await opened();
		const { student } = await seated(code);
		const response = await fetch(`${second.url}/api/classes/${id}/events`, {
			headers: { authorization: `Bearer ${teacher.key}` },
		});
		const reader = response.body?.pipeThrough(new TextDecoderStream()).getReader();
		const heard: string[] = [];
		const next = async () => {
			const { value = '' } = (await reader?.read()) ?? {};
			heard.push(...value.split('\n\n').filter(Boolean));
		};
		await next();
		expect(read(heard, 'changed')).toEqual([{ seq: 0 }]);
		// On SQLite each process tells its own listeners: there is one process there.
		const near = kind.name === 'SQLite' ? new Asker(second.url, student.key) : student;
		await near.ask('POST', `/classes/${id}/tries`, { tries: [tryOf(0, 0)] });
		await next();
		expect(read(heard, 'changed')).toEqual([{ seq: 0 }, { seq: 1 }]);
		await new Asker(kind.name === 'SQLite' ? second.url : first.url, teacher.key).ask('DELETE', `/classes/${id}`);
		await next();
		expect(read(heard, 'closed')).toEqual([{ is: 'erased' }]);
	});
});

describe('a class that nobody touches', () => {
	it('is cleared away after 400 days, and one that was used is not', async () => {
		const folder = makeFolder();
		const db = await openSqlite(folder.data);
		let now = new Date('2026-01-01T10:00:00Z');
		const served = await serveOn(db, { now: () => now });
		const [left, used] = [new Asker(served.url), new Asker(served.url)];
		await left.ask('PUT', '/classes/class-left', { title: 'Left' });
		await used.ask('PUT', '/classes/class-used', { title: 'Used' });
		now = new Date('2026-06-01T10:00:00Z');
		await used.get('/classes/class-used');
		expect(await clearOldClasses(db, new Date('2027-02-10T10:00:00Z'))).toBe(1);
		expect((await left.get('/classes/class-left')).status).toBe(404);
		expect((await used.get('/classes/class-used')).status).toBe(200);
		await served.close();
		await db.destroy();
		folder.remove();
	});
});
