import { useFonts } from 'expo-font';
import { Slot } from 'expo-router';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { Provider } from 'react-redux';
import { openDesk } from './store/open-desk';
import type { AppStore } from './store/store';
import { FONTS } from './theme/fonts';
import { makeStyles } from './theme/use-styles';

/** The frame of every screen: the shipped fonts, and the desk as it was left. */
export function AppFrame() {
	const styles = useStyles();
	const [ready, failed] = useFonts(FONTS);
	const [store, setStore] = useState<AppStore | null>(null);
	useEffect(() => {
		void openDesk().then(setStore);
	}, []);
	if (!store || !(ready || failed)) return <View style={styles.frame} />;
	return (
		<Provider store={store}>
			<View style={styles.frame}>
				<Slot />
			</View>
		</Provider>
	);
}

const useStyles = makeStyles((palette) => ({ frame: { flex: 1, backgroundColor: palette.page } }));
