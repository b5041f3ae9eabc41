import { type ChildProcess, spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { createServer } from 'node:net';
import { Builder, By, type WebDriver, type WebElement } from 'selenium-webdriver';
import { atRest } from './at-rest';

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
export class WebKit {
	private constructor(
		readonly driver: WebDriver,
		private readonly processes: readonly ChildProcess[],
	) {}

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

	/** The element with this test id, waited for. */
	async find(id: string, within = 15_000): Promise<WebElement> {
		return this.driver.wait(
			async () => (await this.driver.findElements(By.css(`[data-testid="${id}"]`)))[0] ?? null,
			within,
			`nothing is called ${id}`,
		) as Promise<WebElement>;
	}

	async has(id: string): Promise<boolean> {
		return (await this.driver.findElements(By.css(`[data-testid="${id}"]`))).length > 0;
	}

	/** Presses one after another, each brought into view, once the page is at rest. */
	async press(...ids: readonly string[]): Promise<void> {
		for (const id of ids) {
			await this.find(id);
			await atRest(this.driver);
			const element = await this.find(id);
			await this.driver.executeScript('arguments[0].scrollIntoView({ block: "nearest" })', element);
			await element.click();
		}
	}

	async fill(id: string, text: string): Promise<void> {
		const field = await this.find(id);
		await field.clear();
		await field.sendKeys(text);
	}

	/** Waits until an element says this. */
	async untilSays(id: string, text: string): Promise<void> {
		let last = '';
		await this.driver
			.wait(async () => {
				last = (await this.has(id)) ? await (await this.find(id)).getText().catch(() => '') : '';
				return last.includes(text);
			}, 15_000)
			.catch(() => {
				throw new Error(`${id} reads “${last}”`);
			});
	}

	async close(): Promise<void> {
		await this.driver.quit().catch(() => {});
		for (const process of this.processes) process.kill();
	}
}
