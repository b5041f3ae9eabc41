// Stands in for parts of the framework this app never shows: stacks of native pages, a list of routes, messages of development,
// and the components of icons, which are drawn from their data alone.
const nothing = () => null;

module.exports = Object.assign(() => nothing, {
	createNativeStackNavigator: () => ({ Navigator: nothing }),
	featureFlags: { experiment: {} },
	Sitemap: nothing,
	Toast: nothing,
	ToastWrapper: nothing,
});
