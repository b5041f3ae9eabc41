import { BOOK, type BookExercise, fromTo } from '../src';

const of = (name: string) => fromTo(BOOK.find((exercise) => exercise.name === name) as BookExercise);

describe('what a list shows of a problem', () => {
	it.each([
		['new-snow', '2.75 in/h', 'mm/min'],
		['sled-run', '3.6 km / 12.5 min', 'm/s'],
		['gate-height', '5 ft 7 in', 'cm'],
		['herb-bed', '12.0 ft × 15.5 ft', 'm²'],
		['night-range', '50 to 68 °F', '°C'],
		['roof-beam', '8.75 ft', 'ft, in'],
		['seed-chamber', '23 °C', 'K, °F'],
	])('%s: from %s to %s', (name, from, to) => {
		const shown = of(name);
		expect(shown.from.replace(/[\u00a0\u202f]/g, ' ')).toBe(from);
		expect(shown.to).toBe(to);
	});

	it('breaks a line only between quantities, never inside one', () => {
		expect(of('sled-run').from.split(' ')).toEqual(['3.6\u00a0km', '/', '12.5\u00a0min']);
	});
});
