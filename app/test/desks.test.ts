import { createHash } from 'node:crypto';
import { TextDecoder, TextEncoder } from 'node:util';
import { readJoining, sheetText } from '../src/desks/read-joining';
import { endDesk, keepDesk, leaveDesk, nameDesk, newDesk, withOldDesk } from '../src/sync/desks-here';
import { hashOf } from '../src/sync/key-hash';
import { deviceSays, newId, newKey, newSheetKey } from '../src/sync/keys';
import { memoryStore } from '../src/sync/memory-store';

Object.assign(globalThis, { TextDecoder, TextEncoder });

const NOW = 1_770_000_000_000;

describe('keys', () => {
	it('are long, differ, and are told to the server as their SHA-256', () => {
		const keys = Array.from({ length: 50 }, newKey);
		expect(new Set(keys).size).toBe(50);
		for (const key of keys) expect(key).toMatch(/^[A-Za-z0-9_-]{43}$/);
		expect(newSheetKey()).toMatch(/^[A-Za-z0-9_-]{22}$/);
		expect(hashOf('a key')).toBe(createHash('sha256').update('a key').digest('hex'));
	});

	it.each([
		['Mozilla/5.0 (Linux; Android 14; Pixel) AppleWebKit/537.36 Chrome/150.0 Mobile Safari/537.36', 'Phone, Chromium'],
		['Mozilla/5.0 (iPhone; CPU iPhone OS 18_0) AppleWebKit/605 Version/18.0 Mobile Safari/604.1', 'Phone, Safari'],
		['Mozilla/5.0 (iPad; CPU OS 18_0) AppleWebKit/605 Version/18.0 Safari/604.1', 'Tablet, Safari'],
		['Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Gecko/20100101 Firefox/140.0', 'Computer, Firefox'],
		['', 'Computer'],
	])('say of a device what kind it is and no more: %s', (agent, says) => {
		expect(deviceSays(agent)).toBe(says);
	});
});

describe('what is typed to join a desk', () => {
	it.each([
		['abcd efgh', { is: 'code', code: 'ABCDEFGH' }],
		['ABCD-EFGH', { is: 'code', code: 'ABCDEFGH' }],
		['https://desk.example/join#ABCDEFGH', { is: 'code', code: 'ABCDEFGH' }],
	])('%s is a code', (typed, read) => {
		expect(readJoining(typed)).toEqual(read);
	});

	it('is the line of a recovery sheet, also where it was broken in two or came as a link', () => {
		const [desk, key] = [newId(), newSheetKey()];
		const line = sheetText(desk, key);
		for (const typed of [line, ` ${line.slice(0, 30)}\n${line.slice(30)} `, `https://desk.example/join#${line}`])
			expect(readJoining(typed)).toEqual({ is: 'sheet', desk, key });
	});

	it.each([
		['', 'Type the code'],
		['ABC', 'You typed 3'],
		['ABCDEFG1', 'A code never has “1” in it'],
		['ABCDEFGHIJKLMNOP', 'This is not a code, and not'],
	])('%s is told what it lacks', (typed, why) => {
		expect(readJoining(typed)).toEqual({ is: 'none', why: expect.stringContaining(why) });
	});
});

describe('the desks of a device', () => {
	it('are begun with a key of their own, and stay in the list until they are left', async () => {
		const device = memoryStore();
		const [one, two] = [newDesk(NOW), newDesk(NOW)];
		expect(one.key).not.toBe(two.key);
		await keepDesk(device, one);
		await keepDesk(device, two);
		await keepDesk(device, { ...one, kept: true });
		expect((await device.desks()).map(({ id, kept }) => [id, kept])).toEqual([
			[two.id, false],
			[one.id, true],
		]);
		await device.keepEntries(two.id, [
			{ id: 'work-0001', body: { exercise: 'new-snow', steps: [] }, version: 0, ahead: true },
		]);
		await leaveDesk(device, two.id);
		expect((await device.desks()).map(({ id }) => id)).toEqual([one.id]);
		expect(await device.count(two.id)).toBe(0);
	});

	it('keep their name, whatever else is noted of them', async () => {
		const device = memoryStore();
		const desk = newDesk(NOW);
		await keepDesk(device, desk);
		await nameDesk(device, desk.id, 'Period 4');
		await keepDesk(device, { ...desk, kept: true });
		expect(await device.desks()).toMatchObject([{ id: desk.id, name: 'Period 4', kept: true }]);
	});

	it('are remembered when they are erased, until the server is told', async () => {
		const device = memoryStore();
		const desk = newDesk(NOW);
		await keepDesk(device, { ...desk, kept: true });
		await endDesk(device, desk.id);
		expect(await device.desks()).toMatchObject([{ id: desk.id, ends: true }]);
	});

	it('from before keys get one, once', async () => {
		const device = memoryStore();
		await device.setCurrentDesk('desk-of-before');
		const [old] = await withOldDesk(device, NOW);
		expect(old).toMatchObject({ id: 'desk-of-before', kept: true });
		expect(await withOldDesk(device, NOW + 1)).toEqual([old]);
	});
});
