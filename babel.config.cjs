/** In tests there is no bundler that makes a script of what is asked for with `import()`. */
const plugins = process.env.NODE_ENV === 'test' ? ['@babel/plugin-transform-dynamic-import'] : [];

module.exports = (api) => {
	api.cache(true);
	return { presets: [['babel-preset-expo', { reanimated: false, worklets: false, expoUi: false }]], plugins };
};
