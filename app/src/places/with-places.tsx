import { usePathname } from 'expo-router';
import { type ReactNode, useDeferredValue } from 'react';
import { View } from 'react-native';
import { useFaces } from '../device/use-faces';
import { AddressContext } from '../ui/use-kept-scroll';
import { useRoom } from '../ui/use-room';
import { PlaceLinks } from './place-links';
import { PLACES, placeOf } from './places';

/**
 * The four places beside every page of a wide screen, and on a phone under those pages that are one of them. They stay as
 * one goes from one to another; where they come, they follow the page by a frame.
 */
export function WithPlaces({ children }: { readonly children: ReactNode }) {
	const { wide, short } = useRoom();
	const path = usePathname();
	useFaces(path);
	const isPlace = useDeferredValue(PLACES.some((place) => place.path === path));
	return (
		<View style={{ flex: 1, flexDirection: 'row' }}>
			{wide ? <PlaceLinks here={placeOf(path)} upright /> : null}
			<View style={{ flex: 1 }}>
				<AddressContext value={path}>
					<View style={{ flex: 1 }}>{children}</View>
				</AddressContext>
				{isPlace && !wide && !short ? <PlaceLinks here={placeOf(path)} /> : null}
			</View>
		</View>
	);
}
