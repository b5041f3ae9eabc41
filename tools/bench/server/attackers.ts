import { connect, type Socket } from 'node:net';
import { median, type Row, row } from '../measure';
import { ask, bodyOf, newDeskKey, residentKb, startProcess } from './asking';
import { databasesHere } from './databases';

const ATTACKERS = 8;
const STRANGER_ASKS = 60;
const HALF_OPEN = 1000;

/** So many pieces, each with so many tries: what an attacker lays on its desk within the limits. */
const PIECES = 40;
const TRIES = 100;

/** A piece of work as heavy as it may be: a hundred tries with long lines. */
function heavy(piece: number): string {
	const { body } = JSON.parse(bodyOf(4));
	const factor = { top: { number: '2.54', unit: 'cm'.repeat(20) }, bottom: { number: '1', unit: 'in'.repeat(20) } };
	const tries = Array.from({ length: TRIES }, (_, i) => ({
		when: 1_770_000_000_000 + piece * 1000 + i,
		seconds: 60,
		right: false,
		slips: [],
		nudges: 0,
		shown: false,
		answer: `${i} cm`,
		start: { number: '1', unit: 'in' },
		factors: Array.from({ length: 60 }, () => factor),
	}));
	return JSON.stringify({ base: 0, body: { ...body, tries } });
}

/** Asks for all tries of a desk, four requests at a time, until the measuring is over. */
async function attack(url: string, of: { desk: string; key: string }, isOver: () => boolean): Promise<void> {
	const one = async () => {
		while (!isOver()) await ask(url, 'GET', `/api/desks/${of.desk}/tries`, { key: of.key }).catch(() => null);
	};
	await Promise.all([one(), one(), one(), one()]);
}

/** How long a student waits, one request after another. */
async function waits(url: string): Promise<readonly number[]> {
	const { desk, key } = newDeskKey();
	const times: number[] = [];
	for (let i = 0; i < STRANGER_ASKS; i++) {
		const from = performance.now();
		const path = i % 2 ? `/api/desks/${desk}/works` : `/api/desks/${desk}/works/work-mine`;
		const { status } = await ask(url, i % 2 ? 'GET' : 'PUT', path, i % 2 ? { key } : { key, body: bodyOf(8, i / 2) });
		if (status !== 200) throw new Error(`a student was answered with ${status}`);
		times.push(performance.now() - from);
	}
	return times;
}

/** Connections whose request never ends. */
async function openHalf(url: string): Promise<readonly Socket[]> {
	const { hostname, port } = new URL(url);
	return Promise.all(
		Array.from(
			{ length: HALF_OPEN },
			() =>
				new Promise<Socket>((resolve) => {
					const socket = connect(Number(port), hostname, () => {
						socket.write('GET /api/health HTTP/1.1\r\nHost: here\r\nX-Slow: ');
						resolve(socket);
					});
					socket.on('error', () => resolve(socket));
				}),
		),
	);
}

/** How long a student waits beside those who mean harm within the limits, and how much memory that costs. */
export async function timeAttackers(): Promise<readonly Row[]> {
	const rows: Row[] = [];
	for (const { name, env, end } of await databasesHere()) {
		// The limits are the ordinary ones here.
		const server = await startProcess('server/src/main.ts', { ...env, LIMIT_FACTOR: '1' });
		const { url, child } = server;
		const desks = Array.from({ length: ATTACKERS }, newDeskKey);
		for (const { desk, key } of desks)
			for (let piece = 0; piece < PIECES; piece++)
				if (
					(await ask(url, 'PUT', `/api/desks/${desk}/works/work-${piece}`, { key, body: heavy(piece) })).status >= 400
				)
					break;
		let isOver = false;
		const attacks = Promise.all(desks.map((desk) => attack(url, desk, () => isOver)));
		const beside = await waits(url);
		const memory = (await residentKb(child.pid ?? 0)) / 1024;
		isOver = true;
		await attacks;
		const sockets = await openHalf(url);
		const besideHalfOpen = await waits(url);
		for (const socket of sockets) socket.destroy();
		child.kill('SIGTERM');
		await server.ended;
		end();
		rows.push(
			row(`${name}: a student beside ${ATTACKERS} attackers waits, median`, median(beside), { most: 100 }, 'ms'),
			row(`${name}: memory beside them`, memory, { most: 500 }, 'MB'),
			row(
				`${name}: a student beside ${HALF_OPEN} requests that never end waits, median`,
				median(besideHalfOpen),
				{ most: 100 },
				'ms',
			),
		);
	}
	return rows;
}
