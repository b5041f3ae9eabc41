import { fireEvent, render, screen } from '@testing-library/react';
import { Provider } from 'react-redux';
import { applySettings, readSettings } from '../src/device/settings';
import { SettingsScreen } from '../src/settings/settings-screen';
import { makeStore } from '../src/store/store';
import { keepOffline } from '../src/sync/keep-offline';

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: () => {} }) }));
jest.mock('../src/worker/form-worker', () => jest.requireActual('./files-here').filesHere());

beforeEach(() => localStorage.clear());

const press = (id: string) => fireEvent.click(screen.getByTestId(id));

describe('what a device is set to', () => {
	it('is kept on it at once, and is there when the app is opened again', () => {
		render(
			<Provider store={makeStore()}>
				<SettingsScreen />
			</Provider>,
		);
		press('theme-dark');
		press('text-size-150');
		press('motion-none');
		press('letter-keys-off');
		expect(screen.getByTestId('letters-say').textContent).toContain('Letters alone do nothing');
		expect(makeStore().getState().settings).toEqual({
			theme: 'dark',
			text: 150,
			motion: 'none',
			letterKeys: false,
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
		const settings = { theme: 'dark', text: 200, motion: 'none', letterKeys: true, guide: 'never' } as const;
		applySettings(settings, page);
		expect(page.dataset).toMatchObject({ theme: 'dark', motion: 'none' });
		expect(page.style.getPropertyValue('--size')).toBe('2');
		applySettings({ ...settings, text: 100 }, page);
		expect(page.style.getPropertyValue('--size')).toBe('1');
	});
});

describe('a new version', () => {
	type Listener = (event?: unknown) => void;

	/** The browser's workers, with one version in use and another on its way. */
	function workers({ controlled = true } = {}) {
		const heard: Record<string, Listener> = {};
		const waiting = { postMessage: jest.fn() };
		const installing: { addEventListener: (_: string, listener: Listener) => void } = {
			addEventListener: (_, listener) => {
				heard.statechange = listener;
			},
		};
		const registration = {
			waiting: null as typeof waiting | null,
			installing,
			addEventListener: (name: string, listener: Listener) => {
				heard[name] = listener;
			},
			update: async () => {},
		};
		return {
			heard,
			waiting,
			registration,
			container: {
				controller: controlled ? {} : null,
				addEventListener: (name: string, listener: Listener) => {
					heard[name] = listener;
				},
				register: async () => registration,
			} as unknown as ServiceWorkerContainer,
		};
	}

	const begin = async (of: ReturnType<typeof workers>, reload = () => {}) => {
		const told: (() => void)[] = [];
		keepOffline((take) => told.push(take), of.container, { afterMs: 0, reload });
		await new Promise((resolve) => setTimeout(resolve, 20));
		return told;
	};

	it('is told once it waits, and taken at a touch: the page is loaded anew when it has taken over', async () => {
		const of = workers();
		const reload = jest.fn();
		const told = await begin(of, reload);
		expect(told).toHaveLength(0);
		of.heard.updatefound?.();
		of.registration.waiting = of.waiting;
		of.heard.statechange?.();
		expect(told).toHaveLength(1);
		// Another page took it: this one goes on as it is.
		of.heard.controllerchange?.();
		expect(reload).not.toHaveBeenCalled();
		told[0]?.();
		expect(of.waiting.postMessage).toHaveBeenCalledWith({ type: 'SKIP_WAITING' });
		of.heard.controllerchange?.();
		expect(reload).toHaveBeenCalledTimes(1);
	});

	it('is not told of the first version of all, which has no page to take over from', async () => {
		const of = workers({ controlled: false });
		of.registration.waiting = of.waiting;
		expect(await begin(of)).toHaveLength(0);
	});
});
