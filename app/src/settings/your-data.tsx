import { nanoid } from '@reduxjs/toolkit';
import { useRouter } from 'expo-router';
import { __iconData as Take } from 'lucide-react-native/icons/download';
import { useEffect, useState } from 'react';
import { settingsIn } from '../device/settings';
import { allWorks } from '../store/all-works';
import { useAppSelector, useAppStore } from '../store/store';
import { takeMyWork } from '../store/take-my-work';
import { useSettings } from '../store/use-settings';
import { sayKeeping } from '../sync/said-keeping';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { FileButton } from '../ui/file-button';
import { Words } from '../ui/words';
import { type Merged, mergedIn } from '../work/merged';
import { tookIn } from '../work/works-reducer';
import { isHere } from '../work/works-state';
import { workOnFiles } from '../worker/form-worker';
import * as words from './words';

const BROKE_OFF = words.thisDidNotWorkNothingWas;

/** A number of bytes for people: "12 kB", "3.4 MB". */
export function sizeText(bytes: number): string {
	if (bytes < 1_000_000) return `${Math.max(1, Math.round(bytes / 1000))} kB`;
	return `${(bytes / 1_000_000).toFixed(1)} MB`;
}

/** How much this browser keeps for the app, its own files included; null where it does not tell. */
function useKept(): number | null {
	const [kept, setKept] = useState<number | null>(null);
	useEffect(() => {
		let gone = false;
		globalThis.navigator?.storage?.estimate?.().then(
			({ usage }) => !gone && usage !== undefined && setKept(usage),
			() => {},
		);
		return () => {
			gone = true;
		};
	}, []);
	return kept;
}

function pieces(count: number): string {
	return words.ofWork(count);
}

/** What came of taking a file in, in sentences. */
export function sayMerged({ added, followed, known }: Merged, aside: number): string {
	const parts = [
		words.newHere(pieces(added), added),
		...(followed ? [words.newerThanWhatWasHere(followed)] : []),
		...(known ? [words.alreadyHere(known)] : []),
	];
	const left = aside ? words.inTheFileCouldNotBeReadAnd(pieces(aside), aside) : '';
	return `${parts.join('; ')}.${left}`;
}

/** All of one's work: how much there is and where it is kept; as one file, and taken in again from one. */
export function YourData() {
	const styles = useStyles();
	const router = useRouter();
	const store = useAppStore();
	const [, change] = useSettings();
	const count = useAppSelector(({ works }) => Object.keys(works.byId).length);
	const tries = useAppSelector(({ works }) =>
		Object.values(works.byId).reduce((sum, { body, away }) => sum + (away?.tries ?? body.tries?.length ?? 0), 0),
	);
	const where = useAppSelector((state) => sayKeeping(state.sync));
	const away = useAppSelector(({ works }) => Object.values(works.byId).filter((entry) => !isHere(entry)).length);
	const kept = useKept();
	const [said, setSaid] = useState('');
	const say = (says: string) => () => setSaid(says);
	// A file holds all of it, and what a file brings is held against all of it.
	const whole = () => {
		if (!away) return true;
		setSaid(words.stillLoadingFromTheServer(pieces(away), away));
		return false;
	};
	const take = async () => {
		if (!whole()) return;
		setSaid(words.oneMoment);
		setSaid(words.savedAs(await takeMyWork(store)));
	};
	const bring = async (file: File) => {
		if (!whole()) return;
		setSaid(words.oneMoment);
		const text = await file.text();
		const read = await workOnFiles((jobs) => jobs.readMyWork(text));
		if (!read.ok) return setSaid(read.fault.message);
		const { pieces, open, aside } = read.value;
		const merged = mergedIn(await allWorks(store), pieces, open, () => nanoid());
		store.dispatch(tookIn({ byId: merged.works.byId, open: merged.works.open }));
		const set = settingsIn(read.value.settings);
		if (set) change(set);
		setSaid(sayMerged(merged, aside));
	};
	return (
		<Box style={styles.part} role="group" aria-label={words.yourData} testID="your-data">
			<Words strong size="title" role="heading" aria-level={2}>
				{words.yourData}
			</Words>
			<Words testID="data-says">
				{[
					words.sentToTheCheck(pieces(count), tries, where),
					away ? words.stillLoadingFromThere(pieces(away), away) : '',
					kept === null ? '' : words.withTheAppThisTakes(sizeText(kept)),
				]
					.filter(Boolean)
					.join(' ')}
			</Words>
			<Box style={styles.row}>
				<Button
					label={words.allMyWorkAsAFile}
					icon={Take}
					onPress={() => void take().catch(say(BROKE_OFF))}
					testID="take-data"
				/>
				<FileButton
					label={words.loadWork}
					say={words.fromSuchAFileWithoutLosing}
					accept=".json,application/json"
					onFile={(file) => void bring(file).catch(say(BROKE_OFF))}
					testID="bring-data"
				/>
			</Box>
			<Words role="status" aria-live="polite" testID="data-done">
				{said}
			</Words>
			<Words size="small" tone="soft">
				{words.theFileHasEveryLineWithAll}
			</Words>
			<Box style={styles.row}>
				<Button
					label={words.desksAndDevices}
					say={words.addADeviceMakeARecovery}
					onPress={() => router.navigate('/desks' as '/')}
					testID="to-desks"
				/>
			</Box>
		</Box>
	);
}

const useStyles = makeStyles(() => ({
	part: { gap: GAP.m },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
}));
