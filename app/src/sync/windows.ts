/** The windows of one desk in this browser: whether there are others, and what they write. */
export type Windows = {
	/** Whether another window of the desk was ever heard of; always where windows cannot hear each other. */
	readonly others: () => boolean;
	/** Tells the others which pieces were written, and which were erased. */
	readonly wrote: (ids: readonly string[], gone: readonly string[]) => void;
	/** Tells the others that the desk was taken off this device. */
	readonly left: () => void;
	readonly close: () => void;
};

/** What is called when another window does something. */
export type Hears = {
	readonly onWrote: (ids: readonly string[], gone: readonly string[]) => void;
	readonly onLeft: () => void;
};

type Said =
	| { readonly is: 'here' | 'too' | 'left' }
	| { readonly is: 'wrote'; readonly ids: readonly string[]; readonly gone: readonly string[] };

/**
 * Finds the other windows of a desk, by a channel they all hear.
 * @see https://html.spec.whatwg.org/multipage/web-messaging.html#broadcasting-to-other-browsing-contexts
 */
export function windowsOf(desk: string, { onWrote, onLeft }: Hears): Windows {
	if (!globalThis.BroadcastChannel) return { others: () => true, wrote: () => {}, left: () => {}, close: () => {} };
	const channel = new BroadcastChannel(`tidy-sum ${desk}`);
	let isClosed = false;
	const say = (said: Said) => {
		if (!isClosed) channel.postMessage(said);
	};
	let isAlone = true;
	channel.onmessage = ({ data }: MessageEvent<Said>) => {
		isAlone = false;
		if (data.is === 'here') say({ is: 'too' });
		if (data.is === 'wrote') onWrote(data.ids, data.gone);
		if (data.is === 'left') onLeft();
	};
	say({ is: 'here' });
	return {
		others: () => !isAlone,
		wrote: (ids, gone) => {
			if (ids.length + gone.length && !isAlone) say({ is: 'wrote', ids, gone });
		},
		left: () => say({ is: 'left' }),
		close: () => {
			isClosed = true;
			channel.close();
		},
	};
}
