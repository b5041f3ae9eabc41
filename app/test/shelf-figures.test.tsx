import { fireEvent, render, screen } from '@testing-library/react';
import { Provider } from 'react-redux';
import { lastSeen, rememberSeen } from '../src/device/last-seen';
import { FiguresScreen } from '../src/shelf/figures/figures-screen';
import { makeStore } from '../src/store/store';
import { found, pageSays, pressNamed } from './found';

const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: mockNavigate }) }));

const type = (text: string) => fireEvent.change(found('A number, as you would write it'), { target: { value: text } });
const says = (id: string) => screen.getByTestId(id).textContent;

function open(number: string | undefined) {
	return render(
		<Provider store={makeStore()}>
			<FiguresScreen title="Figures" link={{ number }} />
		</Provider>,
	);
}

beforeEach(() => localStorage.clear());

describe('Figures', () => {
	it('tells the digits apart, each with its reason', () => {
		open('0.0820');
		expect(pageSays()).toContain('3 figures count.');
		for (const id of ['digit-0-holds', 'digit-1-holds', 'digit-2-counts', 'digit-3-counts', 'digit-4-counts'])
			expect(screen.getByTestId(id)).toBeTruthy();
		expect(screen.getByText('a zero in front only holds the place')).toBeTruthy();
		type('4500');
		expect(pageSays()).toContain('2 figures, or up to 4. Nobody can tell whether the zeros at the end count.');
		expect(found('0, unclear').getAttribute('aria-label')).toBe('0, unclear');
		type('3/4');
		expect(pageSays()).toContain('exact as written');
		expect(screen.queryByTestId('rounded')).toBeNull();
	});

	it('rounds step by step, and shows the digit that decides and what it carries', () => {
		open('9.996');
		expect([says('round-to'), says('rounded')]).toEqual(['to 2 figures', '10']);
		expect(pageSays()).toContain(
			'The first digit you drop is 9. It is 5 or more, so round up. 2 nines become zeros, and 1 carries over.',
		);
		expect(pageSays()).toContain('1.0 × 101 does');
		pressNamed('Finer');
		expect([says('round-to'), says('rounded')]).toEqual(['to 3 figures', '10.0']);
		pressNamed('Finer');
		expect(pageSays()).toContain('Only zeros are dropped. The value stays the same.');
		pressNamed('a place', 'Coarser');
		expect([says('round-to'), says('rounded')]).toEqual(['to the ones', '10']);
		for (let i = 0; i < 20; i++) pressNamed('Coarser');
		expect(pageSays()).toContain('0');
	});

	it('says what cannot be read at its place, and keeps the last good state', () => {
		open('4.07');
		type('4..07');
		expect(screen.getByText('A number has only one decimal point. This is a second one.')).toBeTruthy();
		expect(pageSays()).toContain('3 figures count.');
		type(`1e${'9'.repeat(9)}`);
		expect(pageSays()).toContain('3 figures count.');
		type('');
		expect(pageSays()).toContain('3 figures count.');
	});

	it('opens where it was, unless a link says otherwise', () => {
		const { unmount } = open(undefined);
		type('30.0');
		unmount();
		open(undefined);
		expect((found('A number, as you would write it') as HTMLInputElement).value).toBe('30.0');
		pressNamed('Desk');
		expect(mockNavigate).toHaveBeenCalledWith('/desk/new-snow');
	});

	it('takes nothing kept that is not its own', () => {
		localStorage.setItem('tidy-sum-shelf', 'not json');
		expect(lastSeen('figures')).toBeNull();
		localStorage.setItem('tidy-sum-shelf', '{"figures": 7}');
		expect(lastSeen('figures')).toBeNull();
		rememberSeen('figures', '12');
		expect(lastSeen('figures')).toBe('12');
	});
});
