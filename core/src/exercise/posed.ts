import type { Factor, Start } from '../chain/chain';
import type { Fact } from '../fact/fact';
import { quantityOfRow } from '../quantity/quantity';
import type { Exercise, Rounding, Want } from './exercise';
import type { GoesBy } from './goes-by';
import { markedText } from './marked-text';

/** A problem as a person would write it down. */
export type Posed = {
	/** The problem, its quantities marked: "falls at {2.75 in/h|start}". */
	readonly text: string;
	/** "2.75 in/h", or "3.6 km in 12.5 min" for one quantity over another; left out where nothing is started from. */
	readonly start?: string;
	/** What the problem tells: "12 jar = 1 crate"; measured unless "exact" stands after it. */
	readonly facts?: readonly string[];
	/** A unit, or another kind of answer. */
	readonly want: string | Want;
	/** The key: "60 min / 1 h", with "^2" after it for a power; left out where it is no line of factors. */
	readonly line?: readonly string[];
	readonly exactStart?: boolean;
	/** The other end of a range; quantities to add to the start. */
	readonly until?: string;
	readonly terms?: readonly string[];
	/** Quantities to multiply the start by. */
	readonly times?: readonly string[];
	/** Whether start and terms are one measure in parts; where it is left out, they tell. */
	readonly parts?: boolean;
	readonly difference?: boolean;
	readonly rounding?: Rounding;
	/** What the class it is for goes by. */
	readonly goesBy?: GoesBy;
};

function startOf(text: string): Start {
	const [top = '', bottom] = text.split(' in ');
	return bottom === undefined ? quantityOfRow(top) : { top: quantityOfRow(top), bottom: quantityOfRow(bottom) };
}

function factOf(text: string): Fact {
	const exact = text.endsWith(' exact');
	const [left = '', right = ''] = text.replace(/ exact$/, '').split(' = ');
	return { left: quantityOfRow(left), right: quantityOfRow(right), exact };
}

function factorOf(text: string): Factor {
	const [sides = '', power] = text.split(') ^ ');
	const [top = '', bottom = ''] = sides.replace(/^\(/, '').split(' / ');
	return { top: quantityOfRow(top), bottom: quantityOfRow(bottom), ...(power ? { power: Number(power) } : {}) };
}

/** The exercise that a problem written down comes to. */
export function posed({
	text,
	start,
	facts = [],
	want,
	line,
	until,
	terms,
	times,
	rounding = 'figures',
	...rest
}: Posed): Exercise {
	return {
		...rest,
		...markedText(text),
		...(start === undefined ? {} : { start: startOf(start) }),
		...(until ? { until: quantityOfRow(until) } : {}),
		...(terms ? { terms: terms.map(quantityOfRow) } : {}),
		...(times ? { times: times.map(quantityOfRow) } : {}),
		facts: facts.map(factOf),
		want: typeof want === 'string' ? { unit: want } : want,
		rounding,
		...(line ? { line: line.map(factorOf) } : {}),
	};
}
