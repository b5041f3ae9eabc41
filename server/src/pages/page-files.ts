import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

/** The pages of the exported app. */
export type PageFiles = {
	/**
	 * The page that is served at an address, by its path in the folder without its ending: the one of that name, else the one
	 * for any name in its place, else the one that says there is nothing here.
	 * @example pageAt('/desk/new-snow') // 'desk/new-snow'
	 * @example pageAt('/desk/own-abc') // 'desk/[name]'
	 */
	readonly pageAt: (path: string) => string;
	/** Whether a path is the file of a page that is not served. */
	readonly hides: (path: string) => boolean;
	/** Whether a page is the one that says there is nothing here. */
	readonly isNothing: (page: string) => boolean;
	/** The text of a page. */
	readonly textOf: (page: string) => string;
	/** What the content security policy says of the scripts that stand in the pages themselves. */
	readonly scriptSources: readonly string[];
};

const PAGE = /\.html$/;

/** A script that stands in a page and is run: it has a text, and no type that makes it plain data. */
const INLINE = /<script(?![^>]*\bsrc=)(?![^>]*application\/json)[^>]*>([^<]+)<\/script>/g;

/** What a page for any name is called. */
const ANY_NAME = /^\[.*\]$/;

const NOTHING_HERE = '+not-found';

function sourceOf(script: string): string {
	return `'sha256-${createHash('sha256').update(script).digest('base64')}'`;
}

/**
 * Reads the pages of a folder once; they do not change while the server runs.
 * @param hidden the pages that are not served, by their paths without the ending.
 */
export function pageFiles(folder: string, hidden: readonly string[] = []): PageFiles {
	const names = readdirSync(folder, { recursive: true, encoding: 'utf8' })
		.filter((name) => PAGE.test(name))
		.map((name) => name.replaceAll('\\', '/').replace(PAGE, ''))
		.filter((name) => !hidden.includes(name));
	const texts = new Map(names.map((name) => [name, readFileSync(join(folder, `${name}.html`), 'utf8')]));
	const anyIn = new Map(
		names.flatMap((name) => {
			const parts = name.split('/');
			return ANY_NAME.test(parts.at(-1) ?? '') ? [[parts.slice(0, -1).join('/'), name]] : [];
		}),
	);
	const nothing = texts.has(NOTHING_HERE) ? NOTHING_HERE : 'index';
	const scripts = [...texts.values()].flatMap((text) => [...text.matchAll(INLINE)].map(([, script = '']) => script));
	return {
		pageAt: (path) => {
			const name = path.replace(/^\/+|\/+$/g, '') || 'index';
			const at = [name, `${name}/index`].find((one) => texts.has(one));
			return at ?? anyIn.get(name.split('/').slice(0, -1).join('/')) ?? nothing;
		},
		hides: (path) => hidden.some((name) => path === `/${name}.html`),
		isNothing: (page) => page === NOTHING_HERE,
		textOf: (page) => texts.get(page) ?? '',
		scriptSources: [...new Set(scripts)].map(sourceOf),
	};
}
