import { spawn } from 'node:child_process';
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './lib/run.mjs';
import { commandLine, packages, tool } from './lib/steps.mjs';

const PORT = process.env.PORT ?? '4310';
const APP_PORT = process.env.APP_PORT ?? '8081';
const BIN = join(ROOT, 'node_modules', '.bin');

/** A page for who opens the server itself: while one develops, the app comes from its own server. */
function standIn() {
	const folder = join(ROOT, 'tools', 'dist', 'dev-app');
	mkdirSync(folder, { recursive: true });
	const app = `http://127.0.0.1:${APP_PORT}/`;
	writeFileSync(
		join(folder, 'index.html'),
		`<!DOCTYPE html><meta charset="utf-8"><title>Tidy Sum</title><p>The app is at <a href="${app}">${app}</a>`,
	);
	return folder;
}

/** A process of the development pair; when it ends, so does the other. */
function begin(name, args, options) {
	const child = spawn(process.execPath, args, { stdio: ['ignore', 'inherit', 'inherit'], cwd: ROOT, ...options });
	child.on('exit', (code) => {
		process.stdout.write(`· ${name} ended (${code})\n`);
		process.exit(code ?? 1);
	});
	return child;
}

/**
 * Server and app with reload on change: the server starts anew when a file of it, of the core or of the schemas is
 * saved; the app's development server bundles what has changed, and hands /api on to the server.
 */
await tool(async () => {
	await packages();
	await commandLine();
	const server = begin('the server', [join(BIN, 'tsx'), 'watch', '--clear-screen=false', 'server/src/main.ts'], {
		env: { ...process.env, PORT, APP_DIR: standIn() },
	});
	const app = begin('the app', [join(BIN, 'expo'), 'start', '--web', '--port', APP_PORT, '--max-workers', '2'], {
		cwd: join(ROOT, 'app'),
		env: {
			...process.env,
			EXPO_OFFLINE: '1',
			EXPO_NO_TELEMETRY: '1',
			BROWSER: 'none',
			TIDY_SUM_API: `http://127.0.0.1:${PORT}`,
		},
	});
	process.stdout.write(`· the app will be at http://127.0.0.1:${APP_PORT}/ (the first page takes some seconds)\n`);
	for (const signal of ['SIGINT', 'SIGTERM'])
		process.on(signal, () => {
			server.kill(signal);
			app.kill(signal);
			process.exit(0);
		});
});
