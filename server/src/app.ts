import Koa from 'koa';
import compress from 'koa-compress';
import helmet from 'koa-helmet';
import type { Logger } from 'pino';
import { createAdmission } from './admission';
import { api } from './api';
import { createClassAdmission } from './class-admission';
import { errors } from './errors';
import { createKeepTries } from './keeping/class-tries';
import { createKeeping } from './keeping/create-keeping';
import type { Database } from './keeping/database';
import { type Events, eventsHere } from './keeping/events';
import { knownGeneration } from './keeping/generation';
import { createRoom } from './keeping/room';
import { createLimits } from './limits';
import { createMetrics, type Metrics } from './metrics';
import { pageFiles } from './pages/page-files';
import { requestLog } from './request-log';
import { requestId, securityLog } from './security-log';
import { serveApp } from './serve-app';
import { createTurns } from './turns';

export type AppParts = {
	readonly db: Database;
	readonly log: Logger;
	readonly appFolder: string;
	readonly version: string;
	readonly now?: () => Date;
	/** How what is kept is told to other devices; in this process alone where it is left out. */
	readonly events?: Events;
	/** How many proxies stand before the server, whose word for an address is taken. */
	readonly proxies?: number;
	/** Whether people come by https: browsers are then told to come no other way. */
	readonly secure?: boolean;
	/** What the limits are multiplied by: a load that is made on purpose needs room. */
	readonly limitFactor?: number;
	/** The generation of the database; asked for once where it is left out. */
	readonly generation?: () => Promise<string>;
	/** Past so many bytes of work no new desk is taken; null where there is no limit. */
	readonly diskLimit?: number | null;
	/** After how many days desks that nobody used are cleared away; null where they never are. */
	readonly keepDays?: number | null;
	/** Whether requests are counted for metrics. */
	readonly metered?: boolean;
	/** Whether `/specimen` is served, for whoever builds the app. */
	readonly specimen?: boolean;
};

/** The server, what ends its open streams when it stops, and its metrics where it is metered. */
export type Served = { readonly app: Koa; readonly endStreams: () => void; readonly metrics: Metrics | null };

/** How long a browser goes on coming by https alone, in seconds: half a year. */
const HSTS_SECONDS = 15_552_000;

/** What of a device the pages may use: nothing but sharing and the full screen. */
const PERMISSIONS = 'camera=(), microphone=(), geolocation=(), payment=(), usb=(), browsing-topics=()';

/**
 * Everything the app needs comes from this server; styles are written into the page by the app itself, and of the scripts that
 * stand in its pages the policy knows each by its hash.
 */
const policy = (scripts: readonly string[]) => ({
	defaultSrc: ["'self'"],
	scriptSrc: ["'self'", ...scripts],
	styleSrc: ["'self'", "'unsafe-inline'"],
	imgSrc: ["'self'", 'data:'],
	fontSrc: ["'self'", 'data:'],
	connectSrc: ["'self'"],
	workerSrc: ["'self'", 'blob:'],
	objectSrc: ["'none'"],
	baseUri: ["'none'"],
	formAction: ["'self'"],
	frameAncestors: ["'none'"],
	upgradeInsecureRequests: null,
});

/** The server, as a list of what it does to a request, outermost first. */
export function createApp({
	db,
	log,
	appFolder,
	version,
	now = () => new Date(),
	events = eventsHere(),
	proxies = 0,
	secure = false,
	limitFactor = 1,
	generation = knownGeneration(db),
	diskLimit = null,
	keepDays = null,
	metered = false,
	specimen = false,
}: AppParts): Served {
	const app = new Koa({ proxy: proxies > 0, maxIpsCount: proxies });
	const note = securityLog(log, now);
	const limits = createLimits(db, limitFactor, note);
	const pages = pageFiles(appFolder, specimen ? [] : ['specimen']);
	const hasRoom = createRoom(db, diskLimit, now);
	const streams = new Set<{ end(): unknown }>();
	const routes = api({
		db,
		version,
		now,
		events,
		limits,
		streams,
		generation,
		keeping: createKeeping(db, events),
		keepTries: createKeepTries(db, events),
		note,
		keepDays,
		admission: createAdmission({ db, limits, now, note, hasRoom }),
		classAdmission: createClassAdmission({ db, limits, now, note, hasRoom }),
		turns: createTurns(),
	});
	app.silent = true;
	app.on('error', (error) => log.debug({ code: error.code }, 'connection'));
	const metrics = metered ? createMetrics({ db, streams }) : null;
	app.use(requestId);
	if (metrics) app.use(metrics.counted);
	app.use(requestLog(log));
	app.use(
		helmet({
			contentSecurityPolicy: { useDefaults: false, directives: policy(pages.scriptSources) },
			strictTransportSecurity: secure ? { maxAge: HSTS_SECONDS } : false,
		}),
	);
	app.use(async (ctx, next) => {
		ctx.set('Permissions-Policy', PERMISSIONS);
		await next();
	});
	// What comes bit by bit is not held back until there is enough to compress.
	app.use(
		compress({
			threshold: 1024,
			filter: (type) => !/event-stream/.test(type) && /text|json|javascript|svg|xml|font/.test(type),
		}),
	);
	app.use(errors(log));
	app.use(routes.routes());
	app.use(routes.allowedMethods());
	app.use(serveApp(appFolder, pages));
	return {
		app,
		metrics,
		endStreams: () => {
			for (const stream of streams) stream.end();
		},
	};
}
