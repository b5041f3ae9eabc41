import { bad, good, type Outcome } from '@tidy-sum/core';
import { type UnzipFileInfo, unzipSync, zipSync } from 'fflate';

/** Files of a package by their paths. */
export type Files = ReadonlyMap<string, Uint8Array>;

/** The most files of a package, and the most bytes all of them unpack to. */
const FILES_LIMIT = 20_000;
const UNPACKED_LIMIT = 100_000_000;

/** One day for all files, so that the same files are always the same package. */
const MADE = new Date(1980, 0, 1);

/** Files as one package (zip). */
export function packed(files: Files): Uint8Array {
	return zipSync(Object.fromEntries([...files].map(([path, bytes]) => [path, [bytes, { mtime: MADE }]])));
}

/** Whether bytes begin as a package does. */
export function isArchive(bytes: Uint8Array): boolean {
	return bytes[0] === 0x50 && bytes[1] === 0x4b;
}

/** Whether a path stays inside the package. */
function staysInside(path: string): boolean {
	return !/^[/\\]|^[A-Za-z]:|\\|\0/u.test(path) && path.split('/').every((part) => part !== '..');
}

class Refused extends Error {}

/**
 * The files of a package that are wanted.
 * @returns them by their paths; `archive` where it is not whole, one of its paths leads outside, or it unpacks to more
 *   than anybody works by hand.
 */
export function unpacked(bytes: Uint8Array, wanted: (path: string) => boolean): Outcome<Files> {
	let [count, size] = [0, 0];
	const filter = ({ name, originalSize }: UnzipFileInfo) => {
		count += 1;
		if (!staysInside(name))
			throw new Refused(`In this package “${name}” leads outside of it, so nothing of it is read.`);
		if (count > FILES_LIMIT)
			throw new Refused(`This package has more than ${FILES_LIMIT} files, so nothing of it is read.`);
		if (!wanted(name)) return false;
		size += originalSize;
		if (size > UNPACKED_LIMIT)
			throw new Refused('This package is too large. It unpacks to more than 100 MB, so it was not read.');
		return true;
	};
	try {
		return good(new Map(Object.entries(unzipSync(bytes, { filter }))));
	} catch (error) {
		return bad('archive', error instanceof Refused ? error.message : 'A part of this package is missing or broken.');
	}
}
