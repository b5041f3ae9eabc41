import { nanoid } from '@reduxjs/toolkit';
import type { Step } from '@tidy-sum/schema';
import type { Handed } from '@tidy-sum/schema/handed';
import type { AppStore } from '../store/store';
import { pathOf } from '../work/brought';
import { ownName } from '../work/exercises';
import { takingIn } from '../work/handed';
import { BROUGHT } from '../work/list-names';
import { sheetName } from '../work/sheet';
import { did, laid } from '../work/works-reducer';

/**
 * Takes in problems that were handed on: several as a sheet, one as a problem of one's own. Gives where they are worked; for
 * one that came with how it was worked, where that is played back.
 */
export function takeIn(dispatch: AppStore['dispatch'], handed: Handed): string {
	const name = handed.problems.length > 1 ? sheetName(nanoid(10)) : ownName(nanoid(10));
	const worked = workedOf(handed);
	if (worked) dispatch(laid(name, worked));
	else dispatch(did(name, takingIn(handed, name)));
	dispatch(did(BROUGHT, { do: 'bring', what: name }));
	return worked ? `/replay/${name}?at=0` : pathOf(name);
}

/** How a problem that was handed on alone was worked; null where that did not come along. */
export function workedOf({ problems: [only, ...more] }: Handed): readonly Step[] | null {
	return only?.worked?.length && !more.length ? only.worked : null;
}
