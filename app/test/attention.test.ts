import { attention } from '../src/work/attention';

const MINUTE = 60_000;

describe('the time somebody works', () => {
	let now = 0;
	const clock = () => {
		now = 1000;
		return attention(() => now);
	};

	it('goes on while the page is seen', () => {
		const { worked } = clock();
		now += 90_000;
		expect(worked()).toBe(90_000);
	});

	it('counts at most three minutes without a touch, and goes on from the next one', () => {
		const { worked, touched } = clock();
		now += 40 * MINUTE;
		expect(worked()).toBe(3 * MINUTE);
		touched();
		now += MINUTE;
		expect(worked()).toBe(4 * MINUTE);
	});

	it('stands still while the page is not seen', () => {
		const { worked, seen } = clock();
		now += MINUTE;
		seen(false);
		now += 2 * MINUTE;
		expect(worked()).toBe(MINUTE);
		seen(true);
		now += MINUTE;
		expect(worked()).toBe(2 * MINUTE);
	});

	it('never goes back, whatever the clock of the device does', () => {
		const { worked } = clock();
		now -= 5 * MINUTE;
		expect(worked()).toBe(0);
	});
});
