import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { StartFault } from './config';

const SAID: Readonly<Record<string, (port: number, host: string) => string>> = {
	EADDRINUSE: (port, host) =>
		`Port ${port} on ${host} is taken by another program. Stop that one, or name another port in PORT.`,
	EACCES: (port) => `Port ${port} may not be used by this account. Name one from 1024 up in PORT.`,
	EADDRNOTAVAIL: (_, host) => `This machine has no address ${host}. Name another in HOST, or leave it out.`,
	ENOTFOUND: (_, host) => `There is no address called ${host}. Name another in HOST, or leave it out.`,
};

/**
 * Listens, and gives the port that was taken.
 * @throws StartFault when the port or the address cannot be had.
 */
export function listen(server: Server, port: number, host: string): Promise<number> {
	return new Promise((resolve, reject) => {
		server.once('error', (error: NodeJS.ErrnoException) => {
			const said = SAID[error.code ?? ''];
			reject(said ? new StartFault(said(port, host)) : error);
		});
		server.listen(port, host, () => resolve((server.address() as AddressInfo).port));
	});
}
