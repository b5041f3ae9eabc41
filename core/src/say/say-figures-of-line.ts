import { START, type Start, sidesOfStart } from '../chain/chain';
import { hasStep, type WorkedChain } from '../chain/work-chain';
import { listed } from './listed';
import { printQuantity } from './say';
import { figuresText, placeText } from './say-figures';

/**
 * How many figures the result may have, and because of which inputs; what is exact limits nothing (NIST SP 811, 7.9).
 * @example sayFigures(worked, start) // 'The answer may have 3 figures: of the measured inputs 26.0 mi/h has the fewest. …'
 */
export function sayFigures(worked: WorkedChain, start: Start): string {
	const { significant, atMost, limitedBy, read, place } = worked;
	if (worked.aside.length && worked.parts === 1) return 'A measure in parts is not asked for its figures.';
	if (worked.parts > 1 && significant !== null && place !== null)
		return `A sum keeps the last place that all its parts have: ${placeText(place)}.`;
	if (hasStep(read) && significant !== null)
		return `A step that adds keeps the last place of ${printQuantity(sidesOfStart(start).top)}; what is added is exact.`;
	if (significant === null || atMost === null)
		return 'Everything on this line is exact, so nothing limits the figures.';
	const named = limitedBy.map((index) => {
		const factor = worked.read.factors[index]?.written;
		if (!factor || index === START) return printQuantity(sidesOfStart(start).top);
		return printQuantity(factor.top.number === '1' ? factor.bottom : factor.top);
	});
	const count = significant === atMost ? figuresText(significant) : `${significant} to ${figuresText(atMost)}`;
	const exact = worked.factors.some((factor) => factor.exact) ? ' The exact facts limit nothing.' : '';
	return `The answer may have ${count}: of the measured inputs ${listed(named)} ${named.length > 1 ? 'have' : 'has'} the fewest.${exact}`;
}
