import { Key, type WebDriver, type WebElement } from 'selenium-webdriver';
import { atRest } from './at-rest';
import { L } from './labels';
import { allNames, type Kind, lookFor, pageText, plain, said, saysWithin, type Target } from './named';

const PRESSED: readonly Kind[] = ['press'];
const WRITTEN: readonly Kind[] = ['write'];
const ANY: readonly Kind[] = ['press', 'write', 'part'];

/** How often something is looked for, in milliseconds. */
const LOOK_EVERY_MS = 30;

/** Whether a page is there, and is more than what was drawn ahead of it. */
const ARRIVED = `return document.readyState === 'complete' && document.querySelector('main, [role=main]') !== null
	&& !document.querySelector('[data-testid=ahead], [data-testid=desk-ahead]')`;

/** A page in a browser, whatever its engine, used as a person does: what is there is found by what it is called. */
export class Page {
	/** How long something is waited for, in milliseconds. */
	protected readonly within: number = 8000;

	protected constructor(readonly driver: WebDriver) {}

	protected async click(element: WebElement): Promise<void> {
		await element.click();
	}

	protected async writeInto(field: WebElement, text: string): Promise<void> {
		await field.sendKeys(Key.chord(Key.CONTROL, 'a'), Key.BACK_SPACE, text);
	}

	/** Opens a Desk, and waits until it is more than what was drawn ahead of it. */
	async go(url: string): Promise<void> {
		await this.open(url);
		await this.find(L.problem);
	}

	/** Opens a page, and waits until it is more than what was drawn ahead of it. */
	async open(url: string): Promise<void> {
		await this.driver.get(url);
		await this.arrived();
	}

	/** Loads the page again. */
	async reload(): Promise<void> {
		await this.driver.navigate().refresh();
		await this.arrived();
	}

	private async arrived(): Promise<void> {
		await this.driver.wait(
			async () => this.driver.executeScript<boolean>(ARRIVED),
			this.within,
			'the page does not come',
		);
	}

	/** What has this name, waited for. */
	async find(target: Target, within = this.within, kinds: readonly Kind[] = ANY): Promise<WebElement> {
		return this.found(target, within, kinds, false);
	}

	private async found(target: Target, within: number, kinds: readonly Kind[], rests: boolean): Promise<WebElement> {
		const found = await lookFor(this.driver, target, kinds, within, rests);
		if (found) return found;
		throw new Error(`nothing is called ${said(target)}; there is: ${await allNames(this.driver).catch(() => '')}`);
	}

	/** What has this name, once the page is at rest. */
	protected async still(target: Target, kinds: readonly Kind[] = ANY): Promise<WebElement> {
		return this.found(target, this.within, kinds, true);
	}

	/** Waits until nothing on the page changes any more. */
	async settled(): Promise<void> {
		await atRest(this.driver);
	}

	async has(target: Target): Promise<boolean> {
		return (await lookFor(this.driver, target, ANY, 0)) !== null;
	}

	/** Waits until nothing has this name any more. */
	async gone(target: Target, within = this.within): Promise<void> {
		await this.driver.wait(
			async () => !(await this.has(target)),
			within,
			`${said(target)} is still there`,
			LOOK_EVERY_MS,
		);
	}

	/** Waits until the page says each of these somewhere, as a person would find it; white space does not matter. */
	async sees(...texts: readonly string[]): Promise<void> {
		for (const text of texts)
			if (!(await saysWithin(this.driver, text, false, this.within))) await this.saysNothing(text);
	}

	/** Waits until one line of the page is just this. */
	async seesLine(text: string, within = this.within): Promise<void> {
		if (!(await saysWithin(this.driver, text, true, within))) await this.saysNothing(text);
	}

	private async saysNothing(text: string): Promise<never> {
		throw new Error(`nothing says “${text}”; the page says: ${await pageText(this.driver).catch(() => '')}`);
	}

