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

const BROKE_OFF = 'This could not be done here. Try once more; nothing was changed.';

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
	return `${count} ${count === 1 ? 'piece' : 'pieces'} of work`;
}

/** What came of taking a file in, in sentences. */
export function sayMerged({ added, followed, known }: Merged, aside: number): string {
	const parts = [
		`${pieces(added)} ${added === 1 ? 'is' : 'are'} new here`,
		...(followed ? [`${followed} went on from what was here`] : []),
		...(known ? [`${known} ${known === 1 ? 'was' : 'were'} here already`] : []),
	];
	const left = aside
		? ` ${pieces(aside)} in the file could not be read and ${aside === 1 ? 'is' : 'are'} left out.`
		: '';
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
		setSaid(`${pieces(away)} ${away === 1 ? 'is' : 'are'} still to come from the server. Try again once all are here.`);
		return false;
	};
	const take = async () => {
		if (!whole()) return;
		setSaid('One moment…');
		setSaid(`Saved as ${await takeMyWork(store)}.`);
	};
	const bring = async (file: File) => {
		if (!whole()) return;
		setSaid('One moment…');
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
		<Box style={styles.part} role="group" aria-label="Your data" testID="your-data">
			<Words strong size="title" role="heading" aria-level={2}>
				Your data
			</Words>
			<Words testID="data-says">
				{pieces(count)}, sent to the check {tries} {tries === 1 ? 'time' : 'times'}. {where}
				{away ? ` ${pieces(away)} ${away === 1 ? 'is' : 'are'} still to come from there.` : ''}
				{kept === null ? '' : ` With the app itself this browser keeps ${sizeText(kept)}.`}
			</Words>
			<Box style={styles.row}>
				<Button
					label="All my work as a file"
					icon={Take}
					onPress={() => void take().catch(say(BROKE_OFF))}
					testID="take-data"
				/>
				<FileButton
					label="Take work in"
					say="from such a file; nothing here is lost or doubled"
					accept=".json,application/json"
					onFile={(file) => void bring(file).catch(say(BROKE_OFF))}
					testID="bring-data"
				/>
			</Box>
			<Words role="status" aria-live="polite" testID="data-done">
				{said}
			</Words>
			<Words size="small" tone="soft">
				The file holds every line with all its steps, your problems, sheets, facts and settings. It names no desk and no
				person.
			</Words>
			<Box style={styles.row}>
				<Button
					label="Desks and devices"
					say="another device, a recovery sheet, leaving and erasing"
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
