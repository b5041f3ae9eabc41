import type { DeskAccess, Keeping } from './sync-slice';

type SyncState = {
	readonly keeping: Keeping;
	readonly lasting: boolean;
	readonly holds: boolean;
	readonly aside: number;
	readonly access: DeskAccess;
};

const SAYS: Readonly<Record<Keeping, string>> = {
	both: 'Kept on this device and on the server.',
	sending: 'Kept on this device; on its way to the server.',
	device: 'Kept on this device. The server is away; the work is sent when it is back.',
	refused: 'Kept on this device. The server could not take the last change.',
};

/** The same in a browser that gives no store of its own. */
const SAYS_FLEETING: Readonly<Record<Keeping, string>> = {
	both: 'Kept on the server. This browser keeps nothing by itself.',
	sending: 'On its way to the server. This browser keeps nothing by itself.',
	device: 'Kept only while this page is open: the server is away, and this browser keeps nothing by itself.',
	refused: 'Kept only while this page is open: the server could not take the last change.',
};

/** The same where the device refused something. */
const SAYS_REFUSED: Readonly<Record<Keeping, string>> = {
	both: 'Kept on the server. This device could not keep all of it.',
	sending: 'On its way to the server. This device could not keep the last change.',
	device:
		'Not kept yet: this device could not keep the last change, and the server is away. It is tried again while this page is open.',
	refused:
		'Not kept yet: neither this device nor the server could keep the last change. It is tried again while this page is open.',
};

/** What is said of work that cannot be read; it hides none of the rest. */
function sayAside(count: number): string {
	if (count === 0) return '';
	return count === 1
		? ' One piece of work could not be read; it is set aside, and kept.'
		: ` ${count} pieces of work could not be read; they are set aside, and kept.`;
}

/** Where the work is kept, in a sentence; and how much of it cannot be read. */
export function sayKeeping({ keeping, lasting, holds, aside, access }: SyncState): string {
	if (access === 'left')
		return 'This desk was taken off this device in another window. Nothing you do here now is kept.';
	if (access === 'shut')
		return `Kept on this device alone: the server does not open this desk to it.${sayAside(aside)}`;
	const says = lasting ? (holds ? SAYS : SAYS_REFUSED) : SAYS_FLEETING;
	return `${says[keeping]}${sayAside(aside)}`;
}
