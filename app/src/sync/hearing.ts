import type { Head } from '@tidy-sum/schema/desk';
import type { Place } from './place';
import type { Heard } from './server-store';

type Changed = Exclude<Heard, { readonly closed: true }>;

/** What was heard of a desk and is not taken yet. */
export type Hearing = {
	readonly hear: (changed: Changed, place: Place) => void;
	/** Whether the changes go on from a place, or the server went back. */
	readonly isMore: (place: Place) => boolean;
	/** The heads of the changes after a place that were sent in its generation. They count as taken from now on. */
	readonly take: (place: Place) => readonly Head[];
};

export function createHearing(): Hearing {
	let seq: number | null = null;
	let told: readonly { readonly head: Head; readonly generation: string | undefined }[] = [];
	return {
		hear: ({ seq: next, heads, generation }, place) => {
			seq = next;
			told = [...told, ...heads.map((head) => ({ head, generation }))].filter(({ head }) => head.seq > place.seq);
		},
		isMore: (place) => seq !== null && seq !== place.seq,
		take: (place) => {
			const heads = told.filter(({ generation = null }) => generation === place.generation).map(({ head }) => head);
			seq = null;
			told = [];
			return heads;
		},
	};
}
