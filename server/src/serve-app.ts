import { createReadStream } from 'node:fs';
import { join } from 'node:path';
import type { Middleware } from 'koa';
import compose from 'koa-compose';
import serve from 'koa-static';

/** Files whose names carry a hash of what is in them never change. */
const HASHED = /[\\/](?:_expo[\\/]static|assets)[\\/]/;

/** Serves the exported app: hashed files for a year, everything else asked for anew; any other page is the app itself. */
export function serveApp(folder: string): Middleware {
	const files = serve(folder, {
		setHeaders: (response, path) => {
			response.setHeader('Cache-Control', HASHED.test(path) ? 'public, max-age=31536000, immutable' : 'no-cache');
		},
	});
	const page: Middleware = async (ctx, next) => {
		const wantsPage = ctx.method === 'GET' || ctx.method === 'HEAD';
		if (!wantsPage || ctx.path.startsWith('/api/') || /\.[a-z0-9]+$/i.test(ctx.path) || !ctx.accepts('html'))
			return next();
		ctx.set('Cache-Control', 'no-cache');
		ctx.type = 'html';
		ctx.body = createReadStream(join(folder, 'index.html'));
	};
	return compose([files, page]);
}
