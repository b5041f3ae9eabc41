import type { Mark, Role } from '@tidy-sum/core';
import { CellFault, ITEMS, items } from './cell';

const ROLES: ReadonlySet<string> = new Set<Role>(['start', 'fact', 'spare']);

/** The places of a text, from and to in UTF-16 units, with what stands there: "10-18 start; 30-35 fact". */
export function readMarksCell(text: string): Mark[] {
	return items(text).map((item) => {
		const found = /^(\d{1,6})-(\d{1,6}) ([a-z]+)$/.exec(item);
		if (!found || !ROLES.has(found[3] as string)) throw new CellFault(`“${item}” is no place such as 10-18 start`);
		return { at: [Number(found[1]), Number(found[2])], role: found[3] as Role };
	});
}

/** The same written. */
export function marksCell(marks: readonly Mark[]): string {
	return marks.map(({ at: [from, to], role }) => `${from}-${to} ${role}`).join(ITEMS);
}
