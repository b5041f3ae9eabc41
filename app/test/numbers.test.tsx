import { act, render, screen } from '@testing-library/react';
import { Provider } from 'react-redux';
import { Numbers } from '../src/desk/numbers';
import type { PanelProps } from '../src/desk/panel-row';
import { CalculatorPanel } from '../src/desk/panels/calculator-panel';
import { SettingsScreen } from '../src/settings/settings-screen';
import { makeStore } from '../src/store/store';
import { SHELF } from '../src/work/list-names';
import { numbersOf } from '../src/work/numbers';
import { did, undid } from '../src/work/works-reducer';
import { pressNamed } from './found';
import { layGust, pressButton, showPanel, viewOf } from './on-desk';

const mockRouter = { navigate: jest.fn() };

jest.mock('expo-router', () => ({ useRouter: () => mockRouter }));

/** The numbers under the line, as a panel, so that they stand over a true store. */
function NumbersAlone({ view, acts }: PanelProps<'line'>) {
	return <Numbers view={view} onZeros={acts.onZeros} onCalculator={acts.onCalculator} onUncover={acts.onUncover} />;
}

function gust(way: 'worked' | 'laid-out' | 'covered') {
	const store = makeStore();
	layGust(store);
	store.dispatch(did(SHELF, { do: 'numbers', way }));
	return store;
}

const show = (store: ReturnType<typeof makeStore>) => showPanel('wind-gust', NumbersAlone, { kind: 'line' }, { store });

const page = () => document.body.textContent ?? '';

describe('the numbers of a line', () => {
	it('are worked whole where one wants them so', () => {
		show(gust('worked'));
		expect(page()).toContain('97\u202f680');
		expect(page()).toContain('27.13333333…');
	});

	it('are laid out with the division left to do, until it is uncovered', async () => {
		const store = gust('laid-out');
		const { view } = show(store);
		expect(page()).toContain('97\u202f680');
		expect(page()).not.toContain('27.13');
		pressButton(/^Uncover/);
		expect(await screen.findByText('27.13333333…')).toBeTruthy();
		expect(view().work.uncovered).toEqual(['result']);
		// What was looked at was looked at.
		act(() => void store.dispatch(undid('wind-gust')));
		expect(view().work.uncovered).toEqual(['result']);
	});

	it('are covered whole, the calculator beginning empty', () => {
		const store = gust('covered');
		show(store);
		expect(page()).not.toMatch(/97\s680|27\.13/);
		expect(page()).toContain('Work out the numbers yourself.');
		showPanel('wind-gust', CalculatorPanel, { kind: 'calculator' }, { store });
		expect(screen.queryByRole('button', { name: 'Fill in the line' })).toBeNull();
	});

	it('are covered in all that is shown of the line: the result and the values on the way', () => {
		const { shown, worked } = viewOf('wind-gust', gust('laid-out'));
		expect(worked.value).not.toBeNull();
		expect(shown.value).toBeNull();
		expect(shown.running.map(({ value }) => value === null)).toEqual([false, true, true]);
		expect(shown.top).not.toBeNull();
		expect(viewOf('wind-gust', gust('covered')).shown.top).toBeNull();
	});

	it('go with the support until a way is chosen beside it, and in a Round are laid out', () => {
		const store = makeStore();
		const view = () => viewOf('wind-gust', store);
		render(
			<Provider store={store}>
				<SettingsScreen />
			</Provider>,
		);
		expect(view().numbers).toBe('worked');
		pressNamed('light');
		expect(view().numbers).toBe('laid-out');
		pressNamed('covered', 'close');
		expect(view().numbers).toBe('covered');
		const shelf = { own: [], allowed: [], support: 'close', numbers: 'covered' } as const;
		expect(numbersOf({ name: 'round-910kh26fgh-01' }, shelf)).toBe('laid-out');
	});
});
