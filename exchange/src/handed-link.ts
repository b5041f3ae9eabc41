import { bad, good, type Outcome } from '@tidy-sum/core';
import { type Handed, handedSchema } from '@tidy-sum/schema/handed';
import { deflateSync, inflateSync, strFromU8, strToU8 } from 'fflate';
import { fromUint8Array, toUint8Array } from 'js-base64';

/** The longest link that every program takes; what is longer goes as a file. */
export const LINK_LIMIT = 2000;

/** The most that is unpacked of a link, in bytes. */
const UNPACKED_LIMIT = 2_000_000;

/** Problems as a file holds them: JSON, which `readHandedText` reads again. */
export function handedText(handed: Handed): string {
	return JSON.stringify(handed);
}

/** Problems as a link holds them, behind its #: the same JSON, deflated (RFC 1951), in the URL-safe alphabet (RFC 4648). */
export function handedLink(handed: Handed): string {
	return fromUint8Array(deflateSync(strToU8(handedText(handed)), { level: 9 }), true);
}

/**
 * The problems of a file.
 * @returns them, or the fault `not-handed` where the text is none of ours.
 */
export function readHandedText(text: string): Outcome<Handed> {
	try {
		const read = handedSchema.safeParse(JSON.parse(text));
		if (read.success) return good(read.data);
	} catch {
		// Not JSON at all: told as any other text that holds no problems.
	}
	return bad('not-handed', 'There are no problems in this link.');
}

/**
 * The problems of a link, by what stands behind its #.
 * @returns them, or the fault `not-handed` where a part of it is missing or it is none of ours.
 */
export function readHandedLink(letters: string): Outcome<Handed> {
	try {
		const packed = toUint8Array(letters);
		const bytes = inflateSync(packed, { out: new Uint8Array(Math.min(UNPACKED_LIMIT, packed.length * 60 + 1000)) });
		return readHandedText(strFromU8(bytes));
	} catch {
		return bad('not-handed', 'Part of this link is missing. Ask for it again.');
	}
}
