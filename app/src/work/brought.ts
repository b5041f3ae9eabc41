import { printQuantity, sidesOfStart } from '@tidy-sum/core';
import type { Step } from '@tidy-sum/schema';
import { isOwn, titleOf } from './exercises';
import { folding } from './history';
import { workNamed } from './how-far';
import { BROUGHT, DRAFT } from './list-names';
import { arranged } from './listing';
import { isSheet, sheetNameOf, sheetOf, sheetTitle } from './sheet';
import * as words from './words';
import type { WorksState } from './works-reducer';

/** What was put in order, and what was taken out of the list; all by name. */
type Listing = { readonly order: readonly string[]; readonly left: readonly string[] };

const EMPTY: Listing = { order: [], left: [] };

function after(listing: Listing, step: Step): Listing {
	const { order, left } = listing;
	switch (step.do) {
		case 'bring':
			return {
				order: [step.what, ...order.filter((name) => name !== step.what)],
				left: left.filter((name) => name !== step.what),
			};
		case 'arrange':
			return {
				...listing,
				order: arranged(
					order.includes(step.what) ? order : [...order, step.what],
					(name) => name === step.what,
					step.to,
				),
			};
		case 'leave':
			return { ...listing, left: [...left, step.what] };
		default:
			return listing;
	}
}

const listingOf = folding(EMPTY, after);

/** The names of the sheets and problems that were brought, as they are listed: what was not put in order comes last. */
export function broughtIn(works: WorksState): readonly string[] {
	const { order, left } = listingOf(works.byId[works.open[BROUGHT] ?? '']?.body);
	const isListed = (name: string) =>
		isSheet(name) || (isOwn(name) && name !== DRAFT && sheetNameOf(works, name) === null);
	const gone = new Set(left);
	const there = new Set(Object.keys(works.open).filter((name) => isListed(name) && !gone.has(name)));
	// What was put in order comes first; a set keeps each name where it stood first.
	return [...new Set([...order.filter((name) => there.has(name)), ...there])];
}

/** Where what was brought is worked: a sheet on its page, a problem on the Desk. */
export function pathOf(name: string): string {
	return isSheet(name) ? `/sheet/${name}` : `/desk/${name}`;
}

/** What something that was brought is called. */
export function titleNamed(works: WorksState, name: string): string {
	if (isSheet(name)) return sheetTitle(sheetOf(works.byId[works.open[name] ?? '']?.body));
	const work = workNamed(works, name);
	if (!work) return words.aProblemOfMyOwn;
	const { title, text, start } = work;
	const from = start ? printQuantity(sidesOfStart(start).top) : '';
	return titleOf({ title, text: text || from }, words.aProblemOfMyOwn);
}
