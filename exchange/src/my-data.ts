import { bad, good, type Outcome } from '@tidy-sum/core';
import { idSchema, type WorkBody, workBodySchema, z } from '@tidy-sum/schema';
import { type MyData, myDataSchema } from '@tidy-sum/schema/my-data';

/** A piece of work with its id, as a file of one's work holds it. */
export type Piece = { readonly id: string; readonly body: WorkBody };

/** All of one's work: its pieces, which of them lies on the Desk for an exercise, and what the device is set to. */
export type MyWork = {
	readonly pieces: readonly Piece[];
	readonly open: Readonly<Record<string, string>>;
	readonly settings: unknown;
};

/**
 * All of one's work as the text of a file (JSON). No id and no key of a desk stands in it.
 * @example writeMyData({ pieces, open, settings }, new Date()) // {"tidySum":1,"holds":"my-work",…}
 */
export function writeMyData({ pieces, open, settings }: MyWork, now: Date): string {
	const works = pieces.map(({ id, body }) => ({ id, body }));
	const file: MyData = { tidySum: 1, holds: 'my-work', made: now.toISOString(), works, open, settings };
	return JSON.stringify(file);
}

const pieceSchema = z.object({ id: idSchema, body: workBodySchema });

/**
 * Reads the text of a file of one's work. A piece that cannot be read is counted in `aside`, and hides none of the rest.
 * @returns the work; or a fault: `not-json` of what is none, `shape` of another file.
 */
export function readMyData(text: string): Outcome<MyWork & { readonly aside: number }> {
	let json: unknown;
	try {
		json = JSON.parse(text);
	} catch {
		return bad('not-json', 'This file is not JSON, or a part of it is missing. Nothing was changed.');
	}
	const file = myDataSchema.safeParse(json);
	if (!file.success)
		return bad('shape', 'This file has no saved work in it. Nothing was changed. To add exercises, go to Problems.');
	const { works, open, settings } = file.data;
	const read = works.map((work) => pieceSchema.safeParse(work));
	const pieces = read.flatMap((one) => (one.success ? [one.data] : []));
	return good({ pieces, open, settings, aside: read.length - pieces.length });
}
