import Koa from 'koa';
import compress from 'koa-compress';
import helmet from 'koa-helmet';
import type { Logger } from 'pino';
import { api } from './api';
import type { Database } from './database';
import { errors } from './errors';
import { requestLog } from './request-log';
import { serveApp } from './serve-app';

export type AppParts = {
	readonly db: Database;
	readonly log: Logger;
	readonly appFolder: string;
	readonly version: string;
	readonly now?: () => Date;
};

/** Everything the app needs comes from this server; styles are written into the page by the app itself. */
const POLICY = {
	defaultSrc: ["'self'"],
	scriptSrc: ["'self'"],
	styleSrc: ["'self'", "'unsafe-inline'"],
	imgSrc: ["'self'", 'data:'],
	fontSrc: ["'self'", 'data:'],
	connectSrc: ["'self'"],
	workerSrc: ["'self'", 'blob:'],
	objectSrc: ["'none'"],
	frameAncestors: ["'none'"],
	upgradeInsecureRequests: null,
};

/** The server, as a list of what it does to a request, outermost first. */
export function createApp({ db, log, appFolder, version, now = () => new Date() }: AppParts): Koa {
	const app = new Koa();
	const routes = api({ db, version, now });
	app.silent = true;
	app.on('error', (error) => log.debug({ err: error }, 'connection'));
	app.use(requestLog(log));
	app.use(
		helmet({ contentSecurityPolicy: { useDefaults: false, directives: POLICY }, strictTransportSecurity: false }),
	);
	app.use(compress({ threshold: 1024 }));
	app.use(errors(log));
	app.use(routes.routes());
	app.use(routes.allowedMethods());
	app.use(serveApp(appFolder));
	return app;
}
