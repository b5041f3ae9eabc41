import { buildSync } from 'esbuild';
import type { WebDriver, WebElement } from 'selenium-webdriver';

/** What can be pressed, what can be written into, and the parts of a page that may have a name. */
const SELECTORS = {
	press:
		'button, a[href], [role=button], [role=link], [role=tab], [role=radio], [role=checkbox], [role=switch], [role=menuitem], [role=option]',
	write: 'input, textarea, select, [role=textbox], [role=slider], [role=spinbutton], [role=combobox]',
	part: 'section, main, nav, ul, ol, table, img, h1, h2, h3, [role]:not([role=button], [role=link], [role=presentation])',
} as const;

export type Kind = keyof typeof SELECTORS;

/**
 * A part of the line or of its panels, by the test id that scripts may use (docs/testing.md): its units, numbers, facts and places
 * are many, and what they are called changes with what is done.
 */
export type Part = {
	readonly id: string;
	/** Whether it opens something: it is left alone where that is open already. */
	readonly opens?: true;
};

/** A panel or another part of a page, where something that can be pressed has the same name. */
export type Region = { readonly region: string };

/** A field or a slider, where something that can be pressed has the same name. */
export type Field = { readonly field: string };

/** What a person looks for: something with this name, or that begins with it; or a part of the line. */
export type Target = string | Region | Field | Part;

export function region(name: string): Region {
	return { region: name };
}

export function field(name: string): Field {
	return { field: name };
}

export function said(target: Target): string {
	if (typeof target === 'string') return `“${target}”`;
	return `“${'region' in target ? target.region : 'field' in target ? target.field : target.id}”`;
}

/** Names are worked out as a screen reader does it, by a package that follows the standard (W3C accname). */
function nameReader(): string {
	const { outputFiles } = buildSync({
		stdin: { contents: `export { computeAccessibleName } from 'dom-accessibility-api'`, resolveDir: __dirname },
		bundle: true,
		minify: true,
		format: 'iife',
		globalName: 'AccessibleNames',
		write: false,
	});
	return outputFiles[0]?.text ?? '';
}

/** What looks at a page from within: it sees a change at once, where a question from outside comes late. */
const LOOK = `
window.tidyLook = (() => {
	const plain = (text) => text.replace(/\\s+/g, ' ').trim();
	const bare = (text) => text.replace(/\\s+/g, '');
	const isSeen = (element) => element.checkVisibility({ visibilityProperty: true }) && element.getClientRects().length > 0;
	const frame = () => new Promise((go) => requestAnimationFrame(go));
	let changes = 0;
	new MutationObserver(() => { changes += 1; }).observe(document, { subtree: true, childList: true, attributes: true, characterData: true });
	/** What has this name, or else the first whose name begins so and then goes on with another word. */
	const named = (selectors, wanted) => {
		const name = plain(wanted);
		const start = bare(wanted);
		let begins = null;
		for (const selector of selectors)
			for (const element of document.querySelectorAll(selector)) {
				// The text alone rules most of them out; names are worked out for the rest.
				const says = element.getAttribute('aria-label') ?? (element.labels?.length || element.hasAttribute('aria-labelledby') ? null : element.textContent);
				if (says && !bare(says).includes(start)) continue;
				if (!isSeen(element)) continue;
				const is = plain(AccessibleNames.computeAccessibleName(element));
				if (is === name) return element;
				if (is.startsWith(name) && !/^[\\p{L}\\p{N}]/u.test(is.slice(name.length))) begins ??= element;
			}
		return begins;
	};
	const find = ({ id, name, selectors }) =>
		id === undefined ? named(selectors, name) : document.querySelector('[data-testid="' + CSS.escape(id) + '"]');
	const says = () => document.body?.innerText ?? '';
	/** Waits for something, and then, where it is to be touched, until nothing has changed for two frames. */
	const wait = async (look, within, rests) => {
		const until = performance.now() + within;
		let looked = -1;
		let again = 0;
		for (;;) {
			const now = performance.now();
			// To look is dear, and nothing new is found while nothing has changed; styles alone may change now and then.
			if (looked !== changes || now > again || now > until) {
				looked = changes;
				again = now + 200;
				const found = look();
				if (found && !rests) return found;
				if (found) {
					const before = changes;
					await frame();
					await frame();
					if ((changes === before || performance.now() > until) && look() === found) return found;
					looked = -1;
				} else if (now > until) return null;
			}
			if (performance.now() > until + 1500) return look();
			await new Promise((go) => setTimeout(go, 25));
		}
	};
	return { find, plain, says, wait };
})();`;

