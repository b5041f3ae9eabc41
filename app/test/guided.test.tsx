import { act, fireEvent, render, screen } from '@testing-library/react';
import { Provider } from 'react-redux';
import { DeskScreen } from '../src/desk/desk-screen';
import { set } from '../src/device/settings-slice';
import { SettingsScreen } from '../src/settings/settings-screen';
import { type AppStore, makeStore } from '../src/store/store';
import { workNamed } from '../src/work/how-far';
import { GUIDED } from '../src/work/list-names';
import { did } from '../src/work/works-reducer';
import { atRest } from './at-rest';
import { pageSays, pressNamed } from './found';

const mockRouter = { navigate: jest.fn() };
jest.mock('expo-router', () => ({ useRouter: () => mockRouter }));
jest.mock('../src/worker/core-worker', () => jest.requireActual('./jobs-here').jobsHere());
jest.mock('../src/worker/form-worker', () => jest.requireActual('./files-here').filesHere());
jest.mock('../src/desk/later-panels', () => ({
	laterPanels: async () => jest.requireActual('../src/desk/panels/all-panels'),
}));

beforeEach(() => localStorage.clear());

async function show(store: AppStore) {
	let shown = { unmount: () => {} };
	await act(async () => {
		shown = render(
			<Provider store={store}>
				<DeskScreen name={GUIDED} />
			</Provider>,
		);
	});
	return shown;
}

function begun(): AppStore {
	const store = makeStore();
	store.dispatch(set({ guide: 'on' }));
	return store;
}

const says = () => screen.queryAllByTestId('guide-says').map((one) => one.textContent ?? '');

const press = async (id: string) => {
	await act(async () => void fireEvent.click(screen.getAllByTestId(id)[0] as HTMLElement));
	await atRest();
};

/** The touches, each after what is said before it. */
const TOUCHES: readonly (readonly [says: RegExp, touch: string])[] = [
	[/^1 of 3\. You want kg, so g must go/, 'unit--1-top-g'],
	[/^2 of 3\. Which way up\?/, 'place-g-below'],
	[/^3 of 3\. .*so only kg is left\. .*then check it/, 'check'],
];

describe('the first line, together', () => {
	it('says each of its touches where it is done, by true steps, and is done after them', async () => {
		const store = begun();
		await show(store);
		for (const [expected, touch] of TOUCHES) {
			expect(says()).toEqual([expect.stringMatching(expected)]);
			if (touch === 'check')
				await act(async () => {
					fireEvent.change(screen.getByTestId('answer'), { target: { value: '0.454 kg' } });
				});
			await press(touch);
		}
		expect(says()).toEqual([expect.stringMatching(/^That was a whole line/)]);
		expect(store.getState().settings.guide).toBe('done');
		expect(workNamed(store.getState().works, GUIDED)).toMatchObject({ answer: '0.454 kg', checked: true });
	});

	it.each(TOUCHES.map((_, i) => [i + 1]))('can be left at touch %i, and does not come back unasked', async (count) => {
		const store = begun();
		const { unmount } = await show(store);
		for (const [, touch] of TOUCHES.slice(0, count - 1)) await press(touch);
		expect(says()[0]).toMatch(new RegExp(`^${count} of 3`));
		await press('guide-leave');
		expect(says()).toEqual([]);
		unmount();
		await show(store);
		expect(says()).toEqual([]);
	});

	it('asks for a fact where none is open, and for the answer where none opens by itself', async () => {
		const store = begun();
		store.dispatch(set({ opensNext: false }));
		await show(store);
		await press('unit--1-top-g');
		await press('fact-1kg=1000g');
		expect(says()).toEqual([expect.stringMatching(/^2 of 3\. These facts have g in them/)]);
		await press('fact-1kg=1000g');
		await press('place-g-below');
		await act(async () => pressNamed('Close'));
		expect(says()).toEqual([expect.stringMatching(/^3 of 3\. .*Touch Answer/)]);
	});

	it('tells of a block that lies the wrong way, and goes on once it is turned', async () => {
		const store = begun();
		await show(store);
		for (const [, touch] of TOUCHES.slice(0, 1)) await press(touch);
		await press('place-kg-below');
		expect(says()[0]).toMatch(/^g does not cancel yet\. Turn the factor over/);
		await press('turn');
		expect(says()[0]).toMatch(/^3 of 3/);
	});

	it('objects to a fact that leads elsewhere, before it is taken and after', async () => {
		await show(begun());
		await press('unit--1-top-g');
		await press('fact-1lb=453.59237g');
		expect(says()).toEqual([expect.stringMatching(/^This fact links g and lb, but you want kg/)]);
		await press('place-g-below');
		expect(says()[0]).toMatch(/^That cancels, but now you have lb and not kg\. Remove it/);
		expect(pageSays()).not.toContain('The line is complete');
	});

	it('says of a block that has nothing to do with the line that it goes, and not to turn it', async () => {
		const store = begun();
		await show(store);
		const factor = { top: { number: '1000', unit: 'mL' }, bottom: { number: '1', unit: 'L' } };
		await act(async () => void store.dispatch(did(GUIDED, { do: 'place', block: 'b', factor })));
		expect(says()[0]).toMatch(/^Nothing cancels with that factor, whichever way up\./);
	});

	it('goes on where the facts were opened by a key, without a touch on the line', async () => {
		await show(begun());
		await act(async () => void fireEvent.keyDown(document.body, { key: 'f' }));
		await atRest();
		expect(says()).toEqual([expect.stringMatching(/^2 of 3/)]);
		await act(async () => void fireEvent.keyDown(document.body, { key: '/' }));
		await atRest();
		expect(says()).toEqual([]);
	});

	it('begins again from the settings, on a fresh line beside the one before', async () => {
		const store = makeStore();
		store.dispatch(did(GUIDED, { do: 'answer', text: '454 kg' }));
		await act(async () => {
			render(
				<Provider store={store}>
					<SettingsScreen />
				</Provider>,
			);
		});
		await press('begin-guided');
		expect(mockRouter.navigate).toHaveBeenCalledWith(`/desk/${GUIDED}`);
		expect(store.getState().settings.guide).toBe('on');
		expect(workNamed(store.getState().works, GUIDED)?.answer).toBe('');
		expect(Object.values(store.getState().works.byId)).toHaveLength(2);
	});
});
