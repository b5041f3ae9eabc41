import { type Fact, goalOf, type Role, type Want } from '@tidy-sum/core';
import type { Told } from '@tidy-sum/schema';
import { dequal } from 'dequal';
import type { ByHand, Placed, Work } from './work-shape';

/** Where nothing was said by hand. */
export const NOTHING_BY_HAND: ByHand = {
	start: false,
	want: false,
	rounding: false,
	difference: false,
	exactStart: false,
	facts: [],
	dropped: [],
	marks: [],
};

/** Whether two places in a text are one. */
export function sameSpan(a: Placed['at'], b: Placed['at']): boolean {
	return a[0] === b[0] && a[1] === b[1];
}

/** Whether two facts say the same with the same sides. */
export function sameFact(a: Fact, b: Fact): boolean {
	return dequal([a.left, a.right], [b.left, b.right]);
}

/** Facts without one of them. */
export function without(facts: readonly Fact[], fact: Fact): readonly Fact[] {
	return facts.filter((one) => !sameFact(one, fact));
}

const NO_EXERCISE = { prompt: '', facts: [], rounding: 'none' } as const;

/** What is wanted, and the unit a line would end in. */
export function wanted(asked: Want | null): Pick<Work, 'asked' | 'want'> {
	return { asked, want: asked && (goalOf({ ...NO_EXERCISE, want: asked }) ?? '') };
}

/** The work with what was read of its text, under what was said by hand. */
export function withTold(work: Work, told: Told): Work {
	const { byHand } = work;
	const hand = (at: Placed['at']) => byHand.marks.some((one) => sameSpan(one.at, at));
	// Where the start was said by hand, what was read for it is none.
	const roleOf = (role: Role | null) => (role === 'start' && byHand.start ? 'spare' : role);
	const read = told.marks.flatMap(({ at, role }): readonly Placed[] => {
		const place = roleOf(role);
		return place && !hand(at) ? [{ at, role: place }] : [];
	});
	const given = byHand.marks.flatMap(({ at, role }): readonly Placed[] => (role === 'none' ? [] : [{ at, role }]));
	const isLeft = (fact: Fact) => ![...byHand.facts, ...byHand.dropped].some((one) => sameFact(one, fact));
	return {
		...work,
		told,
		placed: [...read, ...given],
		stated: [...told.facts.filter(isLeft), ...byHand.facts],
		...(byHand.start
			? {}
			: {
					start: told.start,
					until: told.until ?? null,
					terms: told.terms ?? [],
					startFigures: null,
				}),
		...(byHand.start || byHand.exactStart ? {} : { exactStart: told.exactStart ?? false }),
		...(byHand.difference ? {} : { difference: told.difference ?? false }),
		...(byHand.want ? {} : wanted(told.want)),
		...(byHand.rounding ? {} : { rounding: told.rounding }),
	};
}

function sharedLength(a: string, b: string): number {
	let shared = 0;
	while (shared < Math.min(a.length, b.length) && a[shared] === b[shared]) shared += 1;
	return shared;
}

/**
 * What was said by hand of a text that was changed: a place given moves with its words. Of a text that has little in
 * common with the one before nothing holds, since it is another problem.
 */
export function movedByHand({ byHand, text: before }: Work, after: string): ByHand {
	if (before === after || before === '') return byHand;
	const head = sharedLength(before, after);
	const back = (text: string) => [...text.slice(head)].reverse().join('');
	const tail = sharedLength(back(before), back(after));
	if (2 * (head + tail) < Math.min(before.length, after.length)) return NOTHING_BY_HAND;
	const by = after.length - before.length;
	const marks = byHand.marks.flatMap(({ at: [from, to], role }): ByHand['marks'] => {
		if (to <= head) return [{ at: [from, to], role }];
		return from >= before.length - tail ? [{ at: [from + by, to + by], role }] : [];
	});
	return { ...byHand, marks };
}
