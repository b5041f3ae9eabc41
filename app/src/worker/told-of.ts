import type { ProblemRead } from '@tidy-sum/core/problem';
import type { Told } from '@tidy-sum/schema';

/** The most a problem keeps of what was read: quantities, and facts. */
const LIMIT = 60;

/** What was read of a problem, as it is kept with its text. */
export function toldOf(read: ProblemRead): Told {
	const { numbers, start, until, terms, times, parts, decimal, difference, exactStart, facts, want, rounding, says } =
		read;
	return {
		marks: numbers.slice(0, LIMIT).map(({ at, role }) => ({ at: [...at], role })),
		start,
		...(until ? { until } : {}),
		...(terms.length ? { terms: [...terms] } : {}),
		...(times?.length ? { times: [...times] } : {}),
		...(parts === undefined ? {} : { parts }),
		...(decimal ? { decimal } : {}),
		...(difference ? { difference } : {}),
		...(exactStart ? { exactStart } : {}),
		facts: facts.slice(0, LIMIT).map((fact) => ({ ...fact })),
		want,
		rounding,
		says: { want: says.want && [...says.want], rounding: says.rounding && [...says.rounding] },
	};
}
