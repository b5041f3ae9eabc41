/** What a window wrote: pieces, and pieces it took away. Of those the student erased the server may not know yet. */
export type Wrote = {
	readonly ids: readonly string[];
	readonly gone: readonly string[];
	readonly erased: readonly string[];
};

/** The windows of one desk in this browser: whether there are others, and what they write. */
export type Windows = {
	/** Whether another window of the desk was ever heard of; always where windows cannot hear each other. */
	readonly others: () => boolean;
	/** Tells the others what was written. */
	readonly wrote: (what: Wrote) => void;
	/** Tells the others that the desk was taken off this device. */
	readonly left: () => void;
	readonly close: () => void;
};

/** What is called when another window does something. */
export type Hears = {
	readonly onWrote: (what: Wrote) => void;
	readonly onLeft: () => void;
};

type Said = { readonly is: 'here' | 'too' | 'left' } | ({ readonly is: 'wrote' } & Wrote);

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
		if (data.is === 'wrote') onWrote(data);
		if (data.is === 'left') onLeft();
	};
	say({ is: 'here' });
	return {
		others: () => !isAlone,
		wrote: (what) => {
			if (what.ids.length + what.gone.length && !isAlone) say({ is: 'wrote', ...what });
		},
		left: () => say({ is: 'left' }),
		close: () => {
			isClosed = true;
			channel.close();
		},
	};
}
