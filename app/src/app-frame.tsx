import { useFonts } from 'expo-font';
import { Slot } from 'expo-router';
import { type ReactNode, useEffect, useState } from 'react';
import { useColorScheme, View } from 'react-native';
import { Provider } from 'react-redux';
import { DeskStrip } from './desk-strip';
import { applySettings, readSettings } from './device/settings';
import { NewVersion } from './new-version';
import { WithPlaces } from './places/with-places';
import { openDesk } from './store/open-desk';
import { type AppStore, useAppSelector } from './store/store';
import { FONTS } from './theme/fonts';
import { DARK, LIGHT } from './theme/tokens';
import { PaletteContext } from './theme/use-palette';

// Before anything is drawn, so that nothing is laid out twice.
if (globalThis.document) applySettings(readSettings(), globalThis.document.documentElement);

/** The colours and the size this device is set to, round everything. */
function AsSet({ children }: { readonly children: ReactNode }) {
	const settings = useAppSelector((state) => state.settings);
	const asked = useColorScheme() === 'dark' ? 'dark' : 'light';
	const palette = (settings.theme === 'device' ? asked : settings.theme) === 'dark' ? DARK : LIGHT;
	useEffect(() => applySettings(settings, globalThis.document.documentElement), [settings]);
	return (
		<PaletteContext value={palette}>
			<View style={{ flex: 1, backgroundColor: palette.page }}>{children}</View>
		</PaletteContext>
	);
}

/** The frame of every screen: the theme, the shipped fonts, the desk as it was left, and the ways to the four places. */
export function AppFrame() {
	const [ready, failed] = useFonts(FONTS);
	const [store, setStore] = useState<AppStore | null>(null);
	useEffect(() => {
		void openDesk().then(setStore);
	}, []);
	if (!store || !(ready || failed)) return null;
	return (
		<Provider store={store}>
			<AsSet>
				<NewVersion />
				<DeskStrip />
				<WithPlaces>
					<Slot />
				</WithPlaces>
			</AsSet>
		</Provider>
	);
}
