// What the page says of its scripts (tools/lib/pages.mjs): which are fetched as soon as the first one runs, so that the network
// has something to do meanwhile; and which parts a script shares with others, that must come before it.
const { ahead = [], needs = {} } = JSON.parse(document.getElementById('script-parts')?.textContent || '{}');

// They hold modules alone, which are read when they are asked for: it does no harm that they run at once, in this order.
for (const src of ahead) document.head.append(Object.assign(document.createElement('script'), { src, async: false }));

const name = `${typeof __METRO_GLOBAL_PREFIX__ === 'string' ? __METRO_GLOBAL_PREFIX__ : ''}__loadBundleAsync`;
const load = globalThis[name];

globalThis[name] = async (path) => {
	await Promise.all((needs[path] ?? []).map(load));
	return load(path);
};
