import { printQuantity, sayQuantity } from '../say/say';
import type { TableFact } from './fact';
import { factTable } from './fact-tables';

/** A fact as print has it, "1 ft = 12 in", and said aloud, "1 foot is 12 inches"; degrees are so long "for each" other. */
export function factText({ left, right, tables: [table = 'own'] }: TableFact): {
	readonly text: string;
	readonly say: string;
} {
	const { joins } = factTable(table);
	return {
		text: `${printQuantity(left)} ${joins ?? '='} ${printQuantity(right)}`,
		say: `${sayQuantity(left)} ${joins ?? 'is'} ${sayQuantity(right)}`,
	};
}