let reader: string | undefined;

/** How long one question to the page waits at most, in milliseconds: the driver ends longer ones. */
const ONE_QUESTION_MS = 2000;

/**
 * Asks the page by a script that has `look` and its own arguments, and gives its answer to `done`.
 * @returns its answer; undefined where the page was left meanwhile.
 */
async function asks<T>(driver: WebDriver, script: string, ...args: readonly unknown[]): Promise<T | undefined> {
	const ask = () =>
		driver.executeAsyncScript<T | 'no reader'>(
			`const done = arguments[arguments.length - 1];
			if (!window.tidyLook) { done('no reader'); return; }
			const look = window.tidyLook;
			${script}`,
			...args,
		);
	try {
		const answer = await ask();
		if (answer !== 'no reader') return answer;
		reader ??= `${nameReader()};window.AccessibleNames = AccessibleNames;${LOOK}`;
		await driver.executeScript(reader);
		const again = await ask();
		return again === 'no reader' ? undefined : again;
	} catch {
		return undefined;
	}
}

function specOf(target: Target, kinds: readonly Kind[]) {
	const of = (name: string, from: readonly Kind[]) => ({ name, selectors: from.map((kind) => SELECTORS[kind]) });
	if (typeof target === 'string') return of(target, kinds);
	if ('region' in target) return of(target.region, ['part']);
	return 'field' in target ? of(target.field, ['write']) : target;
}

/**
 * What has this name, as a person sees it or hears it read: the name whole, or else the beginning of one.
 * @param within how long it is waited for, in milliseconds; 0 looks once.
 * @param rests whether it is waited for until the page is at rest, as before a touch.
 * @returns null where nothing has it by then.
 */
export async function lookFor(
	driver: WebDriver,
	target: Target,
	kinds: readonly Kind[],
	within: number,
	rests = false,
): Promise<WebElement | null> {
	const until = Date.now() + within;
	for (;;) {
		const left = Math.max(0, Math.min(ONE_QUESTION_MS, until - Date.now()));
		const found = await asks<WebElement | null>(
			driver,
			'const [spec, within, rests] = arguments; look.wait(() => look.find(spec), within, rests).then(done, () => done(null));',
			specOf(target, kinds),
			left,
			rests,
		);
		if (found || Date.now() >= until) return found ?? null;
		// A page that is being left answers nothing for a moment.
		if (found === undefined) await driver.sleep(30);
	}
}

/**
 * Waits until the page says something.
 * @param isLine whether it is a whole line of the page; else it may be anywhere in it.
 * @returns whether it did.
 */
export async function saysWithin(driver: WebDriver, text: string, isLine: boolean, within: number): Promise<boolean> {
	const until = Date.now() + within;
	for (;;) {
		const left = Math.max(0, Math.min(ONE_QUESTION_MS, until - Date.now()));
		const says = await asks<boolean | null>(
			driver,
			`const [text, isLine, within] = arguments;
			const wanted = look.plain(text);
			const holds = () => isLine ? look.says().split('\\n').some((line) => look.plain(line) === wanted) : look.plain(look.says()).includes(wanted);
			look.wait(holds, within, false).then(done, () => done(null));`,
			text,
			isLine,
			left,
		);
		if (says || Date.now() >= until) return Boolean(says);
		if (says === undefined) await driver.sleep(30);
	}
}

/** What the page says, its white space made plain. */
export async function pageText(driver: WebDriver): Promise<string> {
	return driver.executeScript<string>('return document.body?.innerText ?? ""');
}

/** A text with every run of white space, thin spaces too, as one plain space. */
export function plain(text: string): string {
	return text.replace(/\s+/g, ' ').trim();
}

/** The names of all that can be pressed or written into: told where what was looked for is not among them. */
export async function allNames(driver: WebDriver): Promise<string> {
	const names = await driver.executeScript<readonly string[]>(
		`const seen = (e) => e.checkVisibility() && e.getClientRects().length > 0;
		return [...document.querySelectorAll('button, a[href], [role=link], [role=button], input, textarea')]
			.filter(seen).map((e) => (e.getAttribute('aria-label') || e.innerText || e.placeholder || '').replace(/\\s+/g, ' ').slice(0, 40))`,
	);
	return names.filter((name) => name !== '').join(' · ');
}
