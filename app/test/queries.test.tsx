import { fireEvent, render, screen } from '@testing-library/react';
import { check } from '@tidy-sum/core/practice';
import { stepSchema } from '@tidy-sum/schema';
import { Provider } from 'react-redux';
import { VerdictPanel } from '../src/desk/panels/verdict-panel';
import { SettingsScreen } from '../src/settings/settings-screen';
import { type AppStore, makeStore } from '../src/store/store';
import { saveFile } from '../src/ui/save-file';
import { queriesIn } from '../src/work/queries';
import { did } from '../src/work/works-reducer';
import { pageSays, pressNamed } from './found';
import { layGust, showPanel } from './on-desk';

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: () => {} }) }));
jest.mock('../src/worker/core-worker', () => jest.requireActual('./jobs-here').jobsHere());
jest.mock('../src/worker/form-worker', () => jest.requireActual('./files-here').filesHere());
jest.mock('../src/ui/save-file', () => ({ saveFile: jest.fn() }));

function checked(answer: string): AppStore {
	const store = makeStore();
	layGust(store);
	store.dispatch(did('wind-gust', { do: 'answer', text: answer }));
	store.dispatch(did('wind-gust', { do: 'check' }));
	showPanel('wind-gust', VerdictPanel, { kind: 'verdict' }, { store });
	return store;
}

describe('an answer the student thinks is right', () => {
	it('is kept once, with the line and what the check said, and can be taken back', () => {
		const store = checked('27.4 ft/s');
		pressNamed('I think this is right');
		expect(pageSays()).toContain('Saved, with your line');
		expect(screen.queryByText('I think this is right')).toBeNull();
		const [kept] = queriesIn(store.getState().works);
		expect(kept?.queried).toMatchObject({
			answer: '27.4 ft/s',
			factors: [{ top: { unit: 'ft' } }, { bottom: { unit: 's' } }],
			said: { line: { verdict: 'right' }, value: { verdict: 'wrong' } },
		});
		expect(stepSchema.safeParse({ do: 'query', ...kept }).success).toBe(true);
		pressNamed('Take it back');
		expect(queriesIn(store.getState().works)).toEqual([]);
	});

	it('is not asked about where the check finds it right', () => {
		checked('27.1 ft/s');
		expect(screen.queryByText('I think this is right')).toBeNull();
	});

	it('stands in Settings, and goes along as a file whose lines can be asked of the check again', () => {
		const store = checked('27.4 ft/s');
		pressNamed('I think this is right');
		document.body.innerHTML = '';
		render(
			<Provider store={store}>
				<SettingsScreen />
			</Provider>,
		);
		expect(pageSays()).toContain('A gust at the mast: 27.4 ft/s');
		pressNamed('Save them as a file');
		const [text, name] = (saveFile as jest.Mock).mock.calls[0];
		expect(name).toBe('answers-i-think-are-right.jsonl');
		const lines = text
			.trim()
			.split('\n')
			.map((line: string) => JSON.parse(line));
		expect(lines).toHaveLength(1);
		const { op, exercise, answer, chain, said } = lines[0];
		const made = check(exercise, answer, chain);
		expect([op, answer, made.ok && made.value.value.verdict]).toEqual(['check', '27.4 ft/s', said.value.verdict]);
		fireEvent.click(screen.getByText('Remove'));
		expect(queriesIn(store.getState().works)).toEqual([]);
	});
});
