import type { Factor, Start } from '../../chain/chain';
import type { Fact } from '../../fact/fact';
import type { Quantity } from '../../quantity/quantity';
import type { BookExercise } from '../exercise';
import { markedText } from '../marked-text';

type Row = {
	readonly name: string;
	readonly title: string;
	readonly trains: string;
	/** The problem, its quantities marked: "falls at {2.75 in/h|start}". */
	readonly text: string;
	/** "2.75 in/h", or "3.6 km in 12.5 min" for one quantity over another. */
	readonly start: string;
	/** What the problem tells: "12 jar = 1 crate"; measured unless "exact" stands after it. */
	readonly facts?: readonly string[];
	readonly want: string;
	/** The key: "60 min / 1 h", with "^2" after it for a power. */
	readonly line: readonly string[];
	readonly exactStart?: boolean;
};

function quantity(text: string): Quantity {
	const [number = '', ...unit] = text.trim().split(' ');
	return { number, unit: unit.join(' ') };
}

function startOf(text: string): Start {
	const [top = '', bottom] = text.split(' in ');
	return bottom === undefined ? quantity(top) : { top: quantity(top), bottom: quantity(bottom) };
}

function factOf(text: string): Fact {
	const exact = text.endsWith(' exact');
	const [left = '', right = ''] = text.replace(/ exact$/, '').split(' = ');
	return { left: quantity(left), right: quantity(right), exact };
}

function factorOf(text: string): Factor {
	const [sides = '', power] = text.split(') ^ ');
	const [top = '', bottom = ''] = sides.replace(/^\(/, '').split(' / ');
	return { top: quantity(top), bottom: quantity(bottom), ...(power ? { power: Number(power) } : {}) };
}

/** An exercise of the book from its row, written as a person would write it down. */
export function asked({ text, start, facts = [], want, line, exactStart, ...names }: Row): BookExercise {
	return {
		...names,
		...markedText(text),
		start: startOf(start),
		...(exactStart ? { exactStart } : {}),
		facts: facts.map(factOf),
		want: { unit: want },
		rounding: 'figures',
		line: line.map(factorOf),
	};
}
