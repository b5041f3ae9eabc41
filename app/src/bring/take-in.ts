import { nanoid } from '@reduxjs/toolkit';
import type { Handed } from '@tidy-sum/schema/handed';
import type { AppStore } from '../store/store';
import { BROUGHT, pathOf } from '../work/brought';
import { ownName } from '../work/exercises';
import { takingIn } from '../work/handed';
import { sheetName } from '../work/sheet';
import { did } from '../work/works-slice';

/** Takes in problems that were handed on: several as a sheet, one as a problem of one's own. Gives where they are worked. */
export function takeIn(dispatch: AppStore['dispatch'], handed: Handed): string {
	const name = handed.problems.length > 1 ? sheetName(nanoid(10)) : ownName(nanoid(10));
	dispatch(did(name, takingIn(handed, name)));
	dispatch(did(BROUGHT, { do: 'bring', what: name }));
	return pathOf(name);
}