	/** Waits until what the page says satisfies; `what` tells what was looked for. */
	async says(holds: (page: string) => boolean, what: string, within = this.within): Promise<void> {
		let last = '';
		await this.driver
			.wait(
				async () => {
					last = await pageText(this.driver).catch(() => '');
					return holds(last);
				},
				within,
				undefined,
				LOOK_EVERY_MS,
			)
			.catch(() => {
				throw new Error(`nothing says “${what}”; the page says: ${last}`);
			});
	}

	/** Whether the page says this now. */
	async seesNow(text: string): Promise<boolean> {
		return plain(await pageText(this.driver)).includes(plain(text));
	}

	/** Presses one after another, each once the page is at rest: a button that still moves would be missed. */
	async press(...targets: readonly Target[]): Promise<void> {
		for (const target of targets) {
			const found = await this.still(target, PRESSED);
			if (!(await this.isOpen(target, found))) await this.click(found);
		}
	}

	/** Whether something that opens is open already. */
	protected async isOpen(target: Target, found: WebElement): Promise<boolean> {
		if (typeof target === 'string' || !('opens' in target)) return false;
		return (await found.getAttribute('aria-expanded')) === 'true';
	}

	/** Writes into a field, in place of what is there. */
	async write(target: Target, text: string): Promise<void> {
		await this.writeInto(await this.find(target, this.within, WRITTEN), text);
	}

	/** The value of a field. */
	async typed(target: Target): Promise<string> {
		return (await (await this.find(target, this.within, WRITTEN)).getAttribute('value')) ?? '';
	}

	/** What something says, once the page is at rest. */
	async text(target: Target): Promise<string> {
		return (await this.still(target)).getText();
	}

	/** Waits until what something says satisfies; fails with what it says instead. */
	async until(target: Target, holds: (text: string) => boolean, within = this.within): Promise<string> {
		let last = '';
		let looks = 0;
		let longest = 0;
		const look = async () => {
			const from = performance.now();
			last = await lookFor(this.driver, target, ANY, 0)
				.then((element) => element?.getText() ?? '')
				.catch(() => '');
			looks += 1;
			longest = Math.max(longest, performance.now() - from);
			return holds(last);
		};
		await this.driver.wait(look, within, undefined, LOOK_EVERY_MS).catch(async () => {
			// A page that is left can keep the driver waiting for an answer: it is asked once more before it is blamed.
			if (!(await look()))
				throw new Error(
					`${said(target)} says “${last}”; it was looked at ${looks} times, at most ${Math.round(longest)} ms each`,
				);
		});
		return last;
	}

	/** Waits until something says this. */
	async untilSays(target: Target, text: string): Promise<void> {
		await this.until(target, (shown) => plain(shown).includes(plain(text)));
	}

	/** Where it is, and all that the page says. */
	async whole(): Promise<string> {
		const text = await this.driver.executeScript<string>('return document.body.innerText');
		return `${await this.driver.getCurrentUrl()}\n\n${text}`;
	}

	/** Goes on by Tab until something of this name has the focus; what a field holds is then selected. */
	async tabTo(target: Target, limit = 120): Promise<void> {
		const wanted = await this.find(target);
		for (let i = 0; i < limit; i++) {
			if (await this.driver.executeScript<boolean>('return document.activeElement === arguments[0]', wanted)) return;
			await this.keys(Key.TAB);
		}
		throw new Error(`${said(target)} is not reached by Tab`);
	}

	/** Presses keys wherever the focus is. */
	async keys(...pressed: readonly string[]): Promise<void> {
		await this.driver
			.actions()
			.sendKeys(...pressed)
			.perform();
	}

	/** Goes to each by Tab, and presses Enter there. */
	async enter(...targets: readonly Target[]): Promise<void> {
		for (const target of targets) {
			if (await this.isOpen(target, await this.still(target))) continue;
			await this.tabTo(target);
			await this.keys(Key.ENTER);
		}
	}
}
