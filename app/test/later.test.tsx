import { act, render, screen } from '@testing-library/react';
import { loadedAgain, loadWhereGone } from '../src/device/page-again';
import { later } from '../src/ui/later';
import { Words } from '../src/ui/words';
import { pressButton } from './on-desk';

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: () => {} }) }));

describe('a part whose script comes later', () => {
	it('says where it cannot come, and comes at a touch once the network is back', async () => {
		Object.assign(globalThis, { fetch: async () => Promise.reject(new Error('away')) });
		let away = true;
		let asked = 0;
		const Part = later(async () => {
			asked += 1;
			if (away) throw new Error('the network is away');
			return ({ name }: { readonly name: string }) => <Words>The part of {name}</Words>;
		});
		await act(async () => void render(<Part name="the answer" />));
		expect(screen.getByRole('status').textContent).toContain('Your work is saved.');
		away = false;
		await act(async () => pressButton(/^Try again/));
		expect(screen.getByText('The part of the answer')).toBeTruthy();
		// What has come stays, and is there at once the next time.
		render(<Part name="the check" />);
		expect(screen.getByText('The part of the check')).toBeTruthy();
		expect(asked).toBe(2);
	});

	it('loads the page again, once, where the server answers and the part is gone with its version', async () => {
		sessionStorage.clear();
		const load = jest.fn();
		const answers = jest.fn(async () => ({ ok: true }));
		Object.assign(globalThis, { fetch: answers });
		await loadWhereGone(load);
		expect(load).toHaveBeenCalledTimes(1);
		expect(loadedAgain()).toBe('gone');
		await loadWhereGone(load);
		expect(load).toHaveBeenCalledTimes(1);
	});

	it('loads nothing again while the network is away', async () => {
		sessionStorage.clear();
		const load = jest.fn();
		Object.assign(globalThis, { fetch: async () => Promise.reject(new Error('away')) });
		await loadWhereGone(load);
		expect(load).not.toHaveBeenCalled();
		expect(loadedAgain()).toBeNull();
	});
});
