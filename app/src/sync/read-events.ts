import { createParser } from 'eventsource-parser';

/** A server-sent event: its name, and what it holds, read as JSON. */
export type ServerEvent = { readonly event: string; readonly data: unknown };

function json(text: string): unknown {
	try {
		return JSON.parse(text);
	} catch {
		return undefined;
	}
}

/**
 * Reads server-sent events as they come, from the body of a reply: unlike the browser's own EventSource, the request can then
 * carry a key in its header. It ends when the stream does.
 * @param alive called whenever something comes, be it only a comment that keeps the connection.
 * @see https://html.spec.whatwg.org/multipage/server-sent-events.html#parsing-an-event-stream
 */
export async function readEvents(
	body: ReadableStream<Uint8Array>,
	hear: (event: ServerEvent) => void,
	alive: () => void = () => {},
): Promise<void> {
	const parser = createParser({
		onEvent: ({ event = 'message', data }) => {
			const held = json(data);
			if (held !== undefined) hear({ event, data: held });
		},
	});
	const reader = body.getReader();
	const text = new TextDecoder();
	for (;;) {
		const { done, value } = await reader.read();
		if (done) return;
		alive();
		parser.feed(text.decode(value, { stream: true }));
	}
}
