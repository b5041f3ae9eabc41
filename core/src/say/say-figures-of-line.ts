import { START, type Start, sidesOfStart } from '../chain/chain';
import type { ReadChain } from '../chain/read-chain';
import { hasStep, type WorkedChain } from '../chain/work-chain';
import { figuresOfMeasure } from '../quantity/measure-in-parts';
import { listed } from './listed';
import { printQuantity } from './say';
import { figuresText, placeText } from './say-figures';

/** The last part of a line that adds up one measure in parts, as it is printed; null where it is a sum. */
function lastOfMeasure({ start, factors, parts }: ReadChain): string | null {
	const quantities = [start.top, ...factors.flatMap(({ step, top }) => (step?.kind.begins ? [top] : []))];
	const of = figuresOfMeasure(quantities, parts);
	const last = of && of !== 'exact' ? quantities[of.limitedBy] : null;
	return last?.number ? printQuantity({ number: last.number.text, unit: last.unit.text }) : null;
}

/**
 * How many figures the result may have, and because of which inputs; what is exact limits nothing (NIST SP 811, 7.9).
 * @example sayFigures(worked, start) // 'The answer may have 3 figures: of the measured inputs 26.0 mi/h has the fewest. …'
 */
export function sayFigures(worked: WorkedChain, start: Start): string {
	const { significant, atMost, limitedBy, read, place } = worked;
	if (worked.aside.length && worked.parts === 1) return 'The figures of a measure in parts are not checked.';
	const measure = worked.parts > 1 ? lastOfMeasure(read) : null;
	if (measure && significant !== null)
		return `A measure in parts is as precise as its last part, ${measure}: ${place === null ? figuresText(significant) : placeText(place)}.`;
	if (worked.parts > 1 && significant !== null && place !== null)
		return `A sum keeps the last place that all its parts have: ${placeText(place)}.`;
	if (hasStep(read) && significant !== null)
		return `Adding an exact number keeps the last place of ${printQuantity(sidesOfStart(start).top)}.`;
	if (significant === null || atMost === null)
		return 'Everything on this line is exact, so nothing limits the figures.';
	const named = limitedBy.map((index) => {
		const factor = worked.read.factors[index]?.written;
		if (!factor || index === START) return printQuantity(sidesOfStart(start).top);
		return printQuantity(factor.top.number === '1' ? factor.bottom : factor.top);
	});
	const count = significant === atMost ? figuresText(significant) : `${significant} to ${figuresText(atMost)}`;
	const exact = worked.factors.some((factor) => factor.exact) ? ' Exact facts do not limit the figures.' : '';
	return `The answer may have ${count}. Of the measured numbers, ${listed(named)} ${named.length > 1 ? 'have' : 'has'} the fewest.${exact}`;
}
