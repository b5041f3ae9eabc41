import { Page } from '../ui/page';
import { Words } from '../ui/words';
import { SHELF_PARTS } from './shelf-parts';
import * as words from './words';

/** A part of the Shelf before its script is there: what it is, and what it is for. */
export function ShelfAhead({ name }: { readonly name: string }) {
	const part = SHELF_PARTS.find((one) => one.name === name);
	return (
		<Page title={part?.title ?? words.shelf} testID="ahead">
			{part ? <Words tone="soft">{`${part.says}.`}</Words> : null}
		</Page>
	);
}
