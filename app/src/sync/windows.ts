/** The windows of one desk in this browser: whether there are others, and what they write. */
export type Windows = {
	/** Whether another window of the desk was ever heard of; always where windows cannot hear each other. */
	readonly others: () => boolean;
	/** Tells the others which pieces were written. */
	readonly wrote: (ids: readonly string[]) => void;
	readonly close: () => void;
};

type Said = { readonly is: 'here' | 'too' } | { readonly is: 'wrote'; readonly ids: readonly string[] };

/**
 * Finds the other windows of a desk, by a channel they all hear.
 * @param onWrote called with the ids of pieces that another window wrote.
 * @see https://html.spec.whatwg.org/multipage/web-messaging.html#broadcasting-to-other-browsing-contexts
 */
export function windowsOf(desk: string, onWrote: (ids: readonly string[]) => void): Windows {
	if (!globalThis.BroadcastChannel) return { others: () => true, wrote: () => {}, close: () => {} };
	const channel = new BroadcastChannel(`tidy-sum ${desk}`);
	const say = (said: Said) => channel.postMessage(said);
	let isAlone = true;
	channel.onmessage = ({ data }: MessageEvent<Said>) => {
		isAlone = false;
		if (data.is === 'here') say({ is: 'too' });
		if (data.is === 'wrote') onWrote(data.ids);
	};
	say({ is: 'here' });
	return {
		others: () => !isAlone,
		wrote: (ids) => {
			if (ids.length && !isAlone) say({ is: 'wrote', ids });
		},
		close: () => channel.close(),
	};
}
