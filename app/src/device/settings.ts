import { z } from '@tidy-sum/schema';

/** The sizes of text one can choose, in per cent. */
export const TEXT_SIZES = [100, 125, 150, 200] as const;

/** Where one is with the first line that is worked together. */
export const GUIDE = ['never', 'on', 'left', 'done'] as const;

/** What a device is set to; it is kept on the device alone, since another one has another screen. */
const settingsSchema = z.object({
	theme: z.enum(['device', 'light', 'dark']).catch('device'),
	text: z.union(TEXT_SIZES.map((size) => z.literal(size))).catch(100),
	motion: z.enum(['device', 'none']).catch('device'),
	/** Whether single letters are keys of the Desk (WCAG 2.1.4). */
	letterKeys: z.boolean().catch(true),
	guide: z.enum(GUIDE).catch('never'),
});

export type Settings = z.infer<typeof settingsSchema>;

const KEY = 'tidy-sum-settings';

/** What this device was set to; what was never set, or cannot be read, is as it is at first. */
export function readSettings(): Settings {
	try {
		return settingsSchema.parse(JSON.parse(globalThis.localStorage?.getItem(KEY) ?? '{}'));
	} catch {
		return settingsSchema.parse({});
	}
}

/** What a device was set to, as a file of one's work has it; null where it has none. */
export function settingsIn(value: unknown): Settings | null {
	const read = settingsSchema.safeParse(value);
	return read.success ? read.data : null;
}

/** Keeps what this device is set to; a browser that keeps nothing only forgets it. */
export function keepSettings(settings: Settings): void {
	try {
		globalThis.localStorage?.setItem(KEY, JSON.stringify(settings));
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
