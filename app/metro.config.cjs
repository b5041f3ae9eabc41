const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);
config.resolver.assetExts.push('woff2');

// Parts of packages that the app never calls stay out of the script. Zod's messages in some fifty languages
// (English it takes from its own file; about 60 KB gzipped) and its reading and writing of JSON Schema; of the
// drawing package, pictures written as XML texts and the old names of its parts; of the web target, lists that draw only what
// is in view.
const UNUSED = [
	{
		of: /[\\/]zod[\\/]/,
		name: /(locales\/index|from-json-schema|to-json-schema|json-schema-processors|json-schema-generator)\.js$/,
	},
	{ of: /[\\/]react-native-svg[\\/]/, name: /^\.\/(xml|deprecated|transformToRn)$/ },
	{
		of: /[\\/]react-native-web[\\/]/,
		name: /vendor\/react-native\/(FlatList|SectionList|VirtualizedList|VirtualizedSectionList)$/,
	},
];
const resolve = config.resolver.resolveRequest;
config.resolver.resolveRequest = (context, name, platform) => {
	if (UNUSED.some((part) => part.of.test(context.originModulePath) && part.name.test(name))) return { type: 'empty' };
	return (resolve ?? context.resolveRequest)(context, name, platform);
};

// While one develops, requests to /api go on to the server (npm run dev).
const api = process.env.TIDY_SUM_API;
if (api) {
	const { request } = require('node:http');
	const handOn = (asked, answer) => {
		const to = request(new URL(asked.url, api), { method: asked.method, headers: asked.headers }, (reply) => {
			answer.writeHead(reply.statusCode, reply.headers);
			reply.pipe(answer);
		});
		to.on('error', () => answer.writeHead(502).end());
		asked.pipe(to);
	};
	config.server = {
		...config.server,
		enhanceMiddleware: (middleware) => (asked, answer, next) =>
			asked.url.startsWith('/api/') ? handOn(asked, answer) : middleware(asked, answer, next),
	};
}

module.exports = config;
