import type { ReactNode } from 'react';
import { Page } from '../ui/page';
import { PlacePage } from './place-page';
import type { PlaceName } from './places';

/**
 * The frame of a page before what it holds is there: its title, where that is the same for all.
 * @param place the place it is, where it is one of the four.
 */
export function pageAhead(title: string, place: PlaceName | null = null): () => ReactNode {
	return function PageAhead() {
		return place ? (
			<PlacePage title={title} place={place} testID="ahead">
				{null}
			</PlacePage>
		) : (
			<Page title={title} testID="ahead">
				{null}
			</Page>
		);
	};
}
