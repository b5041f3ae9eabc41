import type { Store } from '@reduxjs/toolkit';
import type { Head, TriesOf } from '@tidy-sum/schema/desk';
import { headSum } from '@tidy-sum/schema/head-sum';
import { dequal } from 'dequal';
import { isList } from '../work/merged-body';
import { isSheet } from '../work/sheet';
import {
	came,
	goneThere,
	listed,
	missed,
	parted,
	triesCame,
	type WorkEntry,
	type WorksState,
} from '../work/works-reducer';
import { isHere } from '../work/works-state';
import { hashOf } from './key-hash';
import type { Place } from './place';
import type { Failed } from './server-request';
import type { ServerStore } from './server-store';
import { setAside } from './sync-slice';

type State = { readonly works: WorksState; readonly sync: { readonly wanted: readonly string[] } };

type Parts = {
	readonly store: Store<State>;
	readonly server: ServerStore;
	/** How far the changes of the desk have been followed before. */
	readonly place: Place;
	/** Reads the steps of pieces on the device that were not read yet. */
	readonly read: (ids: readonly string[]) => Promise<void>;
	/** What time it is, in milliseconds since 1970. */
	readonly now: () => number;
	/** Called when they have been followed further. */
	readonly onPlace: (place: Place) => void;
	/** Called when all changes are told, and before tries come by themselves. */
	readonly onTold: () => void;
	/** Lets the page paint before what is not needed at once comes. */
	readonly pause: () => Promise<void>;
};

/** So many changed pieces come at once with all that is in them; of more, what was not here yet comes as it is opened. */
const FEW = 60;

/** How many bodies are asked for at a time. */
const AT_ONCE = 40;

/** How often all that is here and there is compared. */
const COMPARE_EVERY_MS = 86_400_000;

/** Follows the changes of a desk on the server. */
export type Follower = {
	/** How far the changes have been followed, and in which generation. */
	readonly place: () => Place;
	/** Whether what the server keeps is of another generation: a backup was brought back, and all is to be compared. */
	readonly isOther: () => boolean;
	/** Compares what is here with the server; where they differ all changes are taken again. */
	readonly compare: () => Promise<Failed | null>;
	/** Whether it is time to compare. */
	readonly isDue: () => boolean;
	/** A change of one's own got this place: it need not be asked for. */
	readonly own: (seqs: readonly number[]) => void;
	/** Takes what has changed since: the heads that were told, where they go on from here without a gap; else it asks. */
	readonly follow: (told?: readonly Head[]) => Promise<Failed | null>;
	/** Whether there are pieces whose steps are on the server alone: those somebody looks at, or any. */
	readonly lacks: (which: 'wanted' | 'any') => boolean;
	/** Fetches the steps of some of them: those looked at first, then those touched last. */
	readonly fetch: () => Promise<Failed | null>;
};

/** What is shown in lists by what is in it: a sheet, the list of what was brought, one's own Shelf. */
function isForLists(exercise: string): boolean {
	return isList(exercise) || isSheet(exercise);
}

