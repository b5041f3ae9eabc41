import { useEffect, useState } from 'react';
import { loadedAgain } from './device/page-again';
import { keepOffline } from './sync/keep-offline';
import { Button } from './ui/button';
import { Strip } from './ui/strip';

/** Says when a new version of the app is ready, and takes it with one touch. Every step is kept already, so none is lost. */
export function NewVersion() {
	const [isNewer, setNewer] = useState(false);
	const [take, setTake] = useState<(() => void) | null>(null);
	useEffect(() => keepOffline((waiting) => setTake(() => waiting)), []);
	useEffect(() => setNewer(loadedAgain() === 'gone'), []);
	if (isNewer && !take)
		return (
			<Strip
				title="The page was loaded again."
				says="A newer version was there. What you did is kept."
				testID="loaded-again"
			>
				<Button label="All right" onPress={() => setNewer(false)} />
			</Strip>
		);
	if (!take) return null;
	return (
		<Strip title="A new version is ready." says="What you have done is kept." testID="new-version">
			<Button label="Take it" say="the new version" onPress={take} testID="take-version" />
			<Button label="Later" onPress={() => setTake(null)} testID="later-version" />
		</Strip>
	);
}
