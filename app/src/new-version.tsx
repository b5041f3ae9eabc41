import { useEffect, useState } from 'react';
import { keepOffline } from './sync/keep-offline';
import { Button } from './ui/button';
import { Strip } from './ui/strip';

/** Says when a new version of the app is ready, and takes it with one touch. Every step is kept already, so none is lost. */
export function NewVersion() {
	const [take, setTake] = useState<(() => void) | null>(null);
	useEffect(() => keepOffline((waiting) => setTake(() => waiting)), []);
	if (!take) return null;
	return (
		<Strip title="A new version is ready." says="What you have done is kept." testID="new-version">
			<Button label="Take it" say="the new version" onPress={take} testID="take-version" />
			<Button label="Later" onPress={() => setTake(null)} testID="later-version" />
		</Strip>
	);
}
