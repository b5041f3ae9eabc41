import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { Provider } from 'react-redux';
import { type AppStore, makeStore } from '../src/store/store';
import { workNamed } from '../src/work/how-far';
import { WorkingScreen } from '../src/working/working-screen';
import { found, pageSays, pressNamed } from './found';
import { layGust } from './on-desk';

const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: mockNavigate }) }));

jest.mock('../src/worker/core-worker', () => jest.requireActual('./jobs-here').jobsHere());

function show(name: string, store: AppStore = makeStore()): AppStore {
	render(
		<Provider store={store}>
			<WorkingScreen name={name} />
		</Provider>,
	);
	return store;
}

const write = (text: string) => fireEvent.change(found('The working, typed or pasted'), { target: { value: text } });
const says = (id: string) => screen.getByTestId(id).textContent;

const RIGHT = '18.5 mi/h × 5280 ft/1 mi = 97680 ft/h × 1 h/3600 s = 27.1 ft/s';

describe('a working that is laid beside', () => {
	it('is drawn as a line with its claims, and holds', () => {
		show('wind-gust');
		write(RIGHT);
		expect(pageSays()).toContain('Every factor is right, and so is every value you wrote.');
		expect(pageSays()).toContain('5280');
		expect(pageSays()).toContain('after factor 1written 97680 ft/h; the line gives 97680 ft/h');
	});

	it.each([
		['a factor upside down', RIGHT.replace('1 h/3600 s', '3600 s/1 h'), /^The first mistake is in factor 2\. No unit/],
		[
			'a factor that is not equal',
			RIGHT.replace('5280', '5820'),
			/^The first mistake is in factor 1\. 5820 feet and 1 mile/,
		],
		[
			'a claim',
			RIGHT.replace('97680', '97860'),
			/^The value written after factor 1, 97860 feet per hour, does not follow/,
		],
		['the answer', RIGHT.replace('27.1', '27.4'), /^The answer, 27\.4 feet per second, does not follow/],
		['no line at all', 'I used the table.', /^I found no line in it/],
	])('says in a sentence where it first fails: %s', (_, text, sentence) => {
		show('wind-gust');
		write(text);
		expect(says('working-says')).toMatch(sentence);
	});

	it('tells what was not read', () => {
		show('wind-gust');
		write(`By my friend at the mast. ${RIGHT}`);
		expect(pageSays()).toContain('By my friend at the mast');
	});

	it('lies beside one’s own line and the worked one, and its answer is checked', async () => {
		const store = makeStore();
		layGust(store);
		show('wind-gust', store);
		write('18.5 mi/h × 1.609 km/1 mi × 3281 ft/1 km × 1 h/3600 s = 27.2 ft/s');
		pressNamed('my line');
		expect(pageSays()).toContain('Both take the same route, but one of them uses more factors.');
		pressNamed('the worked line');
		expect(workNamed(store.getState().works, 'wind-gust')?.shown).toBe(true);
		expect(pageSays()).toContain('The first digit that differs is that of the tenths.');
		pressNamed('Check its answer');
		await waitFor(() => expect(pageSays()).toContain('Value: look again'));
	});

	it('opens on the Desk, and keeps the line that stood there', async () => {
		const store = makeStore();
		layGust(store);
		show('wind-gust', store);
		write(RIGHT);
		await act(async () => pressNamed('Open it on the Desk'));
		expect(mockNavigate).toHaveBeenLastCalledWith('/desk/wind-gust');
		const work = workNamed(store.getState().works, 'wind-gust');
		expect(work).toMatchObject({ answer: '27.1 ft/s', blocks: [{}, {}] });
		const kept = Object.values(store.getState().works.byId).filter(({ body }) => body.exercise === 'wind-gust');
		expect(kept).toHaveLength(2);
	});

	it('by itself makes a problem of its own: its start, its blocks, and the unit of its answer', async () => {
		const store = show('own-friend');
		write(RIGHT);
		await act(async () => pressNamed('Open it on the Desk'));
		expect(workNamed(store.getState().works, 'own-friend')).toMatchObject({
			start: { number: '18.5', unit: 'mi/h' },
			asked: { unit: 'ft/s' },
			working: RIGHT,
		});
	});
});
