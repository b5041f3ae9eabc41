import { keepWorkSchema, worksSchema, z } from '@tidy-sum/schema';
import {
	changesSchema,
	erasedSchema,
	idsSchema,
	keptSchema,
	placeSchema,
	sumSchema,
	triesSchema,
} from '@tidy-sum/schema/desk';
import { noDesk } from '../admission';
import { RequestFault } from '../errors';
import { BYTES_LIMIT, type Kept, PIECES_LIMIT } from '../keeping/create-keeping';
import { bodiesOf, changesAfter, sumOf, triesFrom } from '../keeping/works';
import { type Route, route } from './route';
import * as words from './words';

const changes = route({
	method: 'get',
	path: '/desks/:desk/works',
	says: words.whatChangedOnADeskAfterA,
	who: 'desk or demo',
	query: z.object({ after: placeSchema }),
	reply: changesSchema,
	codes: ['no-desk', 'erased', 'shape'],
	answer: async ({ parts: { db, generation }, by: { desk }, query: { after } }) => {
		// Asked first: what is read of a later one is then compared once more, and never taken for this one.
		const of = await generation();
		const { works, seq, more } = await changesAfter(db, desk, after);
		return { works: [...works], seq, more, generation: of };
	},
});

const sum = route({
	method: 'get',
	path: '/desks/:desk/sum',
	says: words.howManyPiecesOfWorkADesk,
	who: 'desk',
	reply: sumSchema,
	codes: ['no-desk', 'erased'],
	answer: ({ parts: { db }, by: { desk } }) => sumOf(db, desk),
});

const bodies = route({
	method: 'get',
	path: '/desks/:desk/bodies',
	says: words.piecesOfWorkByIdWithTheir,
	who: 'desk or demo',
	query: z.object({ ids: idsSchema }),
	reply: worksSchema,
	codes: ['no-desk', 'erased', 'shape', 'too-many'],
	answer: async ({ parts: { db, turns }, by: { desk }, query: { ids } }) => {
		const { works, aside } = await turns(desk, () => bodiesOf(db, desk, ids));
		return { works: [...works], aside: [...aside] };
	},
});

const tries = route({
	method: 'get',
	path: '/desks/:desk/tries',
	says: words.theTriesOfADesksWorkPageBy,
	who: 'desk or demo',
	query: z.object({ from: placeSchema }),
	reply: triesSchema,
	codes: ['no-desk', 'erased', 'shape', 'too-many'],
	answer: async ({ parts: { db, turns }, by: { desk }, query: { from } }) => {
		const page = await turns(desk, () => triesFrom(db, desk, from));
		return { tries: [...page.tries], next: page.next };
	},
});

/** What came of a change that was not kept, as a refusal. */
function refused({ came }: Exclude<Kept, { came: 'kept' | 'conflict' }>): never {
	switch (came) {
		case 'no-desk':
			return noDesk();
		case 'erased':
			throw new RequestFault(410, 'piece-erased', words.thisPieceOfWorkWasErased);
		case 'unreadable':
			throw new RequestFault(409, 'unreadable', words.theStoredVersionCannotBe);
		case 'too-much':
			throw new RequestFault(413, 'too-much', words.aDeskHoldsUpToPiecesOfWork(PIECES_LIMIT, BYTES_LIMIT / 1_000_000));
	}
}

/** Whether a request keeps work from before undo was a step: it is read as if the rest had been undone. */
function isOfBefore(request: unknown): boolean {
	const sent = (request as { readonly body?: { readonly body?: unknown } }).body?.body;
	return typeof sent === 'object' && sent !== null && 'at' in sent;
}

const keep = route({
	method: 'put',
	path: '/desks/:desk/works/:id',
	says: words.savesAVersionOfAPieceOf,
	who: 'desk or new',
	body: keepWorkSchema,
	reply: keptSchema,
	codes: [
		'no-desk',
		'erased',
		'piece-erased',
		'read-only',
		'not-json',
		'too-large',
		'too-much',
		'shape',
		'conflict',
		'generation',
		'unreadable',
		'full',
		'too-many',
	],
	answer: async ({ ctx, parts: { keeping, now, admission }, by, params: { id = '' }, body }) => {
		await admission.countBytes(ctx, by.desk, Buffer.byteLength(ctx.request.rawBody ?? ''));
		const kept = await keeping.keep(by.desk, by.hash, id, body, now());
		if (kept.came === 'no-desk') {
			// The key fitted a moment ago: what it is now says whether the desk was erased.
			await admission.admit(ctx, by.desk);
			return noDesk();
		}
		admission.fitted(by);
		if (kept.came === 'kept')
			return {
				version: kept.version,
				...(kept.seq === undefined ? {} : { seq: kept.seq }),
				...(isOfBefore(ctx.request) ? { body: body.body } : {}),
			};
		if (kept.came !== 'conflict') return refused(kept);
		ctx.status = 409;
		ctx.body = {
			error: { code: 'conflict', message: words.thisWorkWasChanged },
			kept: kept.work,
		};
		return undefined;
	},
});

const erase = route({
	method: 'delete',
	path: '/desks/:desk/works/:id',
	says: words.erasesAPieceOfWorkAnd,
	who: 'desk',
	reply: erasedSchema,
	codes: ['no-desk', 'erased', 'shape'],
	answer: async ({ parts: { keeping, now }, by: { desk, hash }, params: { id = '' } }) => {
		const gone = await keeping.erase(desk, hash, id, now());
		return gone.came === 'kept' ? { id, version: gone.version } : noDesk();
	},
});

/** Work on a desk. */
export const WORKS: readonly Route[] = [changes, sum, bodies, tries, keep, erase];
