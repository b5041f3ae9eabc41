import type { DeskAccess, Keeping } from './sync-slice';
import * as words from './words';

type SyncState = {
	readonly keeping: Keeping;
	readonly lasting: boolean;
	readonly holds: boolean;
	readonly aside: number;
	readonly access: DeskAccess;
};

const SAYS: Readonly<Record<Keeping, string>> = {
	both: words.savedOnThisDeviceAndOnThe,
	sending: words.savedOnThisDeviceSendingIt,
	device: words.savedOnThisDeviceTheServer,
	refused: words.savedOnThisDeviceTheServerCouldNot,
};

/** The same in a browser that gives no store of its own. */
const SAYS_FLEETING: Readonly<Record<Keeping, string>> = {
	both: words.savedOnTheServerThis,
	sending: words.sendingItToTheServerThis,
	device: words.notSavedTheServerCannotBe,
	refused: words.notSavedTheServerCouldNot,
};

/** The same where the device refused something. */
const SAYS_REFUSED: Readonly<Record<Keeping, string>> = {
	both: words.savedOnTheServerThisDevice,
	sending: words.sendingItToTheServerThisDevice,
	device: words.notSavedYetThisDeviceCould,
	refused: words.notSavedYetNeitherThis,
};

/** What is said of work that cannot be read; it hides none of the rest. */
function sayAside(count: number): string {
	if (count === 0) return '';
	return count === 1 ? words.onePieceOfWorkCouldNotBe : words.piecesOfWorkCouldNotBeRead(count);
}

/** Whether the work is kept here and on the server, or just on its way there, so that nothing has to be said of it. */
export function isKept({ keeping, lasting, holds, aside, access }: SyncState): boolean {
	return (keeping === 'both' || keeping === 'sending') && lasting && holds && aside === 0 && access === 'open';
}

/** Where the work is kept, in a sentence; and how much of it cannot be read. */
export function sayKeeping({ keeping, lasting, holds, aside, access }: SyncState): string {
	if (access === 'left') return words.thisDeskWasRemovedFromThis;
	if (access === 'shut') return words.savedOnlyOnThisDeviceThe(sayAside(aside));
	const says = lasting ? (holds ? SAYS : SAYS_REFUSED) : SAYS_FLEETING;
	return `${says[keeping]}${sayAside(aside)}`;
}
