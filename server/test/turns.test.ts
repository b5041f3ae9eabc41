import { createTurns } from '../src/turns';

/** Work that ends when it is told to. */
function held() {
	let end = () => {};
	const done = new Promise<void>((resolve) => {
		end = resolve;
	});
	return { end, work: () => done };
}

describe('large replies', () => {
	it('of one desk come one after another, and those of other desks meanwhile', async () => {
		const turns = createTurns();
		const [first, second] = [held(), held()];
		const came: string[] = [];
		const one = turns('desk-a', first.work).then(() => came.push('first'));
		const two = turns('desk-a', second.work).then(() => came.push('second'));
		second.end();
		await turns('desk-b', async () => came.push('other'));
		expect(came).toEqual(['other']);
		first.end();
		await Promise.all([one, two]);
		expect(came).toEqual(['other', 'first', 'second']);
	});

	it('are refused past eight that wait, and taken again once these are done', async () => {
		const turns = createTurns();
		const first = held();
		const waiting = [first.work, ...Array.from({ length: 7 }, () => async () => {})].map((work) => turns('desk', work));
		await expect(turns('desk', async () => {})).rejects.toMatchObject({ status: 429, code: 'too-many' });
		first.end();
		await Promise.all(waiting);
		await expect(turns('desk', async () => 'again')).resolves.toBe('again');
	});

	it('go on after one that failed', async () => {
		const turns = createTurns();
		const failed = turns('desk', () => Promise.reject(new Error('gone')));
		const next = turns('desk', async () => 'next');
		await expect(failed).rejects.toThrow('gone');
		await expect(next).resolves.toBe('next');
	});
});
