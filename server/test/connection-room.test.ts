import { createServer } from 'node:http';
import { type AddressInfo, connect, type Socket } from 'node:net';
import pino from 'pino';
import { connectionsOf, keepRoom } from '../src/connection-room';

describe('how many connections a server may have', () => {
	it('follows from the limit of open files, with some left for the database', () => {
		expect(connectionsOf('Limit   Soft Limit\nMax open files            1024                 4096   files\n')).toBe(
			824,
		);
		expect(connectionsOf('Max open files            100                 100   files\n')).toBe(50);
		expect(connectionsOf('Max open files            unlimited            unlimited   files\n')).toBeNull();
	});
});

describe('a server that is full', () => {
	const lines: string[] = [];
	const sockets: Socket[] = [];
	const server = createServer((_, response) => response.end('here'));
	let port = 0;

	beforeAll(async () => {
		keepRoom(server, 5, pino({ level: 'warn' }, { write: (line: string) => void lines.push(line) }));
		await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
		({ port } = server.address() as AddressInfo);
	});

	afterAll(() => {
		for (const socket of sockets) socket.destroy();
		server.closeAllConnections();
		return new Promise((resolve) => server.close(resolve));
	});

	/** A connection with what it was answered, once something came or it was closed. */
	const opened = (sends: string) =>
		new Promise<{ readonly socket: Socket; readonly said: string }>((resolve) => {
			const socket = connect(port, '127.0.0.1', () => socket.write(sends));
			sockets.push(socket);
			socket.on('error', () => {});
			socket.once('data', (data) => resolve({ socket, said: `${data}` }));
			socket.once('close', () => resolve({ socket, said: '' }));
			if (sends === HALF) socket.once('connect', () => resolve({ socket, said: '' }));
		});

	const WHOLE = 'GET / HTTP/1.1\r\nHost: here\r\n\r\n';
	const HALF = 'GET / HTTP/1.1\r\nHost: here\r\nX-Slow: ';

	it('lets idle connections go for new ones, and logs once that one found no room', async () => {
		for (let i = 0; i < 12; i++) expect((await opened(WHOLE)).said).toContain('here');
		expect(lines).toEqual([]);
		for (let i = 0; i < 8; i++) await opened(HALF);
		expect((await opened(WHOLE)).said).toBe('');
		expect(lines.map((line) => JSON.parse(line).msg)).toEqual(['too many connections']);
	});
});
