import { render } from '@testing-library/react';
import { FourLinesShown, SlipShown } from '../src/line/four-lines';
import { pageSays } from './found';

const RIGHT = { verdict: 'right', why: 'It is.' } as const;
const NOT_ASKED = { verdict: 'not-asked', why: 'There is no line.' } as const;

describe('the lines of a check', () => {
	it('are only those that are asked', () => {
		render(<FourLinesShown lines={{ line: NOT_ASKED, value: RIGHT, figures: NOT_ASKED, unit: RIGHT, right: true }} />);
		expect(pageSays()).toContain('Value: right');
		expect(pageSays()).toContain('Unit: right');
		expect(pageSays()).not.toMatch(/Line|Figures|not asked/);
	});
});

describe('what may have happened', () => {
	const slip = { code: 'a', title: 'A step left out', why: 'No single slip gives this number.', nudge: 'Look.' };
	const other = { ...slip, code: 'b', title: 'A factor upside down' };

	it('is told as one slip, or else another', () => {
		render(<SlipShown slip={slip} other={other} isTold={false} />);
		expect(pageSays()).toContain('This may be why: a step left out');
		expect(pageSays()).toContain('Or: a factor upside down.');
	});

	it('is told as two at once where only both give the number, and never as either alone', () => {
		render(<SlipShown slip={{ ...slip, also: 'b' }} other={{ ...other, also: 'a' }} isTold={false} />);
		expect(pageSays()).toContain('This may be why: two slips at once');
		expect(pageSays()).not.toContain('Or else');
	});
});
