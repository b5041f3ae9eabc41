import { openDesk } from '../src/store/open-desk';
import { makeStore } from '../src/store/store';
import { did } from '../src/work/works-reducer';

/** jsdom has no database of its own, as a private window may have none. */
describe('a browser without a store of its own', () => {
	beforeEach(() => {
		globalThis.fetch = jest.fn(async () => {
			throw new TypeError('the network is away');
		}) as never;
	});

	it('opens a desk all the same, says that it lasts only with the page, and takes what is done', async () => {
		expect('indexedDB' in globalThis).toBe(false);
		const store = makeStore();
		await openDesk(store);
		expect(store.getState().sync.lasting).toBe(false);
		store.dispatch(did('honey-jar', { do: 'answer', text: '0.454 kg' }));
		expect(Object.values(store.getState().works.byId)).toHaveLength(1);
	});
});
