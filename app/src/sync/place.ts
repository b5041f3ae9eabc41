/** How far a device has followed the changes of a desk, and in which generation of what the server keeps. */
export type Place = {
	readonly seq: number;
	/** Null until the server has named one. */
	readonly generation: string | null;
	/** When all that is here and there was last compared, in milliseconds since 1970. */
	readonly compared: number;
};

/** Where a device is that has followed nothing. */
export const NO_PLACE: Place = { seq: 0, generation: null, compared: 0 };

/** A place as a row of the device has it; before there were generations it was a number alone. */
export function placeIn(row: unknown): Place {
	if (typeof row === 'number') return { ...NO_PLACE, seq: row };
	const { seq, generation, compared } = (row ?? {}) as Partial<Record<keyof Place, unknown>>;
	return {
		seq: typeof seq === 'number' ? seq : 0,
		generation: typeof generation === 'string' ? generation : null,
		compared: typeof compared === 'number' ? compared : 0,
	};
}
