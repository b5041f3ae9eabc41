import { logging, type WebElement } from 'selenium-webdriver';
import { Chromium, type Place, WindowDriver } from './chromium';
import { ON_SERVER } from './labels';
import type { Target } from './named';
import { Page } from './page';

export type Screen = { readonly width: number; readonly height: number; readonly mobile: boolean };

export const PHONE: Screen = { width: 390, height: 844, mobile: true };
export const DESKTOP: Screen = { width: 1280, height: 800, mobile: false };

export type BrowserOptions = {
	readonly screen: Screen;
	readonly dark?: boolean;
	/** A profile that outlives the browser: it is then a browser of its own, and can crash. */
	readonly profile?: string;
	/** Whether it is a browser of its own, as where time is measured. */
	readonly alone?: boolean;
	/** Whether it keeps the app for when there is no network, as a browser does that is not private: only some journeys are about it. */
	readonly keepsApp?: boolean;
};

/** A browser in which the app cannot be kept: putting all of it there for each journey took a third of their time. */
const KEEPS_NO_APP = 'if (navigator.serviceWorker) navigator.serviceWorker.register = () => new Promise(() => {});';

/** What may be done to a window that another device is given afterwards: opening it sets these again, and clearing it ends them. */
const SET_AGAIN =
	/^(Emulation\.set(FocusEmulationEnabled|EmulatedMedia|DeviceMetricsOverride|TouchEmulationEnabled)|Input\..+|Page\.(captureScreenshot|getAppManifest)|Network\.(enable|emulateNetworkConditions))$/;

/** The browser that the devices of a file of journeys share. */
let shared: Promise<Chromium> | null = null;

/** All devices that are open now. */
const opened = new Set<Browser>();

export function openBrowsers(): readonly Browser[] {
	return [...opened];
}

/** Closes what is open, and the browser that was shared. */
export async function closeAll(): Promise<void> {
	for (const browser of opened) await browser.close();
	await shared?.then((chromium) => chromium.close());
	shared = null;
}

/** A device with a true screen size, in headless Chromium, with what a journey needs of it. */
export class Browser extends Page {
	private constructor(
		override readonly driver: WindowDriver,
		private readonly chromium: Chromium,
		/** Its place, where it shares the browser with others. */
		private readonly place: Place | null,
		/** Whether its place can be cleared and given to another device. */
		private canBeCleared: boolean,
	) {
		super(driver);
	}

	static async open({
		screen,
		dark = false,
		profile,
		alone = false,
		keepsApp = alone || profile !== undefined,
	}: BrowserOptions): Promise<Browser> {
		const isAlone = alone || profile !== undefined;
		if (!isAlone) shared ??= Chromium.start(true);
		const chromium = await (isAlone ? Chromium.start(false, profile) : (shared as Promise<Chromium>));
		const place = isAlone ? null : await chromium.openPlace(keepsApp);
		const driver = new WindowDriver(chromium, place?.window ?? chromium.firstWindow);
		const browser = new Browser(driver, chromium, place, !keepsApp);
		opened.add(browser);
		// Every window is the one in front, as on a device of its own.
		await browser.command('Emulation.setFocusEmulationEnabled', { enabled: true });
		if (!keepsApp) await driver.devTools('Page.addScriptToEvaluateOnNewDocument', { source: KEEPS_NO_APP });
		await browser.resize(screen);
		await browser.dark(dark);
		return browser;
	}

	async command(name: string, params: Record<string, unknown>): Promise<unknown> {
		if (!SET_AGAIN.test(name)) this.canBeCleared = false;
		return this.driver.devTools(name, params);
	}

	/** Whether the device prefers the dark. */
	async dark(dark: boolean): Promise<void> {
		await this.command('Emulation.setEmulatedMedia', {
			features: [{ name: 'prefers-color-scheme', value: dark ? 'dark' : 'light' }],
		});
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

	/** Gives a file of the device to the field that takes it: a field for files has no role, but its button has a name. */
	async give(target: Target, path: string): Promise<void> {
		const button = await this.find(target);
		const field = await this.driver.executeScript<WebElement>(
			'return arguments[0].matches("input") ? arguments[0] : (arguments[0].querySelector("input[type=file]") ?? arguments[0].parentElement.querySelector("input[type=file]"))',
			button,
		);
		await field.sendKeys(path);
	}

	/** Lets the page save files, into this folder. */
	async savesInto(folder: string): Promise<void> {
		this.canBeCleared = false;
		await this.chromium.tools.send('Browser.setDownloadBehavior', {
			behavior: 'allow',
			downloadPath: folder,
			...(this.place === null ? {} : { browserContextId: this.place.context }),
		});
	}

	/** The middle of an element on the screen, brought into view. */
	private async middle(target: Target): Promise<{ x: number; y: number }> {
		const element = await this.still(target);
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
	async tap(...targets: readonly Target[]): Promise<void> {
		for (const target of targets) {
			if (await this.isOpen(target, await this.still(target))) continue;
			await this.finger('touchStart', [await this.middle(target)]);
			await this.finger('touchEnd', []);
		}
	}

	/** Holds an element and moves it down by so many pixels, in steps, by a finger where there is one, else by a mouse. */
	async drag(target: Target, pixels: number, steps = 8): Promise<void> {
		const { x, y } = await this.middle(target);
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

	/** What was written to the console since last asked, by this device and by those that share its browser. */
	async console(): Promise<readonly string[]> {
		return (await this.chromium.logs()).map(({ level, message }) => `${level.name} ${message}`);
	}

	/** Of that, the errors. */
	async errors(): Promise<readonly string[]> {
		const entries = await this.chromium.logs();
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
		await this.seesLine(ON_SERVER, within);
	}

	/** A picture of the screen as a PNG. */
	async picture(): Promise<Buffer> {
		const { data } = (await this.command('Page.captureScreenshot', { format: 'png' })) as { data: string };
		return Buffer.from(data, 'base64');
	}

	/** Ends the browser as a crash would: every process at once, with no chance to write anything. */
	async crash(): Promise<void> {
		opened.delete(this);
		await this.chromium.crash();
	}

	async close(): Promise<void> {
		if (!opened.delete(this)) return;
		const { place } = this;
		if (place === null) await this.chromium.close();
		else if (!this.canBeCleared) await this.chromium.closePlace(place).catch(() => {});
		else
			await this.clear().then(
				() => this.chromium.keepPlace(place),
				() => this.chromium.closePlace(place).catch(() => {}),
			);
	}

	/** Leaves nothing of what was done here: the page, the way back, and all that was kept. */
	private async clear(): Promise<void> {
		const { origins } = this.driver;
		await this.offline(false);
		await this.driver.devTools('Network.disable', {});
		if (/^http/.test(await this.driver.getCurrentUrl())) await this.driver.executeScript('sessionStorage.clear()');
		await this.driver.get('about:blank');
		for (const origin of origins)
			await this.driver.devTools('Storage.clearDataForOrigin', { origin, storageTypes: 'all' });
		await this.driver.devTools('Page.resetNavigationHistory', {});
	}
}
