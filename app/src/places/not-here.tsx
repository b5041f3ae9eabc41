import { Page } from '../ui/page';
import { Words } from '../ui/words';
import { PlaceLinks } from './place-links';

/** An address at which there is nothing: why, and where to go on. */
export function NotHere({ why }: { readonly why: string }) {
	return (
		<Page title="Not here" testID="not-here" bar={<PlaceLinks here={null} />}>
			<Words role="status" aria-live="polite">
				{why}
			</Words>
			<Words>Look at the address once more: a letter may be missing. What you have worked is all still there.</Words>
		</Page>
	);
}

/** What is on its way, said. */
export function Coming({ says }: { readonly says: string }) {
	return (
		<Page title="One moment" testID="coming" bar={<PlaceLinks here={null} />}>
			<Words role="status" aria-live="polite">
				{says}
			</Words>
		</Page>
	);
}
