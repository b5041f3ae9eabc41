import { saveFile } from '../ui/save-file';
import { workOnFiles } from '../worker/form-worker';
import { allWorks } from './all-works';
import type { AppStore } from './store';

/** Saves all work of the desk, with the settings, as one file; gives its name. */
export async function takeMyWork(store: AppStore, now: number = Date.now()): Promise<string> {
	const { byId, open } = await allWorks(store);
	const { settings } = store.getState();
	const pieces = Object.values(byId).map(({ id, body }) => ({ id, body }));
	const text = await workOnFiles((jobs) => jobs.writeMyWork({ pieces, open, settings }, now));
	const name = `tidy-sum-${new Date(now).toISOString().slice(0, 10)}.json`;
	saveFile(text, name, 'application/json');
	return name;
}
