import { useEffect, useState } from 'react';
import { loadedAgain } from './device/page-again';
import { keepOffline } from './sync/keep-offline';
import { Button } from './ui/button';
import { Strip } from './ui/strip';
import * as words from './words';

/** Says when a new version of the app is ready, and takes it with one touch. Every step is kept already, so none is lost. */
export function NewVersion() {
	const [isNewer, setNewer] = useState(false);
	const [take, setTake] = useState<(() => void) | null>(null);
	useEffect(() => keepOffline((waiting) => setTake(() => waiting)), []);
	useEffect(() => setNewer(loadedAgain() === 'gone'), []);
	if (isNewer && !take)
		return (
			<Strip title={words.thePageHasReloaded} says={words.itIsNowTheNewestVersion} testID="loaded-again">
				<Button label={words.allRight} onPress={() => setNewer(false)} />
			</Strip>
		);
	if (!take) return null;
	return (
		<Strip title={words.aNewVersionIsReady} says={words.yourWorkIsSaved} testID="new-version">
			<Button label={words.update} say={words.theNewVersion} onPress={take} testID="take-version" />
			<Button label={words.later} onPress={() => setTake(null)} testID="later-version" />
		</Strip>
	);
}
