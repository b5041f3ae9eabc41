import { Page } from '../ui/page';
import { Words } from '../ui/words';
import { PlaceLinks } from './place-links';
import * as words from './words';

/** An address at which there is nothing: why, and where to go on. */
export function NotHere({ why }: { readonly why: string }) {
	return (
		<Page title={words.notHere} testID="not-here" bar={<PlaceLinks here={null} />}>
			<Words role="status" aria-live="polite">
				{why}
			</Words>
			<Words>{words.checkTheAddressALetterMay}</Words>
		</Page>
	);
}

/** What is on its way, said. */
export function Coming({ says }: { readonly says: string }) {
	return (
		<Page title={words.oneMoment} testID="coming" bar={<PlaceLinks here={null} />}>
			<Words role="status" aria-live="polite">
				{says}
			</Words>
		</Page>
	);
}
