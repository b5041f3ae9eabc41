import { act, render, screen } from '@testing-library/react';
import { BrokenPage } from '../src/places/broken-page';
import { Guarded } from '../src/ui/guarded';
import { pageSays, pressNamed } from './found';

const mockRouter = { navigate: jest.fn() };
jest.mock('expo-router', () => ({ useRouter: () => mockRouter }));

/** Draws nothing as long as it is broken. */
function Fragile({ broken }: { readonly broken: () => boolean }) {
	if (broken()) throw new Error('this cannot be drawn');
	return <p>the page</p>;
}

function guarded(of: string, broken: () => boolean) {
	return (
		<>
			<p>beside it</p>
			<Guarded of={of} fallback={(again) => <BrokenPage onAgain={again} />}>
				<Fragile broken={broken} />
			</Guarded>
		</>
	);
}

describe('a page that cannot be drawn', () => {
	beforeEach(() => void jest.spyOn(console, 'error').mockImplementation(() => {}));
	afterEach(() => jest.restoreAllMocks());

	it('says so and leaves the rest standing, with ways on', () => {
		render(guarded('/desk/a', () => true));
		expect(pageSays()).toContain('beside it');
		expect(pageSays()).toContain('This page cannot be shown');
		pressNamed('Today');
		expect(mockRouter.navigate).toHaveBeenCalledWith('/');
	});

	it('is drawn again when it is asked for, once it can be', () => {
		let broken = true;
		render(guarded('/desk/a', () => broken));
		broken = false;
		act(() => pressNamed('Try again'));
		expect(screen.getByText('the page')).toBeTruthy();
	});

	it('does not hide the next page', () => {
		let broken = true;
		const { rerender } = render(guarded('/desk/a', () => broken));
		broken = false;
		rerender(guarded('/desk/b', () => broken));
		expect(screen.getByText('the page')).toBeTruthy();
	});
});
