const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);
config.resolver.assetExts.push('woff2');

// Parts of Zod that the app never calls stay out of the script: its messages in some fifty languages
// (English it takes from its own file; about 60 KB gzipped), and the reading and writing of JSON Schema.
const UNUSED = /(locales\/index|from-json-schema|to-json-schema|json-schema-processors|json-schema-generator)\.js$/;
const resolve = config.resolver.resolveRequest;
config.resolver.resolveRequest = (context, name, platform) => {
	if (UNUSED.test(name) && /[\\/]zod[\\/]/.test(context.originModulePath)) return { type: 'empty' };
	return (resolve ?? context.resolveRequest)(context, name, platform);
};

module.exports = config;
