import { spawnSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Builder, By, Key, logging, until, type WebDriver, type WebElement } from 'selenium-webdriver';
import chrome from 'selenium-webdriver/chrome.js';
import { atRest } from './at-rest';
import { clearAway } from './clear-away';

export type Screen = { readonly width: number; readonly height: number; readonly mobile: boolean };

export const PHONE: Screen = { width: 390, height: 844, mobile: true };
export const DESKTOP: Screen = { width: 1280, height: 800, mobile: false };

/** The two sizes every journey is made at. */
export const SCREENS: readonly (readonly [string, Screen])[] = [
	['a phone', PHONE],
	['a wide screen', DESKTOP],
];

export type BrowserOptions = {
	readonly screen: Screen;
	readonly dark?: boolean;
	/** A profile that outlives the browser; a fresh one, removed at the end, when left out. */
	readonly profile?: string;
};

const FLAGS = [
	'--headless',
	'--no-sandbox',
	'--disable-gpu',
	'--disable-quic',
	'--no-first-run',
	'--disable-background-networking',
	'--disable-component-update',
	'--disable-sync',
	'--disable-dev-shm-usage',
	'--force-prefers-reduced-motion',
];

/** A headless Chromium at a true screen size, with what a journey needs of it. */
export class Browser {
	private constructor(
		readonly driver: WebDriver,
		readonly profile: string,
		private readonly ownProfile: boolean,
	) {}

	static async open({ screen, dark = false, profile }: BrowserOptions): Promise<Browser> {
		const folder = profile ?? mkdtempSync(join(tmpdir(), 'tidy-sum-profile-'));
		const options = new chrome.Options();
		options.setChromeBinaryPath(process.env.CHROMIUM ?? '/usr/bin/chromium');
		options.addArguments(...FLAGS, `--user-data-dir=${folder}`, `--window-size=${screen.width},${screen.height}`);
		const logs = new logging.Preferences();
		logs.setLevel(logging.Type.BROWSER, logging.Level.ALL);
		options.setLoggingPrefs(logs);
		const service = new chrome.ServiceBuilder(process.env.CHROMEDRIVER ?? '/usr/bin/chromedriver');
		const driver = await new Builder().forBrowser('chrome').setChromeOptions(options).setChromeService(service).build();
		const browser = new Browser(driver, folder, profile === undefined);
		await browser.resize(screen);
		await browser.command('Emulation.setEmulatedMedia', {
			features: [{ name: 'prefers-color-scheme', value: dark ? 'dark' : 'light' }],
		});
		return browser;
	}

	async command(name: string, params: Record<string, unknown>): Promise<unknown> {
		return (this.driver as unknown as chrome.Driver).sendAndGetDevToolsCommand(name, params);
	}

	async resize({ width, height, mobile }: Screen): Promise<void> {
		await this.command('Emulation.setDeviceMetricsOverride', {
			width,
			height,
			deviceScaleFactor: mobile ? 2 : 1,
			mobile,
		});
		await this.command('Emulation.setTouchEmulationEnabled', { enabled: mobile });
	}

	/** Opens a Desk, and waits until it is more than what was drawn ahead of it. */
	async go(url: string): Promise<void> {
		await this.driver.get(url);
		await this.find('problem');
		await this.driver.wait(async () => !(await this.has('desk-ahead')), 8000, 'the Desk does not come');
	}

	/** The element with this test id, waited for. */
	async find(id: string, within = 8000): Promise<WebElement> {
		return this.driver.wait(
			async () => (await this.driver.findElements(By.css(`[data-testid="${id}"]`)))[0] ?? null,
			within,
			`nothing is called ${id}`,
		) as Promise<WebElement>;
	}

	/** The element with this test id, once the page is at rest. */
	private async still(id: string): Promise<WebElement> {
		await this.find(id);
		await this.settled();
		return this.find(id);
	}

	/** Waits until nothing on the page changes any more. */
	async settled(): Promise<void> {
		await atRest(this.driver);
	}

	async has(id: string): Promise<boolean> {
		return (await this.driver.findElements(By.css(`[data-testid="${id}"]`))).length > 0;
	}

	/** Waits until the page says this somewhere, as a person would find it. */
	async says(text: string, within = 8000): Promise<void> {
		await this.driver.wait(
			async () => (await (await this.driver.findElement(By.css('body'))).getText()).includes(text),
			within,
			`nothing says “${text}”`,
		);
	}

	/** Presses the button whose words begin so. */
	async pressButton(label: string): Promise<void> {
		const path = `//button[starts-with(normalize-space(.), "${label}")]`;
		await this.driver.wait(until.elementLocated(By.xpath(path)), 8000, `no button “${label}”`);
		await this.settled();
		await (await this.driver.findElement(By.xpath(path))).click();
	}

