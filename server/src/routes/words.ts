export function aDeskCanHaveUpToDevices(limit: number): string {
	return `A desk can have up to ${limit} devices. Remove one first.`;
}

export const theDevicesAndRecovery =
	'The devices and recovery sheets with a key to a desk. Keys and hashes are not included.';

export const addsAKeyToADeskForA =
	'Adds a key to a desk, for a recovery sheet or a device that used one. Only the hash of the key is sent.';

export const removesADeviceOrARecovery =
	'Removes a device or a recovery sheet, so that its key no longer opens the desk. Removing one that is not there succeeds.';

export const makesAOneTimeCodeThatLets =
	'Makes a one-time code that lets one more device in. It works for ten minutes and five wrong tries, and replaces any earlier code.';

export const joinsADeskWithAOneTimeCode =
	'Joins a desk with a one-time code. Only the hash of the new device’s key is sent; the key stays on the device.';

export const thisCodeIsWrongOrHas = 'This code is wrong or has expired. Make a new one on the other device.';

export const erasesADeskWithEverything =
	'Erases a desk with everything on it. Its devices learn this when they next connect, and bring nothing back.';

export const whichDevicesJoinedADeskOr =
	'Which devices joined a desk or were removed, and when: the last 50, newest first.';

export const theViewOnlyLinksOfADesk = 'The view-only links of a desk.';

export const makesAViewOnlyLinkToOne =
	'Makes a view-only link to one piece of work or one Round, for 30 days or without an end. The device makes its id and secret, and the server stores the hash. Sending the same link again changes its end.';

export function aDeskCanHaveUpToViewOnly(limit: number): string {
	return `A desk can have up to ${limit} view-only links. Withdraw one first.`;
}

export const withdrawsAViewOnlyLink = 'Withdraws a view-only link. Withdrawing one that is not there succeeds.';

export const thisDesk = 'this desk';

export const desksFromThisAddress = 'desks from this address';

export function tooManyDevicesListenToTry(what: string): string {
	return `Too many devices listen to ${what}. Try again in 60 seconds.`;
}

export const changesOfADeskAsServerSent =
	'Changes of a desk, as server-sent events. `changed` has the last change number and the heads of what was just saved. `closed` means that the key no longer opens the desk.';

export const theServerCannotReachIts = 'The server cannot reach its database.';

export const whetherTheServerIsWellAnd = 'Whether the server is well and reaches its database, and its version.';

export const whetherRequestsCanBe = 'Whether requests can be answered: the database responds, and its file is there.';

export const whetherTheProcessResponds = 'Whether the process responds, whatever its database does.';

export const whatAViewOnlyLinkShowsBy =
	'What a view-only link shows, by its secret. A link that was withdrawn or has ended looks like one that never existed.';

export const thereIsNothingToSeeHereThe =
	'There is nothing to see here. The link was withdrawn, has ended, or part of it is missing.';

export function at(path: string): string {
	return ` (at ${path})`;
}

export function hasTheWrongShape(what: string, message: undefined | string, at: string): string {
	return `${what} has the wrong shape: ${message}${at}.`;
}

export const whatChangedOnADeskAfterA =
	'What changed on a desk after a change number: the version of each piece of work, without its content.';

export const howManyPiecesOfWorkADesk =
	'How many pieces of work a desk has, and the SHA-256 of their ids and versions. A device that gets another result asks for all changes again.';

export const piecesOfWorkByIdWithTheir =
	'Pieces of work by id, with their content. If a reply would be too large, the last ones are left out.';

export const theTriesOfADesksWorkPageBy = 'The tries of a desk’s work, page by page, from a change number.';

export const thisPieceOfWorkWasErased = 'This piece of work was erased and cannot come back.';

export const theStoredVersionCannotBe = 'The stored version cannot be read. Nothing was overwritten.';

export function aDeskHoldsUpToPiecesOfWork(limit: number, number: number): string {
	return `A desk holds up to ${limit} pieces of work and ${number} MB. Erase some, or start another desk. Nothing was lost.`;
}

export const savesAVersionOfAPieceOf =
	'Saves a version of a piece of work if it follows the stored one. The first save under a new id creates the desk, with the key that is sent.';

export const thisWorkWasChanged = 'This work was changed elsewhere. Nothing was overwritten.';

export const erasesAPieceOfWorkAnd =
	'Erases a piece of work, and leaves a mark so that no other device brings it back.';

export const makesOrRenamesAClass =
	'Makes a class with the key that comes along, or renames it. The key stays on the teacher’s device; the server stores its hash.';

export const aClassAsItsTeacherSees = 'A class as its teacher sees it: its code, its seats and what was handed out.';

export const erasesAClassWithEverything = 'Erases a class at once, with its seats, its sets and every try sent to it.';

export const opensAClassToStudentsOr =
	'Opens a class to students, or closes it. An open class has a code, and can be given another one.';

export const handsASetOut =
	'Hands a set of exercises out to every seat. Sending the same id again changes only when the set is due.';

export const theExercisesOfASet = 'The exercises of a set that was handed out.';

export const takesASetBack = 'Takes a set back, with the tries at it. Taking back one that is not there succeeds.';

export const removesASeat = 'Removes a seat with everything sent from it. Removing one that is not there succeeds.';

export const takesASeatInAClass =
	'Takes a seat with the code of a class. Only the hash of the seat’s own key is sent. The same key again gets the same seat.';

export const noClassHasThisCode = 'No open class has this code. Compare it with the one your teacher shows.';

export function aClassCanHaveUpToSeats(limit: number): string {
	return `A class can have up to ${limit} seats. Ask your teacher.`;
}

export function aClassCanHaveUpToSets(limit: number): string {
	return `A class can have up to ${limit} sets. Take one back first.`;
}

export const thisSetWasTakenBack = 'This set is not handed out, or no longer.';

export const aClassAsAStudentSees =
	'A class as one of its students sees it: what was handed out, and nothing of other seats.';

export const leavesAClass = 'Leaves a class. What was sent stays with the class, or goes with the student.';

export const sendsTriesOfASeat =
	'Sends tries with their lines, each once however often it is sent. Tries at a set the class does not have are left out.';

export const theTriesOfAClass = 'The tries of a class after a place among them, in the order they came, page by page.';

export const howFarTheTriesOfAClassGo = 'How far the tries of a class go, as server-sent events.';

export const thisClass = 'this class';

export function aSeatCanSendUpTo(limit: number): string {
	return `A seat can send up to ${limit} answers to its class.`;
}
