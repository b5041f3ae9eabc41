import type { WorkBody } from '@tidy-sum/schema';
import { readMyData, writeMyData } from '../src/my-data';

const NOW = new Date('2026-02-03T04:05:06Z');

const BODY: WorkBody = { exercise: 'honey-jar', steps: [{ do: 'answer', text: '0.454 kg' }, { do: 'check' }] };

describe('all of one’s work as a file', () => {
	it('comes back as it went, with what lies on the Desk and what the device is set to', () => {
		const work = {
			pieces: [{ id: 'piece-0001', body: BODY }],
			open: { 'honey-jar': 'piece-0001' },
			settings: { theme: 'dark' },
		};
		expect(readMyData(writeMyData(work, NOW))).toEqual({ ok: true, value: { ...work, aside: 0 } });
	});

	it('names no version of the server, no desk and nothing else that a piece carries', () => {
		const piece = { id: 'piece-0001', body: BODY, version: 3, ahead: false, desk: 'secret' };
		const text = writeMyData({ pieces: [piece], open: {}, settings: undefined }, NOW);
		expect(JSON.parse(text)).toEqual({
			tidySum: 1,
			holds: 'my-work',
			made: '2026-02-03T04:05:06.000Z',
			works: [{ id: 'piece-0001', body: BODY }],
			open: {},
		});
	});

	it('reads what it can of a file that is partly broken, and counts the rest', () => {
		const text = JSON.stringify({
			tidySum: 1,
			holds: 'my-work',
			made: NOW.toISOString(),
			works: [{ id: 'piece-0001', body: BODY }, { id: 'x', body: BODY }, { id: 'piece-0002' }, 7],
		});
		expect(readMyData(text)).toMatchObject({ ok: true, value: { pieces: [{ id: 'piece-0001' }], open: {}, aside: 3 } });
	});

	it.each([
		['a file that was cut short', '{"tidySum":1,"holds"', 'not-json'],
		['another file', '{"exercises":[]}', 'shape'],
		['a list', '[]', 'shape'],
		['a later edition', '{"tidySum":2,"holds":"my-work","works":[]}', 'shape'],
	])('refuses %s in a sentence', (_, text, code) => {
		const read = readMyData(text);
		expect(read.ok ? null : read.fault.code).toBe(code);
		expect(read.ok ? '' : read.fault.message).toContain('Nothing was changed');
	});
});
