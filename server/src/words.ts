export const thisDeviceCannotOpenADesk = 'This device cannot open a desk here.';

export const thisDeviceIsNotInAClass = 'This device has no place in a class here.';

export const thisClassWasErased = 'This class was erased, with everything sent to it.';

export const thisDeskWasErasedWith = 'This desk was erased, with everything on it.';

export const thisServerIsFullAndTakesNo =
	'This server is full and takes no new desks. Your work is saved on your device.';

export function aRequestCanHaveUpTo(limit: string): string {
	return `A request can have up to ${limit}.`;
}

export const theBodyOfThisRequestIsNot = 'The body of this request is not JSON.';

export const theDemoDeskCannotBeChanged = 'The demo desk cannot be changed. Open its link to get your own copy.';

export const thisServerWasRestoredFromA =
	'This server was restored from a backup. Nothing was overwritten. Compare your work with it first.';

export const theBodyOfThisRequestShould = 'The body of this request should be JSON.';

export const theBodyHasTheWrongShapeA = 'The body has the wrong shape: a text in it contains U+0000.';

export function theInTheAddress(name: string): string {
	return `The ${name} in the address`;
}

export const theAddress = 'The address';

export const theBody = 'The body';

export const backupEveryShouldBeAWhole =
	'BACKUP_EVERY should be a whole number of hours, up to 500; leave it out for no backups by schedule';

export const hostIsEmptyLeaveItOutFor = 'HOST is empty; leave it out for 127.0.0.1';

export const portShouldBeAWholeNumber = 'PORT should be a whole number from 0 to 65535';

export const dataDirIsEmptyLeaveItOut = 'DATA_DIR is empty; leave it out for the data folder of the project';

export const logLevelShouldBeSilent = 'LOG_LEVEL should be silent, error, warn, info or debug';

export const demoShouldBeYesOrNo = 'DEMO should be yes or no';

export const specimenShouldBeYesOrNo = 'SPECIMEN should be yes or no';

export const databaseUrlShouldBeginWith = 'DATABASE_URL should begin with postgres://; leave it out for SQLite';

export const trustProxyShouldBeHowMany =
	'TRUST_PROXY should be how many proxies are in front of the server, from 0 to 9';

export const limitFactorShouldBeAWhole = 'LIMIT_FACTOR should be a whole number to multiply the limits by';

export const metricsPortShouldBeAWhole =
	'METRICS_PORT should be a whole number from 0 to 65535; leave it out for no metrics';

export const backupKeepShouldBeHowMany = 'BACKUP_KEEP should be how many backups are kept, from 1';

export const backupDirIsEmptyLeaveItOut = 'BACKUP_DIR is empty; leave it out for the folder backups beside the data';

export const diskLimitShouldBeAWhole = 'DISK_LIMIT should be a whole number of megabytes; leave it out for no limit';

export const keepDaysShouldBeAWhole =
	'KEEP_DAYS should be a whole number of days, from 10; leave it out to keep desks for good';

export const publicUrlShouldBeThe = 'PUBLIC_URL should be the address people use, such as https://tidy-sum.example';

export const thereIsNoPageAtThisAddress = 'There is no page at this address.';

export const theServersDiskIsFullYour =
	'The server’s disk is full. Your work is saved on your device and is sent again later.';

export const theServerCannotAcceptThis = 'The server cannot accept this request.';

export const theServerCannotReachIts =
	'The server cannot reach its database right now. Your work is saved on your device and is sent again later.';

export const somethingWentWrongOnThe = 'Something went wrong on the server. Nothing on your device is lost.';

export const thisDeskSendsTooMuchForA = 'This desk sends too much for a shared server.';

export const tooManyRequestsWithAWrong = 'Too many requests with a wrong key came from this address.';

export const tooManyWrongCodesCameFrom = 'Too many wrong codes came from this device.';

export const tooManyWrongCodesCameFromThis = 'Too many wrong codes came from this address.';

export const newDesksFromThisAddress = 'New desks from this address have stored a lot.';

export const thisNewDeskHasStoredALot = 'This new desk has stored a lot.';

export const tooManyNewDesksCameFrom = 'Too many new desks came from this address.';

export const inASecond = 'in a second';

export function inSeconds(seconds: number): string {
	return `in ${seconds} seconds`;
}

export function tryAgainNothingIsLost(says: string, when: string): string {
	return `${says} Try again ${when}. Nothing is lost.`;
}

export function anotherProgramUsesPortOn(port: number, host: string): string {
	return `Another program uses port ${port} on ${host}. Stop it, or set PORT to another number.`;
}

export function thisAccountCannotUsePort(port: number): string {
	return `This account cannot use port ${port}. Set PORT to 1024 or more.`;
}

export function thisMachineHasNoAddressSet(host: string): string {
	return `This machine has no address ${host}. Set HOST to another one, or leave it out.`;
}

export function thereIsNoAddressCalledSet(host: string): string {
	return `There is no address called ${host}. Set HOST to another one, or leave it out.`;
}

export const theAppIsNotBuiltYetRunNpm = 'The app is not built yet. Run npm start in the project folder to build it.';

export function tidySumIsAt(address: string): string {
	return `Tidy Sum is at ${address}/\n`;
}

export function aDeskWithSomeWorkOnItDeskA(address: string, desk: string, desk2: string): string {
	return `A desk with some work on it: ${address}/?desk=${desk}\nA desk with a term's work on it: ${address}/?desk=${desk2}\n`;
}

export function tidySumDidNotStart(value: undefined | string): string {
	return `Tidy Sum did not start.\n${value}\n`;
}

export const howLongRequestsTookBy = 'How long requests took, by method, route and status.';

export const devicesThatListenToTheir = 'Devices that listen to their desks.';

export const connectionsToTheDatabaseIn = 'Connections to the database: in use, free, and failed so far.';

export const whatIsStoredDesksPiecesOf = 'What is stored: desks, pieces of work and bytes.';

export const whichDatabaseTheServerRuns = 'Which database the server runs on; its value is 1.';

export const thisDeskAsksForTooMuchAt = 'This desk asks for too much at once. Try again in a second. Nothing is lost.';
