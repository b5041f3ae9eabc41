import { fireEvent } from '@testing-library/react';

/** What can be pressed, what can be written into, and whatever else may have a name. */
const PRESSED = 'button, a, [role=button], [role=link], [role=tab], [role=radio], [role=checkbox]';
const WRITTEN = 'input, textarea, select, [role=slider]';
const NAMED = 'button, a, input, textarea, select, section, main, nav, ul, ol, h1, h2, h3, [role]';

/** A text with every run of white space as one plain space. */
export function plain(text: string): string {
	return text.replace(/\s+/g, ' ').trim();
}

/** The name of an element: what it is called, else its label, else what it says. Working names out whole takes minutes in jsdom. */
function nameOf(element: HTMLElement): string {
	const labels = 'labels' in element ? [...((element.labels ?? []) as Iterable<HTMLElement>)] : [];
	return (
		element.getAttribute('aria-label') ??
		(labels.map(({ textContent }) => textContent).join(' ') || element.getAttribute('placeholder')) ??
		element.textContent ??
		''
	);
}

/** A text without white space: jsdom puts no space between the texts of two blocks. */
function bare(text: string): string {
	return text.replace(/\s+/g, '');
}

/** What has this name, or else the first whose name begins so; null where nothing has. */
export function lookFor(name: string, among = NAMED): HTMLElement | null {
	const wanted = bare(name);
	let begins: HTMLElement | null = null;
	for (const element of document.querySelectorAll<HTMLElement>(among)) {
		const is = bare(nameOf(element));
		if (is === wanted) return element;
		if (is.startsWith(wanted)) begins ??= element;
	}
	return begins;
}

/** What has this name; it has to be there. */
export function found(name: string, among = NAMED): HTMLElement {
	const element = lookFor(name, among);
	if (element) return element;
	const names = [...document.querySelectorAll<HTMLElement>('button, a, input, textarea')].map((one) =>
		plain(nameOf(one)).slice(0, 40),
	);
	throw new Error(`nothing is called “${name}”; there is: ${names.join(' · ')}`);
}

/** Presses one after another, as a person finds them. */
export function pressNamed(...names: readonly string[]): void {
	for (const name of names) fireEvent.click(found(name, PRESSED));
}

/** Writes into the field of this name, in place of what is there. */
export function writeInto(name: string, value: string): void {
	fireEvent.change(found(name, WRITTEN), { target: { value } });
}

/** The value of the field of this name. */
export function typedIn(name: string): string {
	return (found(name, WRITTEN) as HTMLInputElement).value;
}

/** All that the page says, its white space made plain. */
export function pageSays(): string {
	return plain(document.body.textContent ?? '');
}
