export const savedOnThisDeviceAndOnThe = 'Saved on this device and on the server.';

export const savedOnThisDeviceSendingIt = 'Saved on this device. Sending it to the server.';

export const savedOnThisDeviceTheServer =
	'Saved on this device. The server cannot be reached, so your work is sent later.';

export const savedOnThisDeviceTheServerCouldNot = 'Saved on this device. The server could not take the last change.';

export const savedOnTheServerThis = 'Saved on the server. This browser does not save anything.';

export const sendingItToTheServerThis = 'Sending it to the server. This browser does not save anything.';

export const notSavedTheServerCannotBe =
	'Not saved: the server cannot be reached, and this browser saves nothing itself. Keep this page open.';

export const notSavedTheServerCouldNot = 'Not saved: the server could not take the last change. Keep this page open.';

export const savedOnTheServerThisDevice = 'Saved on the server. This device could not save all of it.';

export const sendingItToTheServerThisDevice = 'Sending it to the server. This device could not save your last change.';

export const notSavedYetThisDeviceCould =
	'Not saved yet: this device could not save the last change, and the server cannot be reached. Keep this page open.';

export const notSavedYetNeitherThis =
	'Not saved yet: neither this device nor the server could save the last change. Keep this page open.';

export const onePieceOfWorkCouldNotBe = ' One piece of work could not be read. It is kept safe.';

export function piecesOfWorkCouldNotBeRead(count: number): string {
	return ` ${count} pieces of work could not be read. They are kept safe.`;
}

export const thisDeskWasRemovedFromThis =
	'This desk was removed from this device in another window. What you do here now is not saved.';

export function savedOnlyOnThisDeviceThe(aside: string): string {
	return `Saved only on this device. The server no longer lets it open this desk.${aside}`;
}
