import type { Chain, WorkedChain } from '@tidy-sum/core';
import { printLine, unroundedText } from '@tidy-sum/core/help';

/**
 * A line as plain text that reads in any message: "2.75 in/h × (2.54 cm / 1 in) = 6.985 cm/h". After a step
 * that adds, what came before it is bracketed.
 */
export function lineText(chain: Chain, worked: WorkedChain): string {
	const result = unroundedText(worked);
	return result === '' ? printLine(chain) : `${printLine(chain)} = ${result}`;
}
