import { bookExercise, type Chain, type Exercise, goalOf } from '@tidy-sum/core';
import { check, readRoundCode, roundExercises } from '@tidy-sum/core/practice';
import { DEMO_DESK, type StoredWork, TERM_DESK } from '@tidy-sum/schema';
import { DEMO_ROUND, layDemo } from '../src/demo';
import { type Database, openSqlite } from '../src/keeping/database';
import { bodiesOf, changesAfter } from '../src/keeping/works';
import { makeFolder } from './running';
import { Asker, type ServedHere, serveOn } from './served';

const folder = makeFolder();
let db: Database;
let served: ServedHere;

beforeAll(async () => {
	db = await openSqlite(folder.data);
	served = await serveOn(db);
});

afterAll(async () => {
	await served.close();
	await db.destroy();
	folder.remove();
});

const BODY = { exercise: 'new-snow', steps: [{ do: 'check' }] };

async function works(desk: string): Promise<readonly StoredWork[]> {
	const { works: heads } = await changesAfter(db, desk, 0);
	return (
		await bodiesOf(
			db,
			desk,
			heads.map(({ id }) => id),
		)
	).works;
}

describe('the demo', () => {
	it('has a Round whose tries are judged as the check judges them', async () => {
		await layDemo(db, new Date('2026-02-03T04:05:06Z'));
		const plan = readRoundCode(DEMO_ROUND);
		const made = plan.ok ? roundExercises(plan.value) : plan;
		if (!made.ok) throw new Error(made.fault.message);
		const round = (await works(DEMO_DESK)).filter(({ id }) => id.startsWith('demo-round'));
		expect(round).toHaveLength(4);
		for (const { body } of round) {
			const exercise = made.value[Number(body.exercise.slice(-2)) - 1] as Exercise;
			expect(body.exercise).toMatch(new RegExp(`^round-${DEMO_ROUND}-`));
			for (const { answer, start, factors, right, slips } of body.tries ?? []) {
				const chain = { start, factors, want: goalOf(exercise) } as Chain;
				const judged = check(exercise, answer, chain);
				expect(judged).toMatchObject({ ok: true, value: { right, first: slips[0] ?? null } });
			}
		}
	});

	it('marks the quantities of a problem where the book has them', async () => {
		await layDemo(db, new Date());
		const tank = (await works(DEMO_DESK)).find(({ id }) => id === 'demo-nutrient-tank');
		const [placed] = tank?.body.steps ?? [];
		if (placed?.do !== 'together') throw new Error('the places are given with one touch');
		const marked = placed.steps.flatMap((step) => (step.do === 'mark' ? { at: step.at, role: step.role } : []));
		expect(marked).toEqual(bookExercise('nutrient-tank')?.marks);
	});

	it('has a desk with a term’s work, each try judged as the check judges it, and slips that become rarer', async () => {
		const now = Date.UTC(2026, 1, 3);
		await layDemo(db, new Date(now));
		const term = (await works(TERM_DESK)).filter(({ id }) => id.startsWith('term-'));
		expect(term.length).toBeGreaterThan(200);
		const tries = term.flatMap(({ body }) => {
			const exercise = body.posed ?? bookExercise(body.exercise);
			if (!exercise) throw new Error(`${body.exercise} is not there`);
			return (body.tries ?? []).map((one) => ({ ...one, exercise }));
		});
		for (const { exercise, answer, start, factors, right, slips } of tries) {
			const judged = check(exercise, answer, start ? { start, factors, want: goalOf(exercise) ?? '' } : undefined);
			expect(judged).toMatchObject({ ok: true, value: { right, first: slips[0] ?? null } });
		}
		// Nothing lies in the time to come, and a term is behind it.
		const whens = tries.map(({ when }) => when);
		expect(Math.max(...whens)).toBeLessThan(now);
		expect(Math.min(...whens)).toBeLessThan(now - 90 * 86_400_000);
		const half = now - 49 * 86_400_000;
		const wrong = (of: typeof tries) => of.filter(({ right }) => !right).length / of.length;
		expect(wrong(tries.filter(({ when }) => when < half))).toBeGreaterThan(
			wrong(tries.filter(({ when }) => when >= half)),
		);
		expect(new Set(tries.flatMap(({ slips }) => slips[0] ?? [])).size).toBeGreaterThan(2);
	});

	it('is laid once, and stays as it is: a change is refused, whoever sends it', async () => {
		await layDemo(db, new Date());
		const before = await works(DEMO_DESK);
		// Three pieces of the book and four exercises of the Round.
		expect(before).toHaveLength(10);
		const [first] = before;
		for (const [id, base] of [
			[first?.id, 1],
			['work-of-mine', 0],
		])
			expect(await new Asker(served.url).keep(DEMO_DESK, `${id}`, Number(base), BODY)).toMatchObject({
				status: 403,
				body: { error: { code: 'read-only' } },
			});
		await layDemo(db, new Date());
		expect(await works(DEMO_DESK)).toEqual(before);
	});

	it('can be read by all and is claimed by nobody', async () => {
		await layDemo(db, new Date());
		for (const key of [null, 'a'.repeat(43)]) {
			const asker = new Asker(served.url, key);
			expect((await asker.get(`/desks/${DEMO_DESK}/works`)).body.works).toHaveLength(10);
			for (const path of ['keys', 'looks', 'events'])
				expect((await asker.get(`/desks/${DEMO_DESK}/${path}`)).status).toBe(404);
			expect((await asker.ask('DELETE', `/desks/${DEMO_DESK}`)).status).toBe(404);
		}
		expect(await works(DEMO_DESK)).toHaveLength(10);
	});
});
