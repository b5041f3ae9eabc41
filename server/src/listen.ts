import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { StartFault } from './config';
import * as words from './words';

const SAID: Readonly<Record<string, (port: number, host: string) => string>> = {
	EADDRINUSE: (port, host) => words.anotherProgramUsesPortOn(port, host),
	EACCES: (port) => words.thisAccountCannotUsePort(port),
	EADDRNOTAVAIL: (_, host) => words.thisMachineHasNoAddressSet(host),
	ENOTFOUND: (_, host) => words.thereIsNoAddressCalledSet(host),
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
