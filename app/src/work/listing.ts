/** A list with one of its things moved to a place, from 0; as it was where it has no such thing. */
export function arranged<T>(list: readonly T[], isIt: (one: T) => boolean, to: number): readonly T[] {
	const one = list.find(isIt);
	if (one === undefined) return list;
	const others = list.filter((other) => other !== one);
	return [...others.slice(0, to), one, ...others.slice(to)];
}
