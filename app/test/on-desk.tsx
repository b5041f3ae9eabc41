import { fireEvent, render } from '@testing-library/react';
import type { ComponentType } from 'react';
import { Provider } from 'react-redux';
import type { PanelProps } from '../src/desk/panel-row';
import { type Acts, useActs } from '../src/desk/use-acts';
import { type AppStore, makeStore } from '../src/store/store';
import { useDesk } from '../src/store/use-desk';
import type { DeskView } from '../src/work/desk-view';
import type { PanelKind, PanelOf } from '../src/work/panel-slice';
import { did } from '../src/work/works-reducer';

type Shown = {
	readonly store: AppStore;
	/** The Desk as it stands now. */
	readonly view: () => DeskView;
};

type More = {
	readonly store?: AppStore;
	readonly wide?: boolean;
	/** What is done in place of what the Desk does. */
	readonly acts?: Partial<Acts>;
};

/** Shows the content of a panel for an exercise as the Desk does: over a true store, with all one can do there. */
export function showPanel<K extends PanelKind>(
	exercise: string,
	Content: ComponentType<PanelProps<K>>,
	panel: PanelOf<K>,
	{ store = makeStore(), wide = false, acts: instead = {} }: More = {},
): Shown {
	let seen: DeskView | null = null;
	function Panel() {
		const acts = useActs(exercise);
		seen = useDesk(exercise);
		return seen ? <Content view={seen} panel={panel} acts={{ ...acts, ...instead }} wide={wide} /> : null;
	}
	render(
		<Provider store={store}>
			<Panel />
		</Provider>,
	);
	return { store, view: () => viewed(seen) };
}

/** Presses the one button called so, as a person finds it. On a long page a search by role takes a minute in jsdom. */
export function pressButton(name: RegExp): void {
	const buttons = [...document.querySelectorAll('button')];
	const found = buttons.filter((button) => name.test(button.getAttribute('aria-label') ?? button.textContent ?? ''));
	if (found.length !== 1) throw new Error(`${found.length} buttons are called ${name}`);
	fireEvent.click(found[0] as HTMLElement);
}

/** The Desk of an exercise, with no panel shown. */
export function viewOf(exercise: string, store: AppStore = makeStore()): DeskView {
	let seen: DeskView | null = null;
	function Look() {
		seen = useDesk(exercise);
		return null;
	}
	render(
		<Provider store={store}>
			<Look />
		</Provider>,
	);
	return viewed(seen);
}

function viewed(view: DeskView | null): DeskView {
	if (!view) throw new Error('there is no exercise of that name');
	return view;
}

/** Lays the line of the gust, from miles an hour to feet a second: it closes. */
export function layGust(store: AppStore): void {
	const blocks = [
		{ top: { number: '5280', unit: 'ft' }, bottom: { number: '1', unit: 'mi' } },
		{ top: { number: '1', unit: 'h' }, bottom: { number: '3600', unit: 's' } },
	];
	for (const [i, factor] of blocks.entries()) store.dispatch(did('wind-gust', { do: 'place', block: `b${i}`, factor }));
}
