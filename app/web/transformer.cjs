const { createHash } = require('node:crypto');
const { readFileSync } = require('node:fs');
const expo = require('@expo/metro-config/build/transform-worker/transform-worker');
const worker = require('@expo/metro-config/build/transform-worker/metro-transform-worker');
const { drawnAhead } = require('./drawn-ahead.cjs');

/** Makes a module of a source: for the browser as the framework does, for drawing ahead in the quick way above. */
async function transform(config, root, filename, data, options) {
	const isAhead = options.customTransformOptions?.environment === 'node' && options.type === 'module' && !options.dev;
	const quick = isAhead ? await drawnAhead(filename, data.toString('utf8')) : undefined;
	return quick ?? expo.transform(config, root, filename, data, options);
}

module.exports = {
	...worker,
	transform,
	getCacheKey: (...of) =>
		createHash('sha1')
			.update(worker.getCacheKey(...of))
			.update(readFileSync(__filename))
			.update(readFileSync(require.resolve('./drawn-ahead.cjs')))
			.digest('hex'),
};