export function createFollower({ store, server, place: from, onPlace, onTold, pause, read, now }: Parts): Follower {
	// The first comparing is a day after the beginning.
	let place = from.compared ? from : { ...from, compared: now() };
	/** Pieces whose steps the server could not give: they are not asked for again. */
	const unread = new Set<string>();
	const works = () => store.getState().works;

	const goTo = (next: Partial<Place>) => {
		const then = { ...place, ...next };
		if (dequal(then, place)) return;
		place = then;
		onPlace(then);
	};

	const isOther = () => {
		const there = server.generation();
		return there !== null && place.generation !== null && there !== place.generation;
	};

	/** Whether nothing is on its way, so that what is here and there can be compared. */
	const isInStep = () =>
		!isOther() &&
		!works().erasing?.length &&
		Object.values<WorkEntry>(works().byId).every(({ ahead, version }) => !ahead && version > 0);

	/** Fetches bodies, as many as there are; what comes is given to `take`. */
	const bodies = async (
		ids: readonly string[],
		take: (works: Parameters<typeof came>[0]) => void,
	): Promise<Failed | null> => {
		let left = [...ids];
		while (left.length) {
			const asked = left.slice(0, AT_ONCE);
			const answer = await server.bodies(asked);
			if (answer.came !== 'here') return answer;
			const { works: here, aside } = answer.value;
			if (aside.length) store.dispatch(setAside(aside.filter((id) => !unread.has(id)).length));
			for (const id of aside) unread.add(id);
			take(here);
			const got = new Set([...here.map(({ id }) => id), ...aside]);
			// A long reply leaves the last out; where nothing came at all they are gone.
			if (got.size === 0) for (const id of asked) unread.add(id);
			left = left.filter((id) => !got.has(id) && !unread.has(id));
		}
		return null;
	};

	/** Takes a page of changes: what is gone goes, what is newer comes. */
	const take = async (heads: readonly Head[]): Promise<Failed | null> => {
		const { byId, erasing = [] } = works();
		const gone = heads.filter(({ id, gone: isGone }) => isGone && (byId[id] || erasing.includes(id)));
		if (gone.length) store.dispatch(goneThere(gone.map(({ id }) => id)));
		const newer = heads.filter(({ id, version, gone: isGone }) => {
			const mine = byId[id];
			return !isGone && !(mine && mine.version >= version);
		});
		const now = newer.filter(({ id, exercise }) => newer.length <= FEW || isHere(byId[id]) || isForLists(exercise));
		const asked = new Set(now);
		const later = newer.filter((head) => !asked.has(head));
		if (later.length) store.dispatch(listed(later));
		return bodies(
			now.map(({ id }) => id),
			(here) => {
				for (const work of here) store.dispatch(parted(work));
			},
		);
	};

	/**
	 * Holds pieces that are here and there against each other, whatever their versions say: what both make goes on, and where
	 * each went on by itself both are kept.
	 */
	const reunite = async (heads: readonly Head[]): Promise<Failed | null> => {
		const there = heads.filter(({ id, gone }) => !gone && works().byId[id] && !works().erasing?.includes(id));
		// Pieces whose steps are on the server alone are listed again, from their present heads.
		const listedOnly = there.filter(({ id }) => !isHere(works().byId[id]));
		if (listedOnly.length) store.dispatch(goneThere(listedOnly.map(({ id }) => id)));
		await read(there.map(({ id }) => id));
		const mine = there.filter(({ id }) => works().byId[id] && !works().byId[id]?.away);
		return bodies(
			mine.map(({ id }) => id),
			(here) => {
				for (const work of here) {
					// At once one after the other: what is here must not be sent as if it followed theirs.
					store.dispatch(missed([{ id: work.id, version: work.version }]));
					store.dispatch(parted(work));
				}
			},
		);
	};

	/** What is here and the server has not, or has in an older version: it went back to a backup. */
	const sendMissed = (there: ReadonlyMap<string, number>) => {
		const lost = Object.values<WorkEntry>(works().byId).flatMap((entry) => {
			const { id, version } = entry;
			const theirs = there.get(id);
			return !isHere(entry) || version === 0 || (theirs !== undefined && theirs >= version)
				? []
				: // What it has not is new to it, whoever sends it first.
					[{ id, version: theirs ?? 0 }];
		});
		if (lost.length) store.dispatch(missed(lost));
	};

	/** The tries of pieces whose steps are on the server alone: the Record goes by them. They come in pages, and are shown at once. */
	const tries = async (from: number): Promise<Failed | null> => {
		await pause();
		const all: TriesOf[] = [];
		for (let next: number | null = from; next !== null; ) {
			const answer = await server.tries(next);
			if (answer.came !== 'here') return answer;
			all.push(...answer.value.tries);
			next = answer.value.next;
		}
		store.dispatch(triesCame(all));
		return null;
	};

	const lacksTries = ({ id, tries }: Head) => {
		const mine = works().byId[id];
		return tries > 0 && mine !== undefined && !isHere(mine) && !mine.body.tries;
	};

	/** The heads that were told of changes after this place, where none is missing among them. */
	const going = (told: readonly Head[]): readonly Head[] => {
		const next = told.filter(({ seq }) => seq > place.seq).sort((a, b) => a.seq - b.seq);
		return !isOther() && next.every(({ seq }, i) => seq === place.seq + i + 1) ? next : [];
	};

	/**
	 * Takes all changes after a place, page by page. Where the server went back to a backup it is asked from the beginning, and
	 * all that is here and there is held against each other.
	 */
	const followFrom = async (from: number): Promise<Failed | null> => {
		let after = from;
		let anew = from < place.seq;
		let wentBack = false;
		let of = place.generation;
		let withoutTries = Number.POSITIVE_INFINITY;
		const there = new Map<string, number>();
		for (let more = true; more; ) {
			const answer = await server.changes(after);
			if (answer.came !== 'here') return answer;
			const { works: heads, seq, generation = of } = answer.value;
			const isAnother = of !== null && generation !== of;
			of = generation;
			if (seq < after || isAnother) {
				anew = true;
				wentBack = true;
				after = 0;
				there.clear();
				continue;
			}
			const parting = heads.filter(({ id, version }) => wentBack || works().byId[id]?.version !== version);
			const failed = (anew && (await reunite(parting))) || (await take(heads));
			if (failed) return failed;
			for (const { id, version } of heads) there.set(id, version);
			withoutTries = Math.min(withoutTries, ...heads.filter(lacksTries).map((head) => head.seq));
			after = seq;
			// Until all was told anew one has not been followed anywhere.
			if (!anew) goTo({ seq, generation: of });
			({ more } = answer.value);
		}
		if (anew) {
			sendMissed(there);
			goTo({ seq: after, generation: of });
		}
		onTold();
		return Number.isFinite(withoutTries) ? tries(withoutTries) : null;
	};

	const follow = async (told: readonly Head[] = []): Promise<Failed | null> => {
		const next = going(told);
		const last = next.at(-1);
		if (!last) return followFrom(place.seq);
		const failed = await take(next);
		if (!failed) goTo({ seq: last.seq });
		return failed;
	};

	const compare = async (): Promise<Failed | null> => {
		const answer = await server.sum();
		if (answer.came !== 'here' && answer.came !== 'refused') return answer;
		// Changes made meanwhile would make them differ: they are compared once those are kept.
		if (!isInStep()) return null;
		goTo({ compared: now() });
		if (answer.came === 'refused') return null;
		return answer.value.sum === headSum(Object.values<WorkEntry>(works().byId), hashOf) ? null : followFrom(0);
	};

	const lacking = (): readonly WorkEntry[] =>
		Object.values<WorkEntry>(works().byId).filter((entry) => !isHere(entry) && !unread.has(entry.id));

	const wantedNow = () => {
		const { byId } = works();
		return store.getState().sync.wanted.filter((id) => byId[id] && !isHere(byId[id]) && !unread.has(id));
	};

	return {
		place: () => place,
		isOther,
		compare,
		isDue: () => now() - place.compared > COMPARE_EVERY_MS && isInStep(),
		own: (seqs) => {
			if (isOther()) return;
			// What was kept before anything was followed is of this generation, and is missed in another one.
			const generation = place.generation ?? server.generation();
			let next = place.seq;
			for (const seq of [...seqs].sort((a, b) => a - b)) if (seq === next + 1) next = seq;
			goTo({ seq: next, generation });
		},
		follow,
		lacks: (which) => (which === 'wanted' ? wantedNow().length > 0 : lacking().length > 0),
		fetch: () => {
			const first = wantedNow();
			const order = first.length
				? first
				: [...lacking()].sort((a, b) => (b.touched ?? 0) - (a.touched ?? 0)).map(({ id }) => id);
			return bodies(order.slice(0, AT_ONCE), (here) => store.dispatch(came(here)));
		},
	};
}
