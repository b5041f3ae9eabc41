const { readdirSync } = require('node:fs');
const { join } = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);
config.resolver.assetExts.push('woff2');
config.transformerPath = join(__dirname, 'web', 'transformer.cjs');

// A module is read when something of it is first used, and not before: what the first touch does not need is read after it.
// The core is read whole, since what it reckons with is looked up too often for that; so is what the Record and the other pages
// behind a touch are made of: it is read as their script comes, and not when they are touched.
const WHOLE = [
	join(__dirname, '..', 'core', 'src'),
	...['bring', 'record', 'rounds', 'taking'].map((room) => join(__dirname, 'src', room)),
	...['react-table', 'table-core'].map((name) => join(__dirname, '..', 'node_modules', '@tanstack', name)),
];
const readWhole = WHOLE.flatMap((folder) =>
	readdirSync(folder, { recursive: true }).map((name) => [join(folder, name), true]),
);
config.transformer.getTransformOptions = async () => ({
	transform: { experimentalImportSupport: false, inlineRequires: { blockList: Object.fromEntries(readWhole) } },
});

/** Parts of the web target that nothing here draws. */
const UNDRAWN = [
	'ActivityIndicator',
	'Alert',
	'Animated',
	'Button',
	'CheckBox',
	'Clipboard',
	'DrawerLayoutAndroid',
	'FlatList',
	'Image',
	'ImageBackground',
	'InputAccessoryView',
	'InteractionManager',
	'KeyboardAvoidingView',
	'LayoutAnimation',
	'LogBox',
	'Modal',
	'PanResponder',
	'PermissionsAndroid',
	'Picker',
	'Pressable',
	'ProgressBar',
	'RefreshControl',
	'SafeAreaView',
	'SectionList',
	'Share',
	'StatusBar',
	'Switch',
	'TouchableHighlight',
	'TouchableNativeFeedback',
	'TouchableOpacity',
	'TouchableWithoutFeedback',
	'Vibration',
	'VirtualizedList',
	'VirtualizedSectionList',
	'YellowBox',
].join('|');

// Parts of packages that the app never calls stay out of the script. Zod's messages in some fifty languages
// (English it takes from its own file) and its reading and writing of JSON Schema; of the drawing package, pictures written
// as XML texts and the old names of its parts; of the web target, what is not drawn; of the router, tabs, stacks with
// headers, links with previews and what a page of its own would show.
const UNUSED = [
	{
		of: /[\\/]zod[\\/]/,
		name: /(locales\/index|from-json-schema|to-json-schema|json-schema-processors|json-schema-generator)\.js$/,
	},
	{ of: /[\\/]react-native-svg[\\/]/, name: /^\.\/(xml|deprecated|transformToRn)$/ },
	{ of: /[\\/]react-native-web[\\/]dist[\\/]index\.js$/, name: new RegExp(`^\\./exports/(${UNDRAWN})$`) },
	{
		of: /[\\/]expo-router[\\/]build[\\/](exports|index)\.js$/,
		name: /^\.\/(layouts\/(Tabs|experimental-stack)|standard-navigation|views\/(ErrorBoundary|useSitemap)|react-navigation\/native\/useScrollToTop|stack|link|color)$/,
	},
	{ of: /[\\/]expo-router[\\/]build[\\/]views[\\/]/, name: /^\.\.\/link\/Link$/ },
	{ of: /[\\/]expo-router[\\/]build[\\/]ExpoRoot\.js$/, name: /^\.\/onboard\/Tutorial$/ },
	{ of: /[\\/]expo-router[\\/]build[\\/]layouts[\\/]withLayoutContext\.js$/, name: /NativeTabTrigger$/ },
	{ of: /[\\/]expo-router[\\/]build[\\/]layouts[\\/]StackClient\.js$/, name: /^\.\/stack-utils$/ },
	{ of: /[\\/]expo-router[\\/]build[\\/]primitives[\\/]index\.js$/, name: /^\.\/elements$/ },
	{
		of: /[\\/]expo-router[\\/]build[\\/]react-navigation[\\/]native[\\/]index\.js$/,
		name: /^\.\/(createStaticNavigation|Link|ServerContainer|useLinkBuilder|useLinkProps|useLinkTo|useScrollToTop)$/,
	},
	{
		of: /[\\/]expo-router[\\/]build[\\/]react-navigation[\\/]core[\\/]index\.js$/,
		name: /^\.\/StaticNavigation$/,
	},
	{
		of: /[\\/]expo-router[\\/]build[\\/]react-navigation[\\/]routers[\\/]index\.js$/,
		name: /^\.\/(DrawerRouter|TabRouter)$/,
	},
];
// What is asked for something while its module is read has a stand-in instead.
const STOOD_IN = [
	{ of: /[\\/]expo-router[\\/]build[\\/]layouts[\\/]StackClient\.js$/, name: /createNativeStackNavigator$/ },
	{ of: /[\\/]expo-router[\\/]build[\\/](exports|ExpoRoot)\.js$/, name: /^\.\/views\/Sitemap$/ },
	{ of: /[\\/]expo-router[\\/]build[\\/]views[\\/]/, name: /^\.\/Toast$/ },
	{ of: /[\\/]lucide-react-native[\\/]/, name: /createLucideIcon\.mjs$/ },
	{ of: /[\\/]expo-router[\\/]build[\\/]screensFeatureFlags\.js$/, name: /^react-native-screens$/ },
];

/** Says now and then how many modules are known by now, to whoever started the build (tools/lib/build-app.mjs). */
const known = new Set();
const COUNTED_EVERY = 50;
function counted(module, environment = 'browser') {
	if (!process.env.TIDY_SUM_COUNTS || module.type !== 'sourceFile') return module;
	const before = known.size;
	known.add(`${environment} ${module.filePath}`);
	if (known.size > before && known.size % COUNTED_EVERY === 0)
		process.stderr.write(`tidy-sum: ${known.size} modules\n`);
	return module;
}

const unused = { type: 'sourceFile', filePath: join(__dirname, 'web', 'unused.js') };
const resolve = config.resolver.resolveRequest;
const found = (context, name, platform) => {
	// Pages are drawn ahead with the whole framework, and with the one web target that the app itself names parts of.
	if (context.customResolverOptions?.environment === 'node') {
		const target = /^react-native(-web)?$/.test(name) ? join('react-native-web', 'dist', 'index.js') : name;
		return (resolve ?? context.resolveRequest)(context, target, platform);
	}
	const isIn = (list) => list.some((part) => part.of.test(context.originModulePath) && part.name.test(name));
	if (isIn(UNUSED)) return { type: 'empty' };
	if (isIn(STOOD_IN)) return unused;
	return (resolve ?? context.resolveRequest)(context, name, platform);
};
config.resolver.resolveRequest = (context, name, platform) =>
	counted(found(context, name, platform), context.customResolverOptions?.environment);

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
