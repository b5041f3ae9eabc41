export function readsAs(value: string): string {
	return `Reads as ${value}`;
}

export const toTheDesk = 'To the Desk';

export function putOnTheLineOf(blocks: string, line: string): string {
	return `Put ${blocks} on the line of “${line}”`;
}

export function startALineFrom(start: string): string {
	return `Start a line from ${start}`;
}

export function putOnANewLine(blocks: string): string {
	return `Put ${blocks} on a new line`;
}

export const desk = 'Desk';

export const shelf = 'Shelf';

export const withAllItsParts = 'with all its parts';

export const copyLink = 'Copy link';

export const theLinkIsCopied = 'The link is copied.';

export function theLink(whole: string): string {
	return `The link: ${whole}`;
}

export const stepTheValue = 'Step the value';

export const oneStepDown = 'one step down';

export const oneStepUp = 'one step up';

export const by = 'by';

export const stepBy = 'Step by';
