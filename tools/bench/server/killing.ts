import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type Row, row } from '../measure';
import { ask, bodyOf, newDeskKey, startProcess } from './asking';

const KILLS = Number(process.env.KILLS ?? 200);
const SAVERS = 8;

/** Kills the server again and again while work is saved, and looks for all that was acknowledged. */
export async function killing(): Promise<readonly Row[]> {
	const folder = mkdtempSync(join(tmpdir(), 'tidy-sum-bench-'));
	const { desk, key } = newDeskKey();
	const acknowledged = new Map<string, number>();
	let server = await startProcess('server/src/main.ts', { DATA_DIR: folder });
	let lost = 0;
	for (let kill = 0; kill < KILLS; kill++) {
		let going = true;
		const { url } = server;
		const saving = Promise.all(
			Array.from({ length: SAVERS }, async (_, i) => {
				const id = `work-${i}-${kill % 25}`;
				for (let base = acknowledged.get(id) ?? 0; going; base++) {
					const reply = await ask(url, 'PUT', `/api/desks/${desk}/works/${id}`, { key, body: bodyOf(8, base) }).catch(
						() => null,
					);
					if (reply?.status !== 200) return;
					acknowledged.set(id, base + 1);
				}
			}),
		);
		await new Promise((resolve) => setTimeout(resolve, 60 + Math.random() * 120));
		server.child.kill('SIGKILL');
		await server.ended;
		going = false;
		await saving;
		server = await startProcess('server/src/main.ts', { DATA_DIR: folder });
		const { body } = await ask(server.url, 'GET', `/api/desks/${desk}/works`, { key });
		const kept = new Map<string, number>(
			JSON.parse(body).works.map((one: { id: string; version: number }) => [one.id, one.version]),
		);
		for (const [id, version] of acknowledged) {
			if ((kept.get(id) ?? 0) < version) lost += 1;
			// What was kept and not acknowledged in time is gone on from.
			acknowledged.set(id, Math.max(version, kept.get(id) ?? 0));
		}
	}
	server.child.kill('SIGTERM');
	await server.ended;
	rmSync(folder, { recursive: true, force: true });
	const saves = [...acknowledged.values()].reduce((sum, version) => sum + version, 0);
	return [row(`lost in ${KILLS} kills under load, of ${saves} acknowledged saves`, lost, { most: 0 }, '')];
}
