import { readFileSync } from 'node:fs';
import type { Browser } from './browser';

const AXE = readFileSync(require.resolve('axe-core/axe.min.js'), 'utf8');

type Violation = { readonly id: string; readonly help: string; readonly nodes: readonly { readonly html: string }[] };

/**
 * What axe finds wrong on the page: a sentence each.
 * @param only the rules to look at; all of them when left out.
 */
export async function violations(browser: Browser, only?: readonly string[]): Promise<readonly string[]> {
	if (!(await browser.driver.executeScript<boolean>('return Boolean(window.axe)')))
		await browser.driver.executeScript(AXE);
	const found = await browser.driver.executeAsyncScript<readonly Violation[]>(
		`const [rules, done] = arguments;
		axe.run(document, { resultTypes: ['violations'], ...(rules ? { runOnly: { type: 'rule', values: rules } } : {}) }).then(
			({ violations }) => done(violations),
			(error) => done([{ id: String(error), help: '', nodes: [] }]),
		);`,
		only ?? null,
	);
	return found.map(
		({ id, help, nodes }) => `${id}: ${help}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`,
	);
}
