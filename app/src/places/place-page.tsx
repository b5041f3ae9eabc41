import type { ReactNode } from 'react';
import { Page } from '../ui/page';
import { PlaceLinks } from './place-links';
import type { PlaceName } from './places';

type Props = {
	readonly title: string;
	readonly place: PlaceName;
	readonly children: ReactNode;
	readonly beside?: ReactNode | undefined;
	readonly action?: ReactNode | undefined;
	readonly testID: string;
};

/** A page that is one of the four places: on a phone the bar of the four stands under it. */
export function PlacePage({ place, ...page }: Props) {
	return <Page {...page} bar={<PlaceLinks here={place} />} />;
}
