export function itIsDamaged(split: undefined | string): string {
	return `it is damaged (${split})`;
}

export const thereIsNoSuchFile = 'there is no such file';

export const itBelongsToAnotherProgram = 'it belongs to another program';

export function thereIsNoDatabaseAt(file: string): string {
	return `There is no database at ${file}.`;
}

export function theFileAlreadyExists(to: string): string {
	return `The file ${to} already exists. Nothing was overwritten. Choose another name.`;
}

export function theBackupIsDamagedAndWas(to: string, fault: string): string {
	return `The backup ${to} is damaged (${fault}) and was removed.`;
}

export function isNotABackupOfTidySum(from: string, fault: string): string {
	return `${from} is not a backup of Tidy Sum: ${fault}. Nothing was changed.`;
}

export const theServerIsRunningStopIt = 'The server is running. Stop it first; nothing was changed.';

export const databaseUrlNamesPostgresql =
	'DATABASE_URL names PostgreSQL. Use pg_dump and pg_restore, as docs/deploy.md says.';

export function theDatabaseCannotBeOpened(file: string, fault: string): string {
	return `The database ${file} cannot be opened: ${fault}. It was left as it is. docs/deploy.md explains how to restore a backup.`;
}

export function theDatabaseInCannotBe(folder: string, message: string): string {
	return `The database in ${folder} cannot be opened: ${message}`;
}

export function theDatabaseThatDatabaseUrl(message: string): string {
	return `The database that DATABASE_URL names cannot be opened: ${message || 'it cannot be reached'}`;
}

export function theDataFolderCannotBe(folder: string): string {
	return `The data folder ${folder} cannot be written. Make it writable, or set DATA_DIR to another folder.`;
}

export function anotherServerUsesStopItOr(folder: string): string {
	return `Another server uses ${folder}. Stop it, or set DATA_DIR to another folder.`;
}

export function thereIsNoDesk(id: string): string {
	return `There is no desk ${id}.`;
}

export function desksPiecesOfWorkMb(number: number, number2: number, bytes: string): string {
	return `${number} desks, ${number2} pieces of work, ${bytes} MB`;
}

export function piecesMbLastUsed(id: string, pieces: number, bytes: string, used: string): string {
	return `${id}  ${pieces} pieces  ${bytes} MB  last used ${used}`;
}

export const theDatabaseDoesNotAnswer = 'The database does not answer.';

export function countsPiecesAndHasOrTheir(id: string, pieces: number, there: string | number): string {
	return `${id}  counts ${pieces} pieces and has ${there}, or their bytes differ`;
}

export function desksAndAllCountsAreRight(rowCount: number, db: string): string {
	return `${rowCount} desks, and all counts are right. Generation ${db}.`;
}

export const erasesADeskAndLeavesAMark = 'erases a desk, and leaves a mark so that no device brings it back';

export function theDeskWasAlreadyErased(id: string): string {
	return `The desk ${id} was already erased.`;
}

export function theDeskIsErasedItsDevices(id: string): string {
	return `The desk ${id} is erased. Its devices learn this when they next connect. It is still in older backups.`;
}

export const listsTheDevicesAndRecovery = 'lists the devices and recovery sheets of a desk';

export function joinedLastUsed(kind: string, says: string, made: string, used: string): string {
	return `${kind}  ${says || 'no name'}  joined ${made}  last used ${used}`;
}

export function theDeskHasNoKeys(id: string): string {
	return `The desk ${id} has no keys.`;
}

export const showsHowMuchIsStoredInAll = 'shows how much is stored in all, and lists the largest desks';

export const checksTheCountsOfEachDesk = 'checks the counts of each desk';

export const runThisAfterPgRestoreOr =
	'run this after pg_restore, or after you put a database file back, before the server starts';

export const aNewGenerationHasBegunEach =
	'A new generation has begun. Each device compares its work with the server when it next connects.';

export function npmRunDesk(value: string, says: string): string {
	return `  npm run desk -- ${value}   ${says}`;
}

export function chooseWhatToDo(rows: string): string {
	return `Choose what to do:\n${rows}`;
}

/** The words of seats: short, easy to spell, and of nobody. */
export const SEAT_WORDS = [
	'Alder',
	'Aster',
	'Badger',
	'Birch',
	'Bracken',
	'Clover',
	'Curlew',
	'Dipper',
	'Fern',
	'Finch',
	'Hazel',
	'Heron',
	'Juniper',
	'Kestrel',
	'Lark',
	'Lichen',
	'Linnet',
	'Maple',
	'Marten',
	'Meadow',
	'Otter',
	'Pebble',
	'Plover',
	'Rowan',
	'Sedge',
	'Sorrel',
	'Swift',
	'Thistle',
	'Willow',
	'Wren',
] as const;
