import { Browser, type Screen } from './browser';

/** Opens a second device, which joins the desk of the first by a code, and opens it. */
export async function joinedBy(first: Browser, url: string, screen: Screen): Promise<Browser> {
	await first.driver.get(`${url}/desks`);
	await first.press('make-code');
	const code = await first.text('code');
	const second = await Browser.open({ screen });
	await second.driver.get(`${url}/join`);
	await second.fill('join-code', code.toLowerCase());
	await second.press('join-go', 'join-open');
	await second.find('week');
	return second;
}
