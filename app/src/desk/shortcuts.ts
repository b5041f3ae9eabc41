import { useEffect, useRef } from 'react';
import { useSettings } from '../store/use-settings';
import type { PanelKey } from './panel-row';
import { PANEL_KEYS } from './panels';
import * as words from './words';

/** What the keys can do on the Desk. */
export type DeskActs = {
	readonly undo: () => void;
	readonly redo: () => void;
	readonly close: () => void;
	/** Opens the panel of a key, where there is something to open. */
	readonly open: (opens: PanelKey['opens']) => void;
	/** Goes to the next factor on the line, or the one before. */
	readonly walk: (by: 1 | -1) => void;
	/** Of the block that is open; nothing where none is. */
	readonly turn: () => void;
	readonly remove: () => void;
	readonly move: (by: 1 | -1) => void;
	readonly raise: () => void;
	/** Writes a block by hand. */
	readonly write: () => void;
	/** Sends what stands to the check. */
	readonly check: () => void;
	/** Leaves the Desk. */
	readonly leave: () => void;
};

export type Shortcut = {
	/** The key as the browser names it, in small letters. */
	readonly key: string;
	/** Ctrl, or Cmd on a Mac. */
	readonly mod?: boolean;
	readonly shift?: boolean;
	/** How it is shown on the sheet. */
	readonly shows: string;
	readonly says: string;
	readonly act: (desk: DeskActs) => void;
};

/** The keys of the Desk; those that open a panel stand with it. To add one is to add one row; the sheet shows them all. */
export const SHORTCUTS: readonly Shortcut[] = [
	{ key: 'z', mod: true, shows: words.ctrlZ, says: 'undo', act: (desk) => desk.undo() },
	{ key: 'z', mod: true, shift: true, shows: words.ctrlShiftZ, says: 'redo', act: (desk) => desk.redo() },
	{ key: 'y', mod: true, shows: words.ctrlY, says: 'redo', act: (desk) => desk.redo() },
	...PANEL_KEYS.map(({ opens, ...row }): Shortcut => ({ ...row, act: (desk) => desk.open(opens) })),
	{ key: 'w', shows: 'W', says: words.writeAFactorYourself, act: (desk) => desk.write() },
	{ key: 'c', shows: 'C', says: 'check', act: (desk) => desk.check() },
	{ key: 'arrowright', shows: '→', says: words.nextFactorOnTheLine, act: (desk) => desk.walk(1) },
	{ key: 'arrowleft', shows: '←', says: words.factorBefore, act: (desk) => desk.walk(-1) },
	{ key: 't', shows: 'T', says: words.turnTheOpenFactorOver, act: (desk) => desk.turn() },
	{ key: 'r', shows: 'R', says: words.raiseTheOpenFactorNoPower, act: (desk) => desk.raise() },
	{ key: '[', shows: '[', says: words.moveTheOpenFactorEarlier, act: (desk) => desk.move(-1) },
	{ key: ']', shows: ']', says: words.moveTheOpenFactorLater, act: (desk) => desk.move(1) },
	{ key: 'delete', shows: 'Delete', says: words.removeTheOpenFactor, act: (desk) => desk.remove() },
	{ key: 'e', shows: 'E', says: words.toTheOtherExercises, act: (desk) => desk.leave() },
	{ key: 'escape', shows: words.esc, says: words.closeWhatIsOpen, act: (desk) => desk.close() },
];

function isTyping(target: EventTarget | null): boolean {
	return target instanceof HTMLElement && (target.tagName === 'INPUT' || target.tagName === 'TEXTAREA');
}

/**
 * The row a key press asks for; while something is typed only those with Ctrl or Cmd, and Escape.
 * @param letters whether single letters and signs are keys (WCAG 2.1.4 lets them be turned off).
 */
export function shortcutFor(
	event: Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey' | 'altKey' | 'shiftKey' | 'target'>,
	letters = true,
) {
	if (event.altKey) return undefined;
	const mod = event.ctrlKey || event.metaKey;
	const key = event.key.toLowerCase();
	if (!mod && key !== 'escape' && isTyping(event.target)) return undefined;
	const letter = /^[a-z]$/.test(key);
	if (!letters && !mod && key.length === 1) return undefined;
	return SHORTCUTS.find(
		(row) => row.key === key && (row.mod ?? false) === mod && (!letter || (row.shift ?? false) === event.shiftKey),
	);
}

/** Lets the keys act on the Desk while it is on the screen. */
export function useShortcuts(acts: DeskActs): void {
	const [{ letterKeys }] = useSettings();
	const latest = useRef(acts);
	useEffect(() => {
		latest.current = acts;
	});
	useEffect(() => {
		const onKey = (event: KeyboardEvent) => {
			const row = shortcutFor(event, letterKeys);
			if (!row) return;
			event.preventDefault();
			row.act(latest.current);
		};
		globalThis.addEventListener?.('keydown', onKey);
		return () => globalThis.removeEventListener?.('keydown', onKey);
	}, [letterKeys]);
}
