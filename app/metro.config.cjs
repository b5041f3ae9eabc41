const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);
config.resolver.assetExts.push('woff2');

// Zod's index brings its error messages in some fifty languages. The app uses English, which Zod takes
// from its own file, so the index of languages stays out of the script (about 60 KB gzipped).
const resolve = config.resolver.resolveRequest;
config.resolver.resolveRequest = (context, name, platform) => {
	if (name.endsWith('/locales/index.js') && /[\\/]zod[\\/]/.test(context.originModulePath)) return { type: 'empty' };
	return (resolve ?? context.resolveRequest)(context, name, platform);
};

module.exports = config;
