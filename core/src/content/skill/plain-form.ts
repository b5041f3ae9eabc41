import { between, followed, notRound } from '../../exercise/draws';
import type { Skill } from './skill';

const ASKS = ['Write it as a plain number.', 'How is that written without a power of ten?', 'Put it into plain form.'];

/** From scientific form back into plain form. */
export const plainForm: Skill = {
	skill: 'plain-form',
	title: 'From scientific notation',
	letter: '5',
	about: 'Write a number in scientific notation as a plain number.',
	watch: 'A negative power makes the number small, not negative.',
	slips: ['place-slip', 'sign-lost', 'digits-few'],
	scenes: [
		{
			level: 1,
			things: [
				{
					says: 'The tank holds {<n> L|start}.',
					draw: { n: followed(notRound(between('1.01', '9.89', 'a tank')), 'e1', 'e2') },
				},
				{
					says: 'The barrel under the roof has caught {<n> L|start}.',
					draw: { n: followed(notRound(between('1.01', '2.89', 'a barrel')), 'e1', 'e2') },
				},
			],
			asks: ASKS,
			start: '<n> L',
			want: { unit: 'L', form: 'plain' },
		},
		{
			level: 1,
			things: [
				{
					says: 'A sprig of thyme has {<n> g|start}.',
					draw: { n: followed(between('1.01', '9.89', 'a sprig'), 'e-1') },
				},
				{
					says: 'The pinch of salt is {<n> g|start}.',
					draw: { n: followed(between('2.01', '4.89', 'a pinch'), 'e-1') },
				},
			],
			asks: ASKS,
			start: '<n> g',
			want: { unit: 'g', form: 'plain' },
		},
		{
			level: 2,
			things: [
				{
					says: 'The spider’s thread is {<n> mm|start} thick.',
					draw: { n: followed(between('2.01', '6.89', 'a thread of a spider'), 'e-3') },
				},
				{
					says: 'The foil of the balloon is {<n> mm|start} thick.',
					draw: { n: followed(between('1.01', '4.89', 'a thin foil'), 'e-2') },
				},
			],
			asks: ASKS,
			start: '<n> mm',
			want: { unit: 'mm', form: 'plain' },
		},
		{
			level: 2,
			things: [
				{
					says: 'The trail to the ridge is {<n> m|start} long.',
					draw: { n: followed(notRound(between('1.0101', '9.8989', 'a walk')), 'e3') },
				},
				{
					says: 'The balloon was lost at {<n> m|start}.',
					draw: { n: followed(notRound(between('1.0101', '2.8989', 'where balloons burst')), 'e4') },
				},
			],
			asks: ASKS,
			start: '<n> m',
			want: { unit: 'm', form: 'plain' },
		},
		{
			level: 3,
			things: [
				{
					says: 'The dew on the plate has {<n> kg|start}.',
					draw: { n: followed(between('1.0', '9.8', 'grams of dew'), '0e-3') },
				},
				{
					says: 'The charge of the flare is {<n> kg|start}.',
					draw: { n: followed(between('1.0', '9.8', 'a flare'), '00e-2') },
				},
			],
			asks: ASKS,
			start: '<n> kg',
			want: { unit: 'kg', form: 'plain' },
		},
		{
			level: 3,
			things: [
				{
					says: 'The meter of the lamp shows {<n> V|start}.',
					draw: { n: followed(notRound(between('-2.39', '-1.01', 'a lamp of 12 or 24 volts')), 'e1') },
				},
				{
					says: 'The probe in the ice gives {<n> V|start}.',
					draw: { n: followed(notRound(between('-9.89', '-1.01', 'a probe')), 'e-1', 'e-2') },
				},
			],
			asks: ASKS,
			start: '<n> V',
			want: { unit: 'V', form: 'plain' },
		},
	],
};
