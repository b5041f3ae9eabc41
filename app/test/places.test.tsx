import { act, fireEvent, render, renderHook, screen } from '@testing-library/react';
import { PlaceLinks } from '../src/places/place-links';
import { PLACES, placeOf } from '../src/places/places';
import { Page } from '../src/ui/page';
import { useBackCloses } from '../src/ui/use-back-closes';
import { Words } from '../src/ui/words';

const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: mockNavigate }) }));

beforeEach(() => mockNavigate.mockClear());

describe('the four places', () => {
	it('are led to from anywhere, with the one that is open told as such', () => {
		render(<PlaceLinks here="rounds" />);
		const links = screen.getAllByRole('link');
		expect(links.map((link) => link.textContent)).toEqual(['Today', 'Problems', 'Rounds', 'Shelf']);
		expect(links.map((link) => link.getAttribute('aria-current'))).toEqual([null, null, 'page', null]);
		for (const link of links) fireEvent.click(link);
		expect(mockNavigate.mock.calls.flat()).toEqual(PLACES.map(({ path }) => path));
	});

	it.each([
		['/', 'today'],
		['/record', 'today'],
		['/settings', 'today'],
		['/problems', 'problems'],
		['/desk/honey-jar', 'problems'],
		['/desk/round-910kh26fgh-01', 'rounds'],
		['/round/910kh26fgh', 'rounds'],
		['/rounds', 'rounds'],
		['/shelf/ladder', 'shelf'],
		['/nowhere', null],
	])('%s belongs to %s', (path, place) => {
		expect(placeOf(path)).toBe(place);
	});
});

describe('a page', () => {
	it('gives the browser its title', () => {
		render(
			<Page title="Rounds" testID="page">
				<Words>Some words</Words>
			</Page>,
		);
		expect(document.title).toBe('Rounds · Tidy Sum');
		expect(screen.queryByRole('toolbar')).toBeNull();
	});
});

describe('going back', () => {
	/** Goes back, and waits until no entry follows: one that was closed by hand is passed over. */
	const back = async () => {
		let quiet = 0;
		let arrived = false;
		const onPop = () => {
			arrived = true;
			quiet = 0;
		};
		globalThis.addEventListener('popstate', onPop);
		globalThis.history.back();
		while (!arrived || quiet < 5) {
			quiet += 1;
			await act(() => new Promise((resolve) => setTimeout(resolve, 10)));
		}
		globalThis.removeEventListener('popstate', onPop);
	};

	it('closes what is open before it leaves the page', async () => {
		globalThis.history.pushState({ id: 'a' }, '', '/before');
		globalThis.history.pushState({ id: 'b' }, '', '/desk');
		const close = jest.fn();
		const { rerender } = renderHook(({ open }) => useBackCloses(open, close), { initialProps: { open: true } });
		// The router still knows the entry by its id.
		expect(globalThis.history.state).toEqual({ id: 'b', opens: true });
		await back();
		expect(close).toHaveBeenCalledTimes(1);
		expect(globalThis.location.pathname).toBe('/desk');
		rerender({ open: false });
		await back();
		expect(globalThis.location.pathname).toBe('/before');
		expect(close).toHaveBeenCalledTimes(1);
	});

	it('closes what is open on the next page as well, where the one before was left with something open', async () => {
		globalThis.history.pushState({ id: 'e' }, '', '/desk/a');
		const close = jest.fn();
		const { rerender } = renderHook(({ open }) => useBackCloses(open, close), { initialProps: { open: true } });
		// The same screen goes on to another exercise, with nothing open yet.
		rerender({ open: false });
		globalThis.history.pushState({ id: 'f' }, '', '/desk/b');
		rerender({ open: true });
		await back();
		expect(close).toHaveBeenCalledTimes(1);
		expect(globalThis.location.pathname).toBe('/desk/b');
	});

	it('leaves at once where it was closed by hand', async () => {
		globalThis.history.pushState({ id: 'c' }, '', '/before');
		globalThis.history.pushState({ id: 'd' }, '', '/desk');
		const close = jest.fn();
		const { rerender } = renderHook(({ open }) => useBackCloses(open, close), { initialProps: { open: true } });
		rerender({ open: false });
		await back();
		expect(globalThis.location.pathname).toBe('/before');
		expect(close).not.toHaveBeenCalled();
	});
});
