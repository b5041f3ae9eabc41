import { Slot, usePathname } from 'expo-router';
import { type ReactNode, useEffect, useState } from 'react';
import { View } from 'react-native';
import { Provider } from 'react-redux';
import { applySettings } from './device/settings';
import { useHydrated } from './device/use-hydrated';
import { NewVersion } from './new-version';
import { BrokenPage } from './places/broken-page';
import { WithPlaces } from './places/with-places';
import { type AppState, makeStore, useAppSelector } from './store/store';
import { makeStyles } from './theme/use-styles';
import { DecimalContext } from './ui/decimal';
import { Guarded } from './ui/guarded';
import { later } from './ui/later';

/** The page follows its settings as they change; before it is first painted its own script has set it. */
function FollowsSettings() {
	const settings = useAppSelector((state) => state.settings);
	useEffect(() => applySettings(settings, globalThis.document.documentElement), [settings]);
	return null;
}

/** Numbers in the decimal mark this device is set to; a page that was drawn ahead has points until it is taken over. */
function InMark({ children }: { readonly children: ReactNode }) {
	const decimal = useAppSelector((state) => state.settings.decimal);
	const isHydrated = useHydrated();
	return <DecimalContext value={isHydrated ? decimal : 'point'}>{children}</DecimalContext>;
}

/** Opening the desk begins before anything is drawn: what lies on the device is looked for meanwhile. */
const opening = globalThis.document ? import('./store/open-desk') : null;

const DeskStrip = later(async () => (await import('./desk-strip')).DeskStrip);

/** Whether there is something to say of the desk: a link, a desk that does not open, or work that the device does not keep. */
function saysOf({ link, access, holds, lasting }: AppState['sync'], { byId }: AppState['works']): boolean {
	return link !== null || access !== 'open' || !holds || (!lasting && Object.keys(byId).length > 0);
}

/** What is to be said of the desk over every page, where something is. */
function SaysOfDesk() {
	const says = useAppSelector(({ sync, works }) => saysOf(sync, works));
	return says ? <DeskStrip /> : null;
}

/**
 * The frame of every screen: the settings, the desk as it was left, and the ways to the four places. The store is there at
 * once, and empty; it is filled with what the device has as soon as that is read.
 */
export function AppFrame() {
	const styles = useStyles();
	const [store] = useState(makeStore);
	const path = usePathname();
	useEffect(() => {
		// What could not be fetched is fetched once more.
		void opening?.catch(() => import('./store/open-desk')).then(({ openDesk }) => openDesk(store));
	}, [store]);
	return (
		<Provider store={store}>
			<FollowsSettings />
			<InMark>
				<View style={styles.frame}>
					<NewVersion />
					<SaysOfDesk />
					<WithPlaces>
						<Guarded of={path} fallback={(again) => <BrokenPage onAgain={again} />}>
							<Slot />
						</Guarded>
					</WithPlaces>
				</View>
			</InMark>
		</Provider>
	);
}

const useStyles = makeStyles((palette) => ({ frame: { flex: 1, backgroundColor: palette.page } }));
