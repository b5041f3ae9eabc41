import { createEvent, fireEvent, render, screen } from '@testing-library/react';
import { Touch } from '../src/ui/box';
import { found } from './found';

const onTouch = jest.fn();

beforeEach(() => {
	onTouch.mockClear();
	render(
		<>
			<input data-testid="field" />
			<Touch onTouch={onTouch} testID="thing">
				take
			</Touch>
			<Touch onTouch={onTouch} disabled testID="shut">
				not yet
			</Touch>
		</>,
	);
});

type Finger = { readonly clientX: number; readonly clientY: number };

/** Puts a finger down and lifts it elsewhere; gives the event of lifting it. */
function lift(
	id: string,
	down: Finger,
	up: readonly Finger[],
	rest: { cancelable?: boolean; touches?: Finger[] } = {},
) {
	const element = screen.getByTestId(id);
	fireEvent.touchStart(element, { touches: [down] });
	const event = createEvent.touchEnd(element, { changedTouches: up, touches: [], cancelable: true, ...rest });
	fireEvent(element, event);
	return event;
}

const HERE = { clientX: 100, clientY: 100 };
const NEAR = { clientX: 105, clientY: 92 };
const FAR = { clientX: 100, clientY: 160 };

describe('something to touch', () => {
	it('is answered as the finger is lifted, and not again by a click made up after it', () => {
		expect(lift('thing', HERE, [NEAR]).defaultPrevented).toBe(true);
		expect(onTouch).toHaveBeenCalledTimes(1);
	});

	it('is answered to a click, from a mouse, a keyboard or a screen reader', () => {
		fireEvent.click(found('take'));
		expect(onTouch).toHaveBeenCalledTimes(1);
	});

	it.each([
		['a finger that has strayed', [FAR], {}],
		['a finger that stops a scroll', [HERE], { cancelable: false }],
		['one of two fingers', [HERE], { touches: [FAR] }],
		['two fingers at once', [HERE, FAR], {}],
	] as const)('is not answered to %s', (_, up, rest) => {
		expect(lift('thing', HERE, up, rest as never).defaultPrevented).toBe(false);
		expect(onTouch).not.toHaveBeenCalled();
	});

	it('does nothing while it is disabled', () => {
		lift('shut', HERE, [HERE]);
		fireEvent.click(found('not yet'));
		expect(onTouch).not.toHaveBeenCalled();
	});

	it('leaves what was typed into, as a press of the mouse would', () => {
		screen.getByTestId('field').focus();
		lift('thing', HERE, [HERE]);
		expect(document.activeElement).toBe(document.body);
	});
});
