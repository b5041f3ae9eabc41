import type { Step } from '@tidy-sum/schema';
import { folding } from './history';
import { CLASSES } from './list-names';
import type { WorksState } from './works-reducer';

/** A class this desk teaches, with the key that opens it. */
export type Taught = { readonly id: string; readonly key: string; readonly title: string };

/** A seat this desk has in a class, with the key of the seat and what the seat is called. */
export type MySeat = Taught & { readonly says: string };

/** The classes of a desk. */
export type MyClasses = { readonly teaches: readonly Taught[]; readonly seats: readonly MySeat[] };

const EMPTY: MyClasses = { teaches: [], seats: [] };

function without<T extends Taught>(list: readonly T[], id: string): readonly T[] {
	return list.filter((one) => one.id !== id);
}

function after(classes: MyClasses, step: Step): MyClasses {
	const { teaches, seats } = classes;
	switch (step.do) {
		case 'teach': {
			const { class: id, key, title } = step;
			return { teaches: [...without(teaches, id), { id, key, title }], seats };
		}
		case 'sit': {
			const { class: id, key, title, says } = step;
			return { teaches, seats: [...without(seats, id), { id, key, title, says }] };
		}
		case 'quit':
			return { teaches: without(teaches, step.class), seats: without(seats, step.class) };
		default:
			return classes;
	}
}

const classesOf = folding(EMPTY, after);

/** The classes of the desk that is open. */
export function myClasses({ byId, open }: WorksState): MyClasses {
	return classesOf(byId[open[CLASSES] ?? '']?.body);
}
