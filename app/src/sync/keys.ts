import { fromUint8Array } from 'js-base64';

/** So many bytes has a key: 256 bits. */
const KEY_BYTES = 32;

/** So many has what a person may have to type: 128 bits. */
const SHEET_BYTES = 16;

function random(bytes: number): string {
	return fromUint8Array(globalThis.crypto.getRandomValues(new Uint8Array(bytes)), true);
}

/** A secret key of a device, from the browser's own source of chance. */
export function newKey(): string {
	return random(KEY_BYTES);
}

/** A key for a recovery sheet: short enough to be typed. */
export function newSheetKey(): string {
	return random(SHEET_BYTES);
}

/** An id nobody can guess: of a desk, or of a link to look at. */
export function newId(): string {
	return random(SHEET_BYTES);
}

const KINDS: readonly (readonly [RegExp, string])[] = [
	[/iPad|Tablet|(Android(?!.*Mobile))/i, 'tablet'],
	[/iPhone|Mobile/i, 'phone'],
];

const BROWSERS: readonly (readonly [RegExp, string])[] = [
	[/Edg\//, 'Edge'],
	[/Firefox\//, 'Firefox'],
	[/Chrome\//, 'Chromium'],
	[/Safari\//, 'Safari'],
];

/** What a device calls itself in the list of devices: "Phone, Chromium". It says nothing of whose it is. */
export function deviceSays(agent: string = globalThis.navigator?.userAgent ?? ''): string {
	const kind = KINDS.find(([pattern]) => pattern.test(agent))?.[1] ?? 'computer';
	const browser = BROWSERS.find(([pattern]) => pattern.test(agent))?.[1];
	return `${kind[0]?.toUpperCase()}${kind.slice(1)}${browser ? `, ${browser}` : ''}`;
}
