import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';

/** The SHA-256 of a key, in hexadecimal: all that the server is told when a key joins a desk. */
export function hashOf(key: string): string {
	return bytesToHex(sha256(utf8ToBytes(key)));
}
