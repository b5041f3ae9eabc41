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

/** Whether the last thing done was done on a keyboard: only then does the focus follow what opens. */
export function isByKeyboard(): boolean {
	return byKeyboard;
}
