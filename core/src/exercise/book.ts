import type { Factor } from '../chain/chain';
import type { Quantity } from '../quantity/quantity';
import type { BookExercise } from './exercise';
import { markedText } from './marked-text';

function quantity(text: string): Quantity {
	const [number = '', ...unit] = text.split(' ');
	return { number, unit: unit.join(' ') };
}

function over(top: string, bottom: string, power?: number): Factor {
	return { top: quantity(top), bottom: quantity(bottom), ...(power ? { power } : {}) };
}

/** The bundled exercises of Fennel Ridge, in the order they are offered. */
export const BOOK: readonly BookExercise[] = [
	{
		name: 'new-snow',
		title: 'New snow',
		trains: 'a rate, changed above and below',
		...markedText(
			'During a squall, new snow on the Fennel Ridge snow board deepens at {2.75 in/h|start}. The station log wants millimetres per minute. How fast is that in mm/min?',
		),
		start: quantity('2.75 in/h'),
		facts: [],
		want: { unit: 'mm/min' },
		rounding: 'figures',
		line: [over('2.54 cm', '1 in'), over('10 mm', '1 cm'), over('1 h', '60 min')],
	},
	{
		name: 'honey-jar',
		title: 'A jar of honey',
		trains: 'one prefix',
		...markedText('A jar from the south hives holds {454 g|start} of honey. What is that in kg?'),
		start: quantity('454 g'),
		facts: [],
		want: { unit: 'kg' },
		rounding: 'figures',
		line: [over('1 kg', '10^3 g')],
	},
	{
		name: 'balloon-battery',
		title: 'Balloon battery',
		trains: 'two prefixes, through the base unit',
		...markedText('The radio under the weather balloon draws {0.64 mA|start} while it listens. What is that in µA?'),
		start: quantity('0.64 mA'),
		facts: [],
		want: { unit: 'µA' },
		rounding: 'figures',
		line: [over('10^-3 A', '1 mA'), over('1 µA', '10^-6 A')],
	},
	{
		name: 'mast-log',
		title: 'The mast log',
		trains: 'a chain in time units',
		...markedText('The weather mast has logged without a gap for {1.5 wk|start}. How many minutes is that?'),
		start: quantity('1.5 wk'),
		facts: [],
		want: { unit: 'min' },
		rounding: 'figures',
		line: [over('7 d', '1 wk'), over('24 h', '1 d'), over('60 min', '1 h')],
	},
	{
		name: 'nutrient-tank',
		title: 'Nutrient tank',
		trains: 'a density from the problem, as a factor',
		...markedText(
			'The glasshouse tank holds {2.50 L|start} of nutrient concentrate. The label gives its density: {1.18 g|fact} for each {1 mL|fact}. What is the mass of the concentrate in kg?',
		),
		start: quantity('2.50 L'),
		facts: [{ left: quantity('1.18 g'), right: quantity('1 mL'), exact: false }],
		want: { unit: 'kg' },
		rounding: 'figures',
		line: [over('1000 mL', '1 L'), over('1.18 g', '1 mL'), over('1 kg', '1000 g')],
	},
	{
		name: 'vent-pane',
		title: 'A pane for the vent',
		trains: 'an area: the factor squared',
		...markedText('A roof vent of the glasshouse needs a pane of {0.420 m²|start}. What is its area in cm²?'),
		start: quantity('0.420 m²'),
		facts: [],
		want: { unit: 'cm²' },
		rounding: 'figures',
		line: [over('100 cm', '1 m', 2)],
	},
];

/** The exercise of the book with this name. */
export function bookExercise(name: string): BookExercise | undefined {
	return BOOK.find((exercise) => exercise.name === name);
}
