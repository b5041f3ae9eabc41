import { readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants } from 'node:zlib';
import { minify } from '@swc/core';
import { modulesOf, parted } from './parts.mjs';

const SCRIPTS = '/_expo/static/js/web/';

/** What is fetched as soon as the first script of a page runs: by its address, the scripts whose names begin so. */
const WITH_PAGE = [
	{ of: /^index$/, scripts: ['open-desk', 'today-screen'] },
	{ of: /^desk\//, scripts: ['open-desk', 'desk-screen'] },
	{ of: /^shelf\//, scripts: ['open-desk', 'shelf-part'] },
	{ of: /^/, scripts: ['open-desk'] },
];

/** The parts of shared scripts that a page needs at once; the rest comes with the pages that need it. */
const FIRST = ['open-desk', 'today-screen', 'desk-screen', 'shelf-part', 'keeping', 'kept-rows', 'all-panels'].map(
	(name) => ({
		name: name.split('-')[0],
		of: `${SCRIPTS}${name}-`,
	}),
);

/** What is served compressed; anything shorter than this is not worth it. */
const COMPRESSED = /\.(html|js|css|json|svg|webmanifest|ttf)$/;
const COMPRESSED_FROM = 1024;

/** What tells which version of the app is the newest: it has no second file that could say something else. */
const VERSION = 'sw.js';

function filesIn(folder, at = '') {
	return readdirSync(join(folder, at), { withFileTypes: true }).flatMap((entry) => {
		const path = at ? `${at}/${entry.name}` : entry.name;
		return entry.isDirectory() ? filesIn(folder, path) : [path];
	});
}

/** The title of a page, as its own heading says. */
function titleOf(html) {
	const heading = /<h1[^>]*>([^<]*)<\/h1>/.exec(html)?.[1] ?? '';
	return heading === '' ? 'Tidy Sum' : `${heading} · Tidy Sum`;
}

/**
 * The names of modules that the sources ask for when they are needed, and that have no script of their own: something else
 * takes them along at once, and then nobody can ask for them.
 */
function withoutScript(sources, names) {
	const asked = ['app', 'src']
		.flatMap((folder) => filesIn(join(sources, folder)).map((path) => `${folder}/${path}`))
		.filter((path) => /\.tsx?$/.test(path))
		.flatMap((path) => [...readFileSync(join(sources, path), 'utf8').matchAll(/\bimport\('\.[^']*\/([^'/]+)'\)/g)])
		.map(([, module]) => module);
	return [...new Set(asked)].filter((module) => !names.some((name) => name.startsWith(`${module}-`)));
}

/** Parts what the scripts share, writes the parts, and gives for each script the parts it needs. */
function partScripts(dist) {
	const folder = join(dist, SCRIPTS);
	const names = readdirSync(folder).filter((name) => name.endsWith('.js'));
	const shared = names.find((name) => name.startsWith('__common-'));
	if (!shared) return { names, needs: {}, shared: null };
	const read = (name) => readFileSync(join(folder, name), 'utf8');
	const others = names.filter((name) => !name.startsWith('__') && modulesOf(read(name)).length > 0);
	const { files, needs } = parted(
		read(shared),
		others.map((name) => [`${SCRIPTS}${name}`, read(name)]),
		FIRST,
	);
	for (const [name, text] of files) writeFileSync(join(folder, name), text);
	rmSync(join(folder, shared));
	const paths = Object.entries(needs).map(([path, parts]) => [path, parts.map((part) => `${SCRIPTS}${part}`)]);
	return { names, needs: Object.fromEntries(paths.filter(([, parts]) => parts.length)), shared };
}

/** A page as it is served: its title, the scripts that come with it, and which parts scripts need. */
function finished(html, page, { names, needs, shared }) {
	const starts = WITH_PAGE.find(({ of }) => of.test(page))?.scripts ?? [];
	const paths = starts.flatMap((start) =>
		names.filter((name) => name.startsWith(`${start}-`)).map((name) => `${SCRIPTS}${name}`),
	);
	const ahead = [...new Set(paths.flatMap((path) => [...(needs[path] ?? []), path]))];
	const said = `<script type="application/json" id="script-parts">${JSON.stringify({ ahead, needs })}</script>`;
	return html
		.replace(/<title[^>]*><\/title>/, '')
		.replace('<head>', `<head><title>${titleOf(html)}</title>`)
		.replace(new RegExp(`<script src="[^"]*${shared}"[^>]*></script>`), '')
		.replace('<div id="root">', `${said}<div id="root">`);
}

/** A page without anything on it, which draws itself whatever its address: for a device without a network. */
function shellOf(html) {
	const from = html.indexOf('<div id="root">');
	const to = html.indexOf('<script src=', from);
	return `${html.slice(0, from)}<div id="root"></div>${html.slice(to)}`
		.replace(/<script type="module">globalThis\.__EXPO_ROUTER_HYDRATE__=true;<\/script>/, '')
		.replace(/<title>[^<]*<\/title>/, '<title>Tidy Sum</title>');
}

/** Makes the exported pages those that are served. */
export async function finishPages(dist, sources, names = {}) {
	const scripts = partScripts(dist);
	const missing = withoutScript(sources, scripts.names).join(', ');
	if (missing) throw new Error(`taken along at once by another module, and so without a script of its own: ${missing}`);
	const pages = filesIn(dist).filter((path) => path.endsWith('.html'));
	for (const path of pages) {
		const html = readFileSync(join(dist, path), 'utf8').replace('</head>', `${metaOf(names)}</head>`);
		writeFileSync(join(dist, path), finished(html, path.replace(/\.html$/, ''), scripts));
	}
	rmSync(join(dist, '_sitemap.html'), { force: true });
	writeFileSync(join(dist, 'shell.html'), shellOf(readFileSync(join(dist, '+not-found.html'), 'utf8')));
}

/** What a page knows by name, in its head. */
const metaOf = (names) =>
	Object.entries(names)
		.map(([name, content]) => `<meta name="${name}" content="${content}">`)
		.join('');

/** Makes every script as small as it gets. */
export async function smallScripts(dist) {
	const folder = join(dist, SCRIPTS);
	await Promise.all(
		readdirSync(folder)
			.filter((name) => name.endsWith('.js'))
			.map(async (name) => {
				const { code } = await minify(readFileSync(join(folder, name), 'utf8'), {
					compress: { ecma: 2020 },
					mangle: true,
					module: false,
					format: { comments: false },
				});
				writeFileSync(join(folder, name), code);
			}),
	);
}

const squeeze = promisify(brotliCompress);

/**
 * Writes a compressed copy of every text that is worth it, beside it.
 * @param tell called after each with how many are done, and of how many.
 */
export async function compressed(dist, tell = () => {}) {
	const params = { [constants.BROTLI_PARAM_QUALITY]: 11 };
	const paths = filesIn(dist).filter((path) => COMPRESSED.test(path) && path !== VERSION);
	let done = 0;
	await Promise.all(
		paths.map(async (path) => {
			const text = readFileSync(join(dist, path));
			if (text.length >= COMPRESSED_FROM) writeFileSync(join(dist, `${path}.br`), await squeeze(text, { params }));
			done += 1;
			tell(done, paths.length);
		}),
	);
}
