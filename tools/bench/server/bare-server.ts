import { join } from 'node:path';
import { bodyParser } from '@koa/bodyparser';
import Sqlite from 'better-sqlite3';
import Koa from 'koa';

/**
 * The floor that saving is held against: Koa and better-sqlite3 and nothing more. It reads the body of a request and writes it,
 * with the same pragmas as the server; no key, no schema, no version.
 */
const db = new Sqlite(join(process.env.DATA_DIR ?? '.', 'bare.sqlite'));
db.pragma('journal_mode = WAL');
db.pragma('synchronous = FULL');
db.exec(
	'create table if not exists work (desk text, id text, version integer, body text, kept text, primary key (desk, id))',
);
const insert = db.prepare('insert or replace into work values (?, ?, ?, ?, ?)');

const app = new Koa();
app.use(bodyParser({ enableTypes: ['json'], jsonLimit: '3mb' }));
app.use((ctx) => {
	const [, , , desk, , id] = ctx.path.split('/');
	const { base, body } = ctx.request.body as { base: number; body: unknown };
	const kept = new Date().toISOString();
	insert.run(desk, id, base + 1, JSON.stringify(body), kept);
	ctx.body = { id, version: base + 1, body, kept };
});
const server = app.listen(0, '127.0.0.1', () => {
	const { port } = server.address() as { port: number };
	process.stdout.write(`Tidy Sum is at http://127.0.0.1:${port}/\n`);
});
