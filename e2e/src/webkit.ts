import { type ChildProcess, spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { createServer } from 'node:net';
import { Builder, type WebDriver, type WebElement } from 'selenium-webdriver';
import { Page } from './page';

const DRIVER = process.env.WEBKITDRIVER ?? '/usr/bin/WebKitWebDriver';
const DISPLAY_SERVER = process.env.XVFB ?? '/usr/bin/Xvfb';
const BROWSER = process.env.MINIBROWSER ?? '/usr/lib/x86_64-linux-gnu/webkit2gtk-4.1/MiniBrowser';

/** Whether the engine of the other half of phones is on this machine. */
export const HAS_WEBKIT = [DRIVER, DISPLAY_SERVER, BROWSER].every((path) => existsSync(path));

/** A port nobody listens at. */
async function freePort(): Promise<number> {
	return new Promise((resolve, reject) => {
		const server = createServer();
		server.once('error', reject);
		server.listen(0, '127.0.0.1', () => {
			const address = server.address();
			server.close(() => resolve(typeof address === 'object' && address ? address.port : 0));
		});
	});
}

async function answers(port: number): Promise<void> {
	for (let i = 0; i < 100; i++) {
		if (
			await fetch(`http://127.0.0.1:${port}/status`)
				.then(({ ok }) => ok)
				.catch(() => false)
		)
			return;
		await new Promise((resolve) => setTimeout(resolve, 100));
	}
	throw new Error('WebKitWebDriver does not answer');
}

/** WebKit in a window of its own on a display nobody sees, about as wide as a phone (447 px is its least). */
export class WebKit extends Page {
	protected override readonly within = 15_000;

	private constructor(
		driver: WebDriver,
		private readonly processes: readonly ChildProcess[],
	) {
		super(driver);
	}

	static async open(): Promise<WebKit> {
		const display = `:${90 + Math.floor(Math.random() * 900)}`;
		const xvfb = spawn(DISPLAY_SERVER, [display, '-screen', '0', '1400x1000x24', '-nolisten', 'tcp'], {
			stdio: 'ignore',
		});
		const port = await freePort();
		const env = {
			...process.env,
			DISPLAY: display,
			// WebKit's own sandbox wants rights that root in a container does not have.
			WEBKIT_DISABLE_SANDBOX_THIS_IS_DANGEROUS: '1',
			WEBKIT_DISABLE_COMPOSITING_MODE: '1',
			NO_AT_BRIDGE: '1',
		};
		const service = spawn(DRIVER, [`--port=${port}`, '--host=127.0.0.1'], { env, stdio: 'ignore' });
		try {
			await answers(port);
			const driver = await new Builder()
				.usingServer(`http://127.0.0.1:${port}`)
				.withCapabilities({
					browserName: 'MiniBrowser',
					'webkitgtk:browserOptions': { binary: BROWSER, args: ['--automation'] },
				})
				.build();
			await driver.manage().window().setRect({ x: 0, y: 0, width: 447, height: 900 });
			return new WebKit(driver, [service, xvfb]);
		} catch (error) {
			service.kill();
			xvfb.kill();
			throw error;
		}
	}

	/** Its driver does not bring what it clicks into view. */
	protected override async click(element: WebElement): Promise<void> {
		await this.driver.executeScript('arguments[0].scrollIntoView({ block: "nearest" })', element);
		await element.click();
	}

	/** Its driver takes no Ctrl+A. */
	protected override async writeInto(field: WebElement, text: string): Promise<void> {
		await field.clear();
		await field.sendKeys(text);
	}

	async close(): Promise<void> {
		await this.driver.quit().catch(() => {});
		for (const process of this.processes) process.kill();
	}
}
