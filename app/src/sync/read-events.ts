/** A server-sent event: its name, and what it holds, read as JSON. */
export type ServerEvent = { readonly event: string; readonly data: unknown };

function eventIn(block: string): ServerEvent | null {
	let event = 'message';
	const data: string[] = [];
	for (const line of block.split('\n')) {
		const [, name, value = ''] = /^(event|data):? ?(.*)$/.exec(line) ?? [];
		if (name === 'event') event = value;
		if (name === 'data') data.push(value);
	}
	if (!data.length) return null;
	try {
		return { event, data: JSON.parse(data.join('\n')) };
	} catch {
		return null;
	}
}

/**
 * Reads server-sent events as they come, from the body of a reply: unlike the browser's own EventSource, the request can then
 * carry a key in its header. It ends when the stream does.
 * @param alive told whenever something comes, be it only a comment that keeps the connection.
 * @see https://html.spec.whatwg.org/multipage/server-sent-events.html#parsing-an-event-stream
 */
export async function readEvents(
	body: ReadableStream<Uint8Array>,
	hear: (event: ServerEvent) => void,
	alive: () => void = () => {},
): Promise<void> {
	const reader = body.getReader();
	const text = new TextDecoder();
	let rest = '';
	for (;;) {
		const { done, value } = await reader.read();
		if (done) return;
		alive();
		rest += text.decode(value, { stream: true }).replace(/\r\n?/g, '\n');
		const blocks = rest.split('\n\n');
		rest = blocks.pop() ?? '';
		for (const block of blocks) {
			const event = eventIn(block);
			if (event) hear(event);
		}
	}
}
