import { usePathname } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { useRoom } from '../ui/use-room';
import { PlaceLinks } from './place-links';
import { placeOf } from './places';

/** On a wide screen the four places stand beside every page. */
export function WithRail({ children }: { readonly children: ReactNode }) {
	const { wide } = useRoom();
	const here = placeOf(usePathname());
	return (
		<View style={{ flex: 1, flexDirection: 'row' }}>
			{wide ? <PlaceLinks here={here} upright /> : null}
			<View style={{ flex: 1 }}>{children}</View>
		</View>
	);
}
