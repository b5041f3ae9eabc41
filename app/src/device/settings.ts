/** The sizes of text one can choose, in per cent. */
export const TEXT_SIZES = [100, 125, 150, 200] as const;

/** Where one is with the first line that is worked together. */
export const GUIDE = ['never', 'on', 'left', 'done'] as const;

/** What each setting may be; the first is what it is at first. */
const MAY_BE = {
	theme: ['device', 'light', 'dark'],
	text: TEXT_SIZES,
	motion: ['device', 'none'],
	/** Whether single letters are keys of the Desk (WCAG 2.1.4). */
	letterKeys: [true, false],
	/** The decimal mark in which numbers are shown and typed, where no class or problem says another. */
	decimal: ['point', 'comma'],
	/** Whether the Desk opens the next panel by itself: the facts for the last unit to go, the answer of a complete line. */
	opensNext: [true, false],
	guide: GUIDE,
} as const;

/** What a device is set to; it is kept on the device alone, since another one has another screen. */
export type Settings = { readonly [S in keyof typeof MAY_BE]: (typeof MAY_BE)[S][number] };

/** Where it is noted that the faces of the app lie on this device. */
export const FACES_KEY = 'tidy-sum-faces';

export const SETTINGS_KEY = 'tidy-sum-settings';

/** What a device was set to, as a file of one's work has it; null where it has none. */
export function settingsIn(value: unknown): Settings | null {
	if (typeof value !== 'object' || value === null) return null;
	const given = value as Readonly<Record<string, unknown>>;
	const read = Object.entries(MAY_BE).map(([name, may]) => {
		const list: readonly unknown[] = may;
		return [name, list.includes(given[name]) ? given[name] : list[0]];
	});
	return Object.fromEntries(read) as Settings;
}

/** What is set where nothing was. */
export const AT_FIRST = settingsIn({}) as Settings;

/** What this device was set to; what was never set, or cannot be read, is as it is at first. */
export function readSettings(): Settings {
	try {
		return settingsIn(JSON.parse(globalThis.localStorage?.getItem(SETTINGS_KEY) ?? '{}')) ?? AT_FIRST;
	} catch {
		return AT_FIRST;
	}
}

/** Keeps what this device is set to; a browser that keeps nothing only forgets it. */
export function keepSettings(settings: Settings): void {
	try {
		globalThis.localStorage?.setItem(SETTINGS_KEY, JSON.stringify(settings));
	} catch {
		// Private windows may refuse; nothing else depends on it.
	}
}

/** Lets the page follow its settings: the theme, the size of everything on it, and whether anything moves. */
export function applySettings({ theme, text, motion }: Settings, page: HTMLElement): void {
	page.dataset.theme = theme;
	page.dataset.motion = motion;
	const size = `${text / 100}`;
	if (page.style.getPropertyValue('--size') === size) return;
	page.style.setProperty('--size', size);
	// What is laid out by the room there is looks at it again.
	globalThis.dispatchEvent(new Event('resize'));
}

/**
 * The script that sets a page before it is painted: it stands in the page itself, and does what `applySettings` does.
 * What it is given cannot be harmful: it is set as an attribute, and as a number.
 */
export const SET_BEFORE_PAINT = `try{const s=JSON.parse(localStorage.getItem('${SETTINGS_KEY}')||'{}'),p=document.documentElement;p.dataset.theme=s.theme||'device';p.dataset.motion=s.motion||'device';p.style.setProperty('--size',(+s.text||100)/100);p.dataset.faces=localStorage.getItem('${FACES_KEY}')||''}catch{}`;
