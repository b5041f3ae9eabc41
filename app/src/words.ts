export const oneMoment = 'One moment…';

export const thisLinkOpensADeskWithMade = 'This link opens a desk with made-up work.';

export const thisLinkOpensAnotherDesk = 'This link opens another desk.';

export const youGetYourOwnCopyToTry =
	'You get your own copy to try things on. Your desk stays as it is. Find it under Settings.';

export const yourOwnDeskStaysAsItIsFind = 'Your own desk stays as it is. Find it under Settings.';

export const openTheCopy = 'Open the copy';

export const openIt = 'Open it';

export const enterACode = 'Enter a code';

export const stayHere = 'Stay here';

export const thisDeskWasRemovedFromThis = 'This desk was removed from this device, in another window.';

export const whatYouDoHereNowIsNotSaved =
	'What you do here now is not saved. A code or a recovery sheet opens the desk again.';

export const openWhatIsHere = 'Open what is here';

export const thisDeskWasErasedOnAnother = 'This desk was erased on another device.';

export const itsWorkIsNoLongerOnThis = 'Its work is no longer on this device.';

export const startANewDesk = 'Start a new desk';

export const theServerNoLongerLetsThis = 'The server no longer lets this device open this desk.';

export const anotherDeviceRemovedItOr =
	'Another device removed it, or had the desk first. All your work is still here.';

export const joinWithACode = 'Join with a code';

export const makeItASeparateDesk = 'Make it a separate desk';

export const withAllTheWorkThatIsHere = 'with all the work that is here';

export function savedAsYouCanLoadItAgainIn(name: string): string {
	return `Saved as ${name}. You can load it again in Settings, on any device.`;
}

export const theFileCouldNotBeMade = 'The file could not be made. Nothing was changed. Please try again.';

export const allMyWorkAsAFile = 'All my work as a file';

export const itIsOnTheServerThisDevice = 'It is on the server. This device may be full.';

export const itIsOnItsWayToTheServer = 'It is on its way to the server. This device may be full.';

export const theServerCannotBeReached =
	'The server cannot be reached either, so keep this page open. This device may be full.';

export const theServerDidNotTakeIt =
	'The server did not take it either, so keep this page open. This device may be full.';

export const thisDeviceCouldNotSaveYour = 'This device could not save your last change.';

export const thisBrowserDoesNotSave = 'This browser does not save anything.';

export const thisDeskIsGoneWhenYouClose =
	'This desk is gone when you close the page. A recovery sheet opens it again, on any device.';

export const recoverySheet = 'Recovery sheet';

export const later = 'Later';

export const thePageHasReloaded = 'The page has reloaded.';

export const itIsNowTheNewestVersion = 'It is now the newest version. Your work is saved.';

export const allRight = 'All right';

export const aNewVersionIsReady = 'A new version is ready.';

export const yourWorkIsSaved = 'Your work is saved.';

export const update = 'Update';

export const theNewVersion = 'to the new version';
