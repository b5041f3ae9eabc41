/** Puts a text on the device's clipboard; false where the browser does not let it. */
export async function copied(text: string): Promise<boolean> {
	try {
		await navigator.clipboard.writeText(text);
		return true;
	} catch {
		return false;
	}
}
