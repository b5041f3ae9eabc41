/** Where it is noted, for this window alone, when and why the page was loaded again. */
const MARK = 'tidy-sum-loaded-again';

/** A page that was loaded again for a newer version is not loaded again for it within this time, whatever goes wrong. */
const ONCE_IN_MS = 60_000;

/** How long a page that was loaded again says so. */
const SAYS_WITHIN_MS = 30_000;

/** Why a page was loaded again: a new version was taken, or a part of its own version was gone. */
export type Why = 'taken' | 'gone';

type Mark = { readonly why: Why; readonly when: number };

function readMark(): Mark | null {
	try {
		const { why, when } = JSON.parse(globalThis.sessionStorage?.getItem(MARK) ?? '{}');
		return (why === 'taken' || why === 'gone') && typeof when === 'number' ? { why, when } : null;
	} catch {
		return null;
	}
}

/** Loads the page again and notes why; a window that cannot note it loads it all the same where `why` is a touch. */
function again(why: Why, now: number, load: () => void): void {
	try {
		globalThis.sessionStorage.setItem(MARK, JSON.stringify({ why, when: now }));
	} catch {
		// Without the note a part that is gone could load the page for ever.
		if (why === 'gone') return;
	}
	load();
}

const loadPage = () => globalThis.location.reload();

/** Loads the page again with the version that was taken. */
export function loadTaken(load: () => void = loadPage): void {
	again('taken', Date.now(), load);
}

/** Why this page was loaded again a short while ago; null where it was not. */
export function loadedAgain(now: number = Date.now()): Why | null {
	const mark = readMark();
	return mark && now - mark.when < SAYS_WITHIN_MS ? mark.why : null;
}

/**
 * Loads the page again where a part of it cannot be had from a server that answers: a newer version is there, and the parts of
 * this one are gone. It does so once in a while and no more, and not while the network is away.
 */
export async function loadWhereGone(load: () => void = loadPage): Promise<void> {
	const mark = readMark();
	if (mark && Date.now() - mark.when < ONCE_IN_MS) return;
	const live = await fetch('/api/health/live').catch(() => null);
	if (live?.ok) again('gone', Date.now(), load);
}
