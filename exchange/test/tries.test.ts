import { type TryTaken, triesCsv, triesJson } from '../src/record';

const TRY: TryTaken = {
	when: Date.UTC(2026, 10, 3, 8, 30),
	exercise: 'night-frost',
	title: 'Night frost',
	skill: '',
	answer: '-4.0 °C',
	right: false,
	seconds: 74,
	slips: ['digits-many', 'unit-missing'],
	nudges: 2,
	uncovered: 0,
	shown: false,
};

describe('what one has worked, to be taken along', () => {
	it('is a row a try, the oldest first, with its time, slips and nudges', () => {
		const [names, first, second] = triesCsv([{ ...TRY, when: TRY.when + 1000, right: true }, TRY]).split('\r\n');
		expect(names).toBe('when,exercise,title,skill,answer,right,seconds,slips,nudges,numbers uncovered,line shown');
		expect(first).toBe(
			"2026-11-03T08:30:00.000Z,night-frost,Night frost,,'-4.0 °C,no,74,digits-many; unit-missing,2,0,no",
		);
		expect(second).toContain('2026-11-03T08:30:01.000Z');
	});

	it('is the same as JSON', () => {
		expect(JSON.parse(triesJson([TRY]))).toEqual({ tries: [{ ...TRY, when: '2026-11-03T08:30:00.000Z' }] });
	});
});
