import { NO_TEXTS, PAGE_PLACES, type PageTexts, WITH_PAGE } from '@tidy-sum/schema/page-places';

/** What came with a page, as it is; nothing of it is checked. */
type WithPage = { readonly path: string; readonly texts: PageTexts; readonly round?: unknown };

let read: WithPage | null | undefined;

function readPage(): WithPage | null {
	try {
		const text = globalThis.document.getElementById(WITH_PAGE)?.textContent;
		return text ? (JSON.parse(text) as WithPage) : null;
	} catch {
		return null;
	}
}

/** What came with this page for an address; null for any other. */
function withPage(path: string): WithPage | null {
	if (read === undefined) read = readPage();
	return read?.path === path ? read : null;
}

/**
 * What stands in the places of the page of an address: while pages are drawn ahead the places themselves, on a device what
 * came with the page.
 */
export function pageTexts(path: string): PageTexts {
	if (!globalThis.document) return PAGE_PLACES;
	return withPage(path)?.texts ?? NO_TEXTS;
}

/** The Round that came with the page of an address, not checked yet. */
export function pageRound(path: string): unknown {
	return withPage(path)?.round;
}
