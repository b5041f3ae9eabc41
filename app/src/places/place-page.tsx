import type { ReactNode } from 'react';
import { Page } from '../ui/page';
import { useRoom } from '../ui/use-room';
import { PlaceLinks } from './place-links';
import type { PlaceName } from './places';

type Props = {
	readonly title: string;
	readonly says?: string | undefined;
	readonly ways?: ReactNode | undefined;
	readonly place: PlaceName;
	readonly children: ReactNode;
	readonly beside?: ReactNode | undefined;
	readonly action?: ReactNode | undefined;
	readonly full?: boolean;
	readonly testID: string;
};

/**
 * A page that is one of the four places. The four stand round it (`with-places`); where there is little height, at its end.
 */
export function PlacePage({ place, ...page }: Props) {
	const { short } = useRoom();
	return <Page {...page} bar={short ? <PlaceLinks here={place} /> : undefined} />;
}
