import { spawnSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Builder, logging, WebDriver } from 'selenium-webdriver';
import chrome from 'selenium-webdriver/chrome.js';
import { Command } from 'selenium-webdriver/lib/command';
import { clearAway } from './clear-away';
import { DevTools } from './dev-tools';

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

/** How long a script in a page may take, in milliseconds; the driver then takes it for lost. */
const LONGEST_SCRIPT_MS = 10_000;

/** How long a page may take to load: the driver waits for five minutes by itself, longer than a journey may last. */
const LONGEST_LOAD_MS = 60_000;

/**
 * One process for all pages of a site in a context: scripts that one page has compiled are ready for the next. A page then opens
 * in a quarter of the time, so a browser in which time is measured goes without.
 */
const SHARED_FLAGS = ['--process-per-site'];

/** A place for one device in a browser: a context of its own with one window, both by their ids. */
export type Place = { readonly context: string; readonly window: string };

/**
 * One headless Chromium. Each device of a journey is a context of its own in it, with storage and a window that nothing else
 * sees: that takes a quarter of a second, where a browser takes one and more. A place that a journey has left is cleared and
 * given to the next: its page opens in half the time, since the scripts are compiled there already.
 */
export class Chromium {
	private current: string;
	private turn: Promise<unknown> = Promise.resolve();
	private readonly cleared: Place[] = [];

	private constructor(
		readonly driver: WebDriver,
		readonly tools: DevTools,
		private readonly profile: string,
		private readonly isOwnProfile: boolean,
		/** The window it opened by itself: of the only context that has a profile. */
		readonly firstWindow: string,
	) {
		this.current = firstWindow;
	}

	/**
	 * @param isShared whether the devices of many journeys use it, one after another.
	 * @param profile a folder that outlives the browser; a fresh one, cleared away at the end, when left out.
	 */
	static async start(isShared: boolean, profile?: string): Promise<Chromium> {
		const folder = profile ?? mkdtempSync(join(tmpdir(), 'tidy-sum-profile-'));
		const options = new chrome.Options();
		options.setChromeBinaryPath(process.env.CHROMIUM ?? '/usr/bin/chromium');
		options.addArguments(...FLAGS, ...(isShared ? SHARED_FLAGS : []), `--user-data-dir=${folder}`);
		const logs = new logging.Preferences();
		logs.setLevel(logging.Type.BROWSER, logging.Level.ALL);
		options.setLoggingPrefs(logs);
		const service = new chrome.ServiceBuilder(process.env.CHROMEDRIVER ?? '/usr/bin/chromedriver');
		const driver = await new Builder().forBrowser('chrome').setChromeOptions(options).setChromeService(service).build();
		await driver.manage().setTimeouts({ script: LONGEST_SCRIPT_MS, pageLoad: LONGEST_LOAD_MS });
		const { debuggerAddress } = (await driver.getCapabilities()).get('goog:chromeOptions') as {
			debuggerAddress: string;
		};
		const tools = await DevTools.of(debuggerAddress);
		return new Chromium(driver, tools, folder, profile === undefined, await driver.getWindowHandle());
	}

	/** Runs a command in a window: the driver has one window at a time, so commands to several take turns. */
	async inWindow<T>(window: string, act: () => Promise<T>): Promise<T> {
		const mine = this.turn.then(async () => {
			if (this.current !== window) {
				await this.driver.switchTo().window(window);
				this.current = window;
			}
			return act();
		});
		this.turn = mine.catch(() => {});
		return mine;
	}

	/**
	 * Opens a place for a device.
	 * @param isFresh whether nothing may have been there before; else it may be one that was cleared.
	 */
	async openPlace(isFresh: boolean): Promise<Place> {
		const left = isFresh ? undefined : this.cleared.pop();
		if (left) return left;
		const { browserContextId } = await this.tools.send<{ browserContextId: string }>('Target.createBrowserContext', {
			disposeOnDetach: true,
		});
		const { targetId } = await this.tools.send<{ targetId: string }>('Target.createTarget', {
			url: 'about:blank',
			browserContextId,
			newWindow: true,
		});
		return { context: browserContextId, window: targetId };
	}

	/** Keeps a place that has been cleared for the next device; one with a second window is closed. */
	async keepPlace(place: Place): Promise<void> {
		const { targetInfos } = await this.tools.send<{
			targetInfos: readonly { readonly type: string; readonly browserContextId?: string }[];
		}>('Target.getTargets', {});
		const pages = targetInfos.filter(
			({ type, browserContextId }) => type === 'page' && browserContextId === place.context,
		);
		if (pages.length === 1) this.cleared.push(place);
		else await this.closePlace(place);
	}

	async closePlace({ context }: Place): Promise<void> {
		// Commands that are under way end first.
		await this.turn;
		await this.tools.send('Target.disposeBrowserContext', { browserContextId: context });
		this.current = '';
	}

	/** What any page of this browser has written to the console since last asked. */
	async logs(): Promise<readonly logging.Entry[]> {
		return this.inWindow(this.firstWindow, () => this.driver.manage().logs().get(logging.Type.BROWSER));
	}

	/** Ends it as a crash would: every process at once, with no chance to write anything. */
	async crash(): Promise<void> {
		this.tools.close();
		spawnSync('pkill', ['-9', '-f', this.profile]);
		await this.driver.quit().catch(() => {});
	}

	async close(): Promise<void> {
		this.tools.close();
		await this.driver.quit().catch(() => {});
		if (this.isOwnProfile) clearAway(this.profile);
	}
}

/** The driver of one window, whatever window others have driven meanwhile. */
export class WindowDriver extends WebDriver {
	/** Where it has been. */
	readonly origins = new Set<string>();

	constructor(
		private readonly chromium: Chromium,
		readonly window: string,
	) {
		super(chromium.driver.getSession(), chromium.driver.getExecutor());
	}

	override execute<T>(command: Command): Promise<T> {
		const url = command.getName() === 'get' ? `${command.getParameter('url')}` : '';
		if (url.startsWith('http')) this.origins.add(new URL(url).origin);
		return this.chromium.inWindow(this.window, async () => (await super.execute(command)) as T);
	}

	/** A command of the developer tools to the page of this window. */
	async devTools(name: string, params: Record<string, unknown>): Promise<unknown> {
		const command = new Command('sendAndGetDevToolsCommand').setParameter('cmd', name).setParameter('params', params);
		return this.execute(command);
	}
}
