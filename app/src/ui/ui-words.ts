export const timesTenToThePower = 'times ten to the power';

export const keysForTheAnswer = 'Keys for the answer';

export function unit(unit: string): string {
	return `unit ${unit}`;
}

export const eraseOrHoldToClear = 'erase, hold to erase everything';

export const thisPartHasNotLoaded = 'This part has not loaded, because there is no network. Your work is saved.';

export const tryAgain = 'Try again';

export function moreOf(title: string): string {
	return `More of ${title}`;
}

export function whatYouCanDoWith(title: string): string {
	return `What you can do with ${title}`;
}

export const itsTitle = 'Its title';

export const up = 'Up';

export const down = 'Down';

export const remove = 'Remove';

export function keysFor(label: string): string {
	return `Keys for “${label}”`;
}

export function toolsOf(title: string): string {
	return `Tools of ${title}`;
}

export const close = 'Close';

export const tidySum = 'Tidy Sum';

export function tidySumOfTitle(title: string): string {
	return `${title} · Tidy Sum`;
}
