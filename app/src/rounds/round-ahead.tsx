import { pageTexts } from '../device/with-page';
import { Page } from '../ui/page';
import { Words } from '../ui/words';

/** The page of a Round before the device's own work is read: its code, and what it trains. */
export function RoundAhead({ code }: { readonly code: string }) {
	const { title, prompt } = pageTexts(`/round/${code}`);
	return (
		<Page title={title} testID="ahead">
			<Words>{prompt}</Words>
		</Page>
	);
}
