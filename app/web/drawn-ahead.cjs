const { createHash } = require('node:crypto');
const { extname } = require('node:path');
const esbuild = require('esbuild');

/** The languages a module of the second bundle is written in, by its extension. */
const LOADERS = { '.js': 'jsx', '.cjs': 'jsx', '.mjs': 'jsx', '.jsx': 'jsx', '.ts': 'ts', '.tsx': 'tsx' };

const REQUIRE = /\brequire\("((?:[^"\\]|\\.)+)"\)/g;

/** Whether a module is written with imports: they resolve by other conditions than `require` does. */
const IMPORTS = /^\s*(?:import|export)\b/m;

/** An import as esbuild and TypeScript write it at the top of a module: a name nothing else has, and what it takes. */
const TAKEN = /^(?:var|const) (import_[\w$]+|[\w$]+_\d+) = (.*require\("[^"]+"\).*);$/gm;

/** A module whose imports are read when they are first used, as in the scripts: a page has the styles of what is on it alone. */
function readWhenUsed(code) {
	const names = [...code.matchAll(TAKEN)].map(([, name]) => name);
	if (names.length === 0) return code;
	const used = new RegExp(`\\b(${names.map((name) => name.replaceAll('$', '\\$')).join('|')})(?=\\.)`, 'g');
	return code.replace(used, '($1())').replace(TAKEN, 'var $1 = $once(() => $2);');
}

function dependency(name, isESMImport) {
	const key = createHash('sha1')
		.update(`${name}\0${isESMImport ? 'import' : 'require'}`)
		.digest('base64');
	// One that is missing fails where it is asked for, as in Node, and not before.
	return {
		name,
		data: { key, asyncType: null, isESMImport, isOptional: true, locs: [], exportNames: ['*'], imports: 1 },
	};
}

/**
 * A module of the bundle that draws pages ahead. It runs once, in Node, while the app is built, so nothing has to
 * make it small, as scripts for the browser are: esbuild alone makes it CommonJS, in a twentieth of the time the bundler's own way takes.
 * @returns the module as Metro keeps it; undefined for one that has to go the bundler's own way.
 */
async function drawnAhead(filename, source) {
	const loader = LOADERS[extname(filename)];
	if (!loader || source.includes('require.context') || source.includes('@flow')) return undefined;
	const { code } = await esbuild
		.transform(source, {
			loader,
			format: 'cjs',
			jsx: 'automatic',
			target: 'node20',
			legalComments: 'none',
			supported: { 'dynamic-import': false },
			define: {
				__DEV__: 'false',
				'process.env.NODE_ENV': '"production"',
				'process.env.EXPO_OS': '"web"',
				'process.env.EXPO_SERVER': 'true',
				'process.env.EXPO_BASE_URL': '""',
			},
		})
		.catch(() => ({ code: undefined }));
	if (code === undefined) return undefined;
	const names = [...new Set([...code.matchAll(REQUIRE)].map(([, name]) => JSON.parse(`"${name}"`)))];
	const hasImports = IMPORTS.test(source);
	const at = JSON.stringify(Object.fromEntries(names.map((name, i) => [name, i])));
	const wrapped = `__d(function (global, $require, $importDefault, $importAll, module, exports, $map) {
const require = Object.assign((name) => $require($map[${at}[name]], name), $require);
const $once = (read) => { let had; return () => (had ??= { it: read() }).it; };
${readWhenUsed(code)}
});`;
	return {
		dependencies: names.map((name) => dependency(name, hasImports)),
		output: [
			{
				type: 'js/module',
				data: {
					code: wrapped,
					lineCount: wrapped.split('\n').length,
					map: { __version: 1, __count: 0, __names: [], __packed: [] },
					functionMap: null,
				},
			},
		],
	};
}

module.exports = { drawnAhead };
