import {
	convert as convertQuantity,
	type Outcome,
	parseUnit,
	printQuantity,
	type Quantity,
	readQuantityText,
	solutionOf,
	TABLE_NAMES,
	workChain,
} from '@tidy-sum/core';
import { sayFigures } from '@tidy-sum/core/help';
import { type LineBetween, lineBetween } from '@tidy-sum/core/shelf';
import { lineLatex } from '@tidy-sum/exchange/line-latex';
import { lineText } from '@tidy-sum/exchange/line-text';
import { json, type PeopleCommand, unread } from './command';
import * as words from './words';

type Line = Pick<LineBetween, 'chain' | 'result' | 'unit'>;

/** The line between two units: over factors where they lead there, else with the shift of a temperature. */
function lineTo(start: Quantity, unit: string): Outcome<Line> {
	const over = lineBetween(start, unit, TABLE_NAMES);
	const to = parseUnit(unit);
	if (over.ok || !to.ok) return over;
	const result = convertQuantity(start, unit);
	const solved = solutionOf({ prompt: '', start, facts: [], want: { unit }, rounding: 'figures' });
	if (!result.ok || !solved.ok || !solved.value.chain) return over;
	return { ok: true, value: { chain: solved.value.chain, result: result.value, unit: to.value.text } };
}

/** The worked line from a quantity to a unit, its result with the figures it may have, and why. */
export const convert: PeopleCommand = {
	name: 'convert',
	takes: [
		['quantity', words.whatTheLineStartsFromSuch],
		['unit', words.theUnitItShouldEndInSuchAs],
	],
	flags: [
		['--json', words.theLineAndItsResultAsJson],
		['--latex', words.theLineAsLatex],
	],
	says: words.workALineFromAQuantityToA,
	examples: [words.tidySumConvertMiHFtS, words.tidySumConvertDegcKJson],
	run: async ([quantity = '', unit = ''], flags) => {
		const start = readQuantityText(quantity);
		if (!start.ok) return unread(start.fault.message);
		const line = lineTo(start.value, unit);
		if (!line.ok) return unread(line.fault.message);
		const { chain, result } = line.value;
		const worked = workChain(chain);
		if (!worked.ok) return unread(worked.fault.message);
		if (flags.json)
			return { text: json({ chain, unit: line.value.unit, ...result, value: `${result.value}` }), code: 0 };
		if (flags.latex) return { text: lineLatex(chain, worked.value), code: 0 };
		const says = [
			lineText(chain, worked.value),
			words.is(printQuantity(start.value), result.text, line.value.unit),
			sayFigures(worked.value, chain.start),
		];
		return { text: says.join('\n'), code: 0 };
	},
};
