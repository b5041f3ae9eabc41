import { render } from '@testing-library/react';
import { FourLinesShown } from '../src/line/four-lines';
import { pageSays } from './found';

const RIGHT = { verdict: 'right', why: 'It is.' } as const;
const NOT_ASKED = { verdict: 'not-asked', why: 'No line was given.' } as const;

describe('the lines of a check', () => {
	it('are only those that are asked', () => {
		render(<FourLinesShown lines={{ line: NOT_ASKED, value: RIGHT, figures: NOT_ASKED, unit: RIGHT, right: true }} />);
		expect(pageSays()).toContain('Value: right');
		expect(pageSays()).toContain('Unit: right');
		expect(pageSays()).not.toMatch(/Line|Figures|not asked/);
	});
});
