import { act, render, screen } from '@testing-library/react';
import { Provider } from 'react-redux';
import { KeptSign, NotKept } from '../src/desk/kept-sign';
import { type AppStore, makeStore } from '../src/store/store';
import { kept } from '../src/sync/sync-slice';
import { pageSays } from './found';

const KEPT = 'Saved on this device and on the server.';
const AWAY = 'Saved on this device. The server';

let store: AppStore;

beforeEach(() => {
	store = makeStore();
	render(
		<Provider store={store}>
			<KeptSign />
			<NotKept />
		</Provider>,
	);
});

const is = (keeping: Parameters<typeof kept>[0]) => act(() => void store.dispatch(kept(keeping)));
/** What a screen reader announces. */
const announced = () => screen.getByRole('status').textContent;

describe('where the work is kept', () => {
	it('is a quiet sign while all of it is kept, announced at no step', () => {
		expect(pageSays()).toContain(KEPT);
		for (const keeping of ['sending', 'both', 'sending', 'both'] as const) {
			is(keeping);
			expect(announced()).toBe('');
		}
	});

	it('is said once when the server is away, and not again while it is tried', () => {
		is('device');
		const says = announced();
		expect(says).toContain(AWAY);
		for (const keeping of ['sending', 'device', 'sending'] as const) {
			is(keeping);
			expect(announced()).toBe(says);
		}
		is('both');
		expect(announced()).toBe('');
		expect(pageSays()).toContain(KEPT);
	});
});
