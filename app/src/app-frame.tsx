import { useFonts } from 'expo-font';
import { Slot } from 'expo-router';
import { useEffect, useState } from 'react';
import { useColorScheme, View } from 'react-native';
import { Provider } from 'react-redux';
import { openDesk } from './store/open-desk';
import type { AppStore } from './store/store';
import { keepOffline } from './sync/keep-offline';
import { FONTS } from './theme/fonts';
import { DARK, LIGHT } from './theme/tokens';
import { PaletteContext } from './theme/use-palette';

/** The frame of every screen: the theme the device asks for, the shipped fonts, and the desk as it was left. */
export function AppFrame() {
	const palette = useColorScheme() === 'dark' ? DARK : LIGHT;
	const [ready, failed] = useFonts(FONTS);
	const [store, setStore] = useState<AppStore | null>(null);
	useEffect(() => {
		void openDesk().then(setStore);
		keepOffline();
	}, []);
	return (
		<PaletteContext value={palette}>
			<View style={{ flex: 1, backgroundColor: palette.page }}>
				{store && (ready || failed) ? (
					<Provider store={store}>
						<Slot />
					</Provider>
				) : null}
			</View>
		</PaletteContext>
	);
}
