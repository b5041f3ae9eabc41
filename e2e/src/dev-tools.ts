import WebSocket from 'ws';

/** How long a browser may take to answer, in milliseconds. */
const ANSWERS_WITHIN_MS = 20_000;

type Reply = { readonly id?: number; readonly result?: unknown; readonly error?: { readonly message: string } };

/** The developer tools of a whole browser, beside those of its pages, which the driver has: contexts are opened by them. */
export class DevTools {
	private last = 0;
	private readonly asked = new Map<number, (reply: Reply) => void>();

	private constructor(private readonly socket: WebSocket) {
		socket.on('message', (text) => {
			const reply = JSON.parse(`${text}`) as Reply;
			if (reply.id === undefined) return;
			this.asked.get(reply.id)?.(reply);
			this.asked.delete(reply.id);
		});
	}

	static async of(address: string): Promise<DevTools> {
		const about = (await (await fetch(`http://${address}/json/version`)).json()) as { webSocketDebuggerUrl: string };
		const socket = new WebSocket(about.webSocketDebuggerUrl);
		await new Promise<void>((resolve, reject) => {
			socket.once('open', resolve);
			socket.once('error', reject);
		});
		return new DevTools(socket);
	}

	async send<T>(method: string, params: Record<string, unknown>): Promise<T> {
		this.last += 1;
		const id = this.last;
		const reply = await new Promise<Reply>((resolve) => {
			const late = setTimeout(() => resolve({ error: { message: 'no answer' } }), ANSWERS_WITHIN_MS);
			this.asked.set(id, (answer) => {
				clearTimeout(late);
				resolve(answer);
			});
			this.socket.send(JSON.stringify({ id, method, params }));
		});
		if (reply.error) throw new Error(`${method}: ${reply.error.message}`);
		return reply.result as T;
	}

	close(): void {
		this.socket.close();
	}
}