	/** Presses one after another, each once the page is at rest: a button that still moves would be missed. */
	async press(...ids: readonly string[]): Promise<void> {
		for (const id of ids) await (await this.still(id)).click();
	}

	/** Types into a field in place of what is there. */
	async fill(id: string, text: string): Promise<void> {
		const field = await this.find(id);
		await field.sendKeys(Key.chord(Key.CONTROL, 'a'), Key.BACK_SPACE, text);
	}

	/** Gives a file of the device to the field that takes it. */
	async give(id: string, path: string): Promise<void> {
		await (await this.find(id)).sendKeys(path);
	}

	/** Lets the page save files, into this folder. */
	async savesInto(folder: string): Promise<void> {
		await this.command('Browser.setDownloadBehavior', { behavior: 'allow', downloadPath: folder });
	}

	/** The middle of an element on the screen, brought into view. */
	private async middle(id: string): Promise<{ x: number; y: number }> {
		const element = await this.still(id);
		await this.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', element);
		return this.driver.executeScript(
			'const r = arguments[0].getBoundingClientRect(); return { x: r.x + r.width / 2, y: r.y + r.height / 2 };',
			element,
		) as Promise<{ x: number; y: number }>;
	}

	private async finger(type: 'touchStart' | 'touchMove' | 'touchEnd', touchPoints: readonly object[]): Promise<void> {
		await this.command('Input.dispatchTouchEvent', { type, touchPoints });
	}

	/** Touches as a finger does, with no mouse in it. */
	async tap(...ids: readonly string[]): Promise<void> {
		for (const id of ids) {
			await this.finger('touchStart', [await this.middle(id)]);
			await this.finger('touchEnd', []);
		}
	}

	/** Holds an element and moves it down by so many pixels, in steps, by a finger where there is one, else by a mouse. */
	async drag(id: string, pixels: number, steps = 8): Promise<void> {
		const { x, y } = await this.middle(id);
		const at = (i: number) => ({ x, y: y + (pixels * i) / steps });
		const touch = (await this.driver.executeScript('return navigator.maxTouchPoints > 0')) as boolean;
		const mouse = (type: string, point: object) =>
			this.command('Input.dispatchMouseEvent', { type, ...point, button: 'left', buttons: 1, clickCount: 1 });
		if (touch) await this.finger('touchStart', [at(0)]);
		else await mouse('mousePressed', at(0));
		for (let i = 1; i <= steps; i++)
			if (touch) await this.finger('touchMove', [at(i)]);
			else await mouse('mouseMoved', at(i));
		if (touch) await this.finger('touchEnd', []);
		else await mouse('mouseReleased', at(steps));
	}

	async text(id: string): Promise<string> {
		return (await this.still(id)).getText();
	}

	/** Waits until the text of an element satisfies; fails with the text it has instead. */
	async until(id: string, holds: (text: string) => boolean, within = 8000): Promise<string> {
		let last = '';
		await this.driver
			.wait(async () => {
				last = (await this.has(id)) ? await (await this.find(id)).getText().catch(() => '') : '';
				return holds(last);
			}, within)
			.catch(() => {
				throw new Error(`${id} reads “${last}”`);
			});
		return last;
	}

	/** Waits until an element says this. */
	async untilSays(id: string, text: string): Promise<void> {
		await this.until(id, (shown) => shown.includes(text));
	}

	/** What the page has written to the console since last asked, at the level of errors. */
	async errors(): Promise<readonly string[]> {
		const entries = await this.driver.manage().logs().get(logging.Type.BROWSER);
		return entries.filter(({ level }) => level.value >= logging.Level.SEVERE.value).map(({ message }) => message);
	}

	/** Takes the network away, and gives it back. */
	async offline(offline: boolean): Promise<void> {
		await this.command('Network.enable', {});
		await this.command('Network.emulateNetworkConditions', {
			offline,
			latency: 0,
			downloadThroughput: -1,
			uploadThroughput: -1,
		});
	}

	/** Waits until all that was done here is on the server as well; a Desk is open. */
	async sent(within = 20_000): Promise<void> {
		await this.until('kept', (text) => text === 'Kept on this device and on the server.', within);
	}

	/** A picture of the screen as a PNG. */
	async picture(): Promise<Buffer> {
		const { data } = (await this.command('Page.captureScreenshot', { format: 'png' })) as { data: string };
		return Buffer.from(data, 'base64');
	}

	/** Ends the browser as a crash would: every process at once, with no chance to write anything. */
	async crash(): Promise<void> {
		spawnSync('pkill', ['-9', '-f', this.profile]);
		await this.driver.quit().catch(() => {});
	}

	async close(): Promise<void> {
		await this.driver.quit().catch(() => {});
		if (this.ownProfile) clearAway(this.profile);
	}
}
