import { Browser, type Screen } from './browser';
import { L } from './labels';
import { byId } from './parts';

/** Opens a second device, which joins the desk of the first by a code, and opens it. */
export async function joinedBy(first: Browser, url: string, screen: Screen): Promise<Browser> {
	await first.driver.get(`${url}/desks`);
	await first.press(L.makeCode);
	const code = await first.text(byId('code'));
	const second = await Browser.open({ screen });
	await second.driver.get(`${url}/join`);
	await second.write(L.joinCode, code.toLowerCase());
	await second.press(L.joinGo);
	await second.seesLine('Mo');
	return second;
}
