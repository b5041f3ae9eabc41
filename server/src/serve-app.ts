import type { Middleware } from 'koa';
import compose from 'koa-compose';
import serve from 'koa-static';
import type { PageFiles } from './pages/page-files';
import { filledPage, withPage } from './pages/with-page';

/** Files whose names carry a hash of what is in them never change. */
const HASHED = /[\\/](?:_expo[\\/]static|assets|reading)[\\/]/;

/** What reads pictures runs WebAssembly, in workers of its own and nowhere else. */
const READING = /[\\/]reading[\\/]/;
const READING_POLICY = [
	"default-src 'none'",
	"script-src 'self' 'wasm-unsafe-eval'",
	"connect-src 'self'",
	"worker-src 'self'",
].join(';');

/** A page for any name in its place. */
const ANY_NAME = /\[.*\]$/;

/**
 * Serves the exported app: hashed files for a year, everything else is asked for again; for every other address the page that
 * was drawn ahead for it, with the text of its exercise where the server can make it. A browser that takes it gets the
 * compressed file beside each.
 */
export function serveApp(folder: string, pages: PageFiles): Middleware {
	const files = serve(folder, {
		setHeaders: (response, path) => {
			if (READING.test(path)) response.setHeader('Content-Security-Policy', READING_POLICY);
			response.setHeader('Cache-Control', HASHED.test(path) ? 'public, max-age=31536000, immutable' : 'no-cache');
		},
	});
	const page: Middleware = async (ctx, next) => {
		const wantsPage = ctx.method === 'GET' || ctx.method === 'HEAD';
		if (!wantsPage || ctx.path.startsWith('/api/') || /\.[a-z0-9]+$/i.test(ctx.path) || !ctx.accepts('html'))
			return next();
		const name = pages.pageAt(ctx.path);
		if (!ANY_NAME.test(name)) {
			ctx.path = `/${name}.html`;
			await files(ctx, next);
			if (pages.isNothing(name) && ctx.body) ctx.status = 404;
			return;
		}
		ctx.set('Cache-Control', 'no-cache');
		ctx.type = 'html';
		ctx.body = filledPage(pages.textOf(name), withPage(ctx.path));
	};
	const served: Middleware = (ctx, next) => (pages.hides(ctx.path) ? next() : files(ctx, next));
	return compose([served, page]);
}
