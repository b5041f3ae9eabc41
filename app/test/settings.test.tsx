import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { Provider } from 'react-redux';
import { loadTaken } from '../src/device/page-again';
import { applySettings, readSettings } from '../src/device/settings';
import { SettingsScreen } from '../src/settings/settings-screen';
import { makeStore } from '../src/store/store';
import { keepOffline } from '../src/sync/keep-offline';
import { pageSays, pressNamed } from './found';

/** Presses what has no name that tells it from others. */
const pressId = (id: string) => fireEvent.click(screen.getByTestId(id));

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: () => {} }) }));
jest.mock('../src/worker/form-worker', () => jest.requireActual('./files-here').filesHere());

beforeEach(() => localStorage.clear());

describe('what a device is set to', () => {
	it('is kept on it at once, and is there when the app is opened again', () => {
		render(
			<Provider store={makeStore()}>
				<SettingsScreen />
			</Provider>,
		);
		pressNamed('dark');
		pressNamed('150 %');
		pressId('motion-none');
		pressNamed('comma');
		pressId('opens-next-off');
		expect(pageSays()).toContain('Nothing opens until you touch it.');
		pressId('letter-keys-off');
		expect(pageSays()).toContain('Single letters do nothing');
		expect(makeStore().getState().settings).toEqual({
			theme: 'dark',
			text: 150,
			motion: 'none',
			letterKeys: false,
			decimal: 'comma',
			opensNext: false,
			guide: 'never',
		});
	});

	it('is as at first where nothing was kept, or where it cannot be read', () => {
		const first = readSettings();
		localStorage.setItem('tidy-sum-settings', 'no json');
		expect(readSettings()).toEqual(first);
		localStorage.setItem('tidy-sum-settings', '{"theme":"purple","text":137,"letterKeys":false}');
		expect(readSettings()).toEqual({ ...first, letterKeys: false });
	});

	it('is what the page follows: its theme, its size, and whether anything moves', () => {
		const page = document.createElement('html');
		const settings = {
			theme: 'dark',
			text: 200,
			motion: 'none',
			letterKeys: true,
			opensNext: true,
			guide: 'never',
			decimal: 'point',
		} as const;
		applySettings(settings, page);
		expect(page.dataset).toMatchObject({ theme: 'dark', motion: 'none' });
		expect(page.style.getPropertyValue('--size')).toBe('2');
		applySettings({ ...settings, text: 100 }, page);
		expect(page.style.getPropertyValue('--size')).toBe('1');
	});
});

describe('a new version', () => {
	beforeEach(() => sessionStorage.clear());

	/** The browser's workers, with one version in use and another on its way. */
	function workers({ controlled = true } = {}) {
		const scriptURL = `${location.origin}/sw.js`;
		const version = (state: string) => Object.assign(new EventTarget(), { scriptURL, state, postMessage: jest.fn() });
		const installing = version('installing');
		const registration = Object.assign(new EventTarget(), {
			installing,
			waiting: null as typeof installing | null,
			active: controlled ? version('activated') : null,
			update: async () => {},
		});
		const container = Object.assign(new EventTarget(), {
			controller: registration.active,
			register: jest.fn(async () => registration),
			getRegistration: async () => registration,
			ready: Promise.resolve(registration),
		});
		Object.defineProperty(navigator, 'serviceWorker', { configurable: true, value: container });
		// jsdom has no channels; this one answers nothing.
		Object.assign(globalThis, {
			MessageChannel: class {
				port1 = {};
				port2 = {};
			},
		});
		return {
			container: container as unknown as ServiceWorkerContainer,
			register: container.register,
			installing,
			/** The new version is installed, and waits to take over. */
			installed: () => {
				registration.dispatchEvent(new Event('updatefound'));
				installing.state = 'installed';
				registration.waiting = installing;
				installing.dispatchEvent(new Event('statechange'));
			},
			/** Another version takes over the page. */
			controls: () => {
				Object.assign(container, { controller: installing });
				container.dispatchEvent(new Event('controllerchange'));
			},
		};
	}

	const begin = async (of: ReturnType<typeof workers>, reload = () => {}, takenWithinMs = 60_000) => {
		const told: (() => void)[] = [];
		keepOffline((take) => told.push(take), of.container, {
			afterMs: 0,
			takenWithinMs,
			reload,
		});
		await waitFor(() => expect(of.register).toHaveBeenCalled());
		await new Promise((resolve) => setTimeout(resolve, 20));
		return told;
	};

	it('is told once it waits, and taken at a touch: the page is loaded again when it has taken over', async () => {
		const of = workers();
		const reload = jest.fn();
		const told = await begin(of, reload);
		expect(told).toHaveLength(0);
		of.installed();
		await waitFor(() => expect(told).toHaveLength(1));
		told[0]?.();
		await waitFor(() => expect(of.installing.postMessage).toHaveBeenCalled());
		expect(of.installing.postMessage.mock.calls[0]?.[0]).toMatchObject({ type: 'SKIP_WAITING' });
		expect(reload).not.toHaveBeenCalled();
		of.controls();
		await waitFor(() => expect(reload).toHaveBeenCalledTimes(1));
	});

	it('that is still getting ready as it takes over is waited for before the page is loaded again', async () => {
		const of = workers();
		const reload = jest.fn();
		const told = await begin(of, reload);
		of.installed();
		await waitFor(() => expect(told).toHaveLength(1));
		told[0]?.();
		of.installing.state = 'activating';
		of.controls();
		await new Promise((resolve) => setTimeout(resolve, 20));
		expect(reload).not.toHaveBeenCalled();
		of.installing.state = 'activated';
		of.installing.dispatchEvent(new Event('statechange'));
		await waitFor(() => expect(reload).toHaveBeenCalledTimes(1));
	});

	it('that cannot take over for a while is loaded all the same, and once more when it does', async () => {
		const of = workers();
		const reload = jest.fn();
		const told = await begin(of, () => loadTaken(reload), 0);
		of.installed();
		await waitFor(() => expect(told).toHaveLength(1));
		told[0]?.();
		await waitFor(() => expect(reload).toHaveBeenCalledTimes(1));
		const again = jest.fn();
		await begin(workers(), again);
		expect(again).not.toHaveBeenCalled();
		const late = workers();
		await begin(late, again);
		late.controls();
		await waitFor(() => expect(again).toHaveBeenCalledTimes(1));
	});

	it('that another page took leaves this page as it is', async () => {
		const of = workers();
		const reload = jest.fn();
		const told = await begin(of, reload);
		of.installed();
		await waitFor(() => expect(told).toHaveLength(1));
		of.controls();
		await new Promise((resolve) => setTimeout(resolve, 20));
		expect(reload).not.toHaveBeenCalled();
	});

	it('is not told of the first version of all, which has no page to take over from', async () => {
		const of = workers({ controlled: false });
		const told = await begin(of);
		of.installed();
		await new Promise((resolve) => setTimeout(resolve, 300));
		expect(told).toHaveLength(0);
	});
});
