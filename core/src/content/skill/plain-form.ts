import { between, followed, notRound } from '../../exercise/draws';
import type { Skill } from './skill';

const ASKS = ['Write it as a plain number.', 'How is that written without a power of ten?', 'Put it into plain form.'];

/** From scientific form back into plain form. */
export const plainForm: Skill = {
	skill: 'plain-form',
	title: 'Out of scientific form',
	letter: '5',
	about: 'Write a number in scientific form as a plain one.',
	watch: 'A negative power makes the number small, not negative.',
	slips: ['place-slip', 'sign-lost', 'digits-few'],
	scenes: [
		{
			level: 1,
			draw: { n: followed(notRound(between('1.01', '9.89')), 'e1', 'e2') },
			says: ['The tank holds {<n> L|start}.', 'The barrel under the roof has caught {<n> L|start}.'],
			asks: ASKS,
			start: '<n> L',
			want: { unit: 'L', form: 'plain' },
		},
		{
			level: 1,
			draw: { n: followed(between('1.01', '9.89'), 'e-1', 'e-2') },
			says: ['A sprig of thyme has {<n> g|start}.', 'The pinch of salt is {<n> g|start}.'],
			asks: ASKS,
			start: '<n> g',
			want: { unit: 'g', form: 'plain' },
		},
		{
			level: 2,
			draw: { n: followed(between('1.01', '9.89'), 'e-3', 'e-4') },
			says: ['The spider’s thread is {<n> mm|start} thick.', 'The foil of the balloon is {<n> mm|start} thick.'],
			asks: ASKS,
			start: '<n> mm',
			want: { unit: 'mm', form: 'plain' },
		},
		{
			level: 2,
			draw: { n: followed(notRound(between('1.0101', '9.8989')), 'e3', 'e4') },
			says: ['The trail to the ridge is {<n> m|start} long.', 'The balloon was lost at {<n> m|start}.'],
			asks: ASKS,
			start: '<n> m',
			want: { unit: 'm', form: 'plain' },
		},
		{
			level: 3,
			draw: { n: followed(between('1.0', '9.8'), '0e-3', '00e-2', '0e-4') },
			says: ['The dew on the plate has {<n> kg|start}.', 'The charge of the flare is {<n> kg|start}.'],
			asks: ASKS,
			start: '<n> kg',
			want: { unit: 'kg', form: 'plain' },
		},
		{
			level: 3,
			draw: { n: followed(notRound(between('-9.89', '-1.01')), 'e1', 'e-1', 'e-2') },
			says: ['The meter of the lamp shows {<n> V|start}.', 'The probe in the ice gives {<n> V|start}.'],
			asks: ASKS,
			start: '<n> V',
			want: { unit: 'V', form: 'plain' },
		},
	],
};
