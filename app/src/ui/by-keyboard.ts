let byKeyboard = false;

globalThis.addEventListener?.(
	'keydown',
	() => {
		byKeyboard = true;
	},
	{ capture: true },
);
globalThis.addEventListener?.(
	'pointerdown',
	() => {
		byKeyboard = false;
	},
	{ capture: true },
);

/**
 * Moves the focus to an element for whoever works by keyboard, where the control that had it is gone; elsewhere it stays.
 */
export function takeLostFocus(to: { focus(): void } | null): void {
	const { activeElement, body } = globalThis.document;
	if (isByKeyboard() && activeElement === body) to?.focus();
}

/** Whether the last thing done was done on a keyboard: only then does the focus follow what opens. */
export function isByKeyboard(): boolean {
	return byKeyboard;
}
