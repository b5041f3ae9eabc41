import { countOf, plural } from '@tidy-sum/core';

export const anotherDevice = 'Another device';

export const whatYouDoOnOneDeviceShows =
	'What you do on one device shows on the other within seconds. Each also works without a network.';

export const makeANewCode = 'Make a new code';

export const letAnotherDeviceIn = 'Let another device in';

export function onTheOtherDeviceOpenJoin(origin: string): string {
	return `On the other device open ${origin}/join and type this code, or point its camera at the picture.`;
}

export const theSameCodeAsAPictureForA = 'The same code, as a picture for a camera';

export function worksForOneDeviceUntil(until: string): string {
	return `Works for one device, until ${until}.`;
}

export function ofWork(count: number): string {
	return `${countOf(count, 'piece')} of work`;
}

export function deskOf(date: string): string {
	return `Desk of ${date}`;
}

export const desksOnThisDevice = 'Desks on this device';

export const openNow = 'open now';

export function lastOpenedOn(date: string): string {
	return `last opened on ${date}`;
}

export const open = 'Open';

export const nameOfTheOpenDesk = 'Name of the open desk';

export const onlyThisDeviceKnowsIt = 'Only this device knows it.';

export const startAnotherDesk = 'Start another desk';

export const joinADesk = 'Join a desk';

export const withACode = 'with a code';

export const leaveOrErase = 'Leave or erase';

export const leaveTheDeskWhenYouGoIf =
	'Leave the desk when you go if others use this device too. It stays on the server and on your other devices.';

export const stopTheGuideDeskHere = 'Leave this desk here';

export function notReachedTheServerYetAnd(unsent: string, unsent2: number): string {
	return `${unsent} ${plural(unsent2, 'has', 'have')} not reached the server yet and would be lost. Leave the desk anyway?`;
}

export const leaveThisDeskOnThisDevice =
	'Leave this desk on this device? To open it here again you need a code or a recovery sheet.';

export const leaveIt = 'Leave it';

export const stay = 'Stay';

export const eraseThisDesk = 'Erase this desk';

export const eraseTheDeskForGoodHereOn =
	'Erase the desk for good, here, on the server and on every device? Nobody can bring it back.';

export const eraseItForGood = 'Erase it for good';

export const keepIt = 'Keep it';

export const desksAndDevices = 'Desks and devices';

export const settings = 'Settings';

export function aDeskIsAllYourWorkOnlyYour(where: string): string {
	return `A desk is all your work. Only your devices have the key to it, and you need no account. ${where}`;
}

export const theServerDoesNotHaveThis =
	'The server does not have this desk yet. Once you have done some work on it, you can add another device here.';

export function madeOn(date: string): string {
	return `made on ${date}`;
}

export function on(date: string): string {
	return `on ${date}`;
}

export function sinceLastUsed(date: string, last: string): string {
	return `since ${date}, last used ${last}`;
}

export const whatOpensThisDesk = 'What opens this desk';

export const oneMoment = 'One moment…';

export const aRecoverySheet = 'A recovery sheet';

export const aDevice = 'A device';

export const thisOne = ' (this one)';

export const remove = 'Remove';

export const thisKey = 'this key';

export const shouldThisRecoverySheet = 'Should this recovery sheet stop opening the desk?';

export const shouldThatDeviceStop = 'Should that device stop opening this desk? Work already on it stays there.';

export const removeIt = 'Remove it';

export function thisServerDeletesADesk(keepDays: number): string {
	return `This server deletes a desk after ${keepDays} days without use. Your devices keep their copy.`;
}

export function joined(by: string): string {
	return `${by || 'A device'} joined`;
}

export const aRecoverySheetWasMade = 'A recovery sheet was made';

export function wasRemoved(by: string): string {
	return `${by || 'A device or a recovery sheet'} was removed`;
}

export const whatHappenedOnThisDesk = 'What happened on this desk';

export const noDeviceHasJoinedOrBeen = 'No device has joined or been removed.';

export const back = 'Back';

export const toDesksAndDevices = 'to desks and devices';

export const thisDeviceHasJoinedTheDesk = 'This device has joined the desk. Opening it now.';

export const onTheOtherDeviceOpen =
	'On the other device, open Settings, then “Desks and devices”, and touch “Let another device in”. Type its code here, or the line of a recovery sheet. The desk you have here now stays in your list of desks.';

export const codeOrTheLineOfARecovery = 'Code, or the line of a recovery sheet';

export const join = 'Join';

export function theRound(code: string): string {
	return `The Round ${code}`;
}

export const aLineThatIsNotOnThisDevice = 'A line that is not on this device';

export const noEndDate = 'no end date';

export const endedOn = 'ended on';

export const endsOn = 'ends on';

export const viewOnlyLinks = 'View-only links';

export const whoeverHasOneOfTheseLinks =
	'Whoever has one of these links can see that line and each step, and cannot change it.';

export const youHaveNoViewOnlyLinksYou =
	'You have no view-only links. You can make one on the Replay of a line, or on a Round.';

export function madeOnOfDate(date: string, look: string): string {
	return `made on ${date}, ${look}`;
}

export const takeItBack = 'Take it back';

export const typeTheCodeThatTheOther = 'Type the code that the other device shows.';

export const thisIsNotACodeAndNotThe =
	'This is not a code, and not the whole line of a recovery sheet. Check the end of it.';

export function aCodeNeverHasInItItHasNoIO(odd: string): string {
	return `A code never has “${odd}” in it. It has no I, O, 0 or 1.`;
}

export function aCodeHasEightSignsYouTyped(signCount: number): string {
	return `A code has eight signs. You typed ${signCount}.`;
}

export const recoverySheet = 'Recovery sheet';

export const ifADeviceIsLost = 'If a device is lost';

export const aRecoverySheetIsAKeyOn =
	'A recovery sheet is a key on paper. With it you can open this desk on a new device and remove the lost one. Keep it safe, because whoever has it can open the desk.';

export const makeAnother = 'Make another';

export const makeARecoverySheet = 'Make a recovery sheet';

export const tidySumRecoverySheetOfA = 'Tidy Sum: recovery sheet of a desk';

export function openJoinOnANewDeviceAnd(origin: string): string {
	return `Open ${origin}/join on a new device and type this line, or point its camera at the picture. You see it only this once.`;
}

export const theSameLineAsAPictureForA = 'The same line, as a picture for a camera';

export const printThisPage = 'Print this page';
