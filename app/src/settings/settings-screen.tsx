import { useRouter } from 'expo-router';
import { __iconData as Back } from 'lucide-react-native/icons/arrow-left';
import { TEXT_SIZES } from '../device/settings';
import { TablesInUse } from '../fact/tables-in-use';
import { useAppDispatch } from '../store/store';
import { useShelf } from '../store/use-desk';
import { useBeginGuided } from '../store/use-guided';
import { useSettings } from '../store/use-settings';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Choices } from '../ui/choices';
import { Page } from '../ui/page';
import { Part } from '../ui/part';
import { Words } from '../ui/words';
import { SHELF } from '../work/list-names';
import { chosenNumbers } from '../work/numbers';
import { NUMBERS, SUPPORT } from '../work/said-choices';
import { did } from '../work/works-reducer';
import { QueriesPart } from './queries-part';
import * as words from './words';
import { YourData } from './your-data';

const THEMES = [
	{ value: 'device', label: words.sameAsTheDevice },
	{ value: 'light', label: 'light' },
	{ value: 'dark', label: 'dark' },
] as const;

const MOTION = [
	{ value: 'device', label: words.sameAsTheDevice },
	{ value: 'none', label: 'none' },
] as const;

const LETTERS = [
	{
		value: 'on',
		label: 'on',
		says: words.oneLetterWorksAsACommandOn,
	},
	{
		value: 'off',
		label: 'off',
		says: words.singleLettersDoNothingThe,
	},
] as const;

const OPENS_NEXT = [
	{ value: 'on', label: 'on', says: words.theFactsOpenWhenOne },
	{ value: 'off', label: 'off', says: words.nothingOpensUntilYouTouch },
] as const;

const DECIMALS = [
	{
		value: 'point',
		label: 'point',
		says: words.writeDecimalsAsAComma,
	},
	{ value: 'comma', label: 'comma', says: words.writeDecimalsAsHereIsA },
] as const;

const SIZES = TEXT_SIZES.map((size) => ({ value: `${size}`, label: `${size} %` }));

type ExplainedProps<T extends string> = {
	readonly label: string;
	readonly choices: readonly { readonly value: T; readonly label: string; readonly says: string }[];
	readonly chosen: T;
	readonly onChoose: (value: T) => void;
	/** What is said of any of them. */
	readonly always?: string;
	readonly testID: string;
	/** The name of what is said, for tests. */
	readonly saysID: string;
};

/** A choice, with what the one that holds means. */
function Explained<T extends string>({ choices, chosen, always = '', saysID, ...rest }: ExplainedProps<T>) {
	const means = choices.find(({ value }) => value === chosen)?.says ?? '';
	return (
		<>
			<Choices choices={choices.map(({ value, label }) => ({ value, label }))} chosen={chosen} {...rest} />
			<Words size="small" tone="soft" aria-live="polite" testID={saysID}>
				{[means, always].filter(Boolean).join(' ')}
			</Words>
		</>
	);
}

/** The decimal mark; a class or a problem may say another, which holds for its exercises. */
function DecimalChoice() {
	const [{ decimal }, change] = useSettings();
	return (
		<Explained
			label={words.decimalMark}
			choices={DECIMALS}
			chosen={decimal}
			onChoose={(next) => change({ decimal: next })}
			always={words.ifYourClassOrAProblemSays}
			testID="decimal"
			saysID="decimal-says"
		/>
	);
}

/** Whether the Desk opens what comes next by itself. */
function OpensNextChoice() {
	const [{ opensNext }, change] = useSettings();
	return (
		<Explained
			label={words.openTheNextStepByItself}
			choices={OPENS_NEXT}
			chosen={opensNext ? 'on' : 'off'}
			onChoose={(next) => change({ opensNext: next === 'on' })}
			testID="opens-next"
			saysID="opens-next-says"
		/>
	);
}

/** How one works: how much is said, how numbers are shown, which tables count. It goes with the desk to other devices. */
function Working() {
	const dispatch = useAppDispatch();
	const shelf = useShelf();
	return (
		<Part title={words.working}>
			<Explained
				label={words.supportWhileWorking}
				choices={SUPPORT}
				chosen={shelf.support}
				onChoose={(level) => dispatch(did(SHELF, { do: 'support', level }))}
				testID="support"
				saysID="support-says"
			/>
			<Explained
				label={words.theNumbersOfTheLine}
				choices={NUMBERS}
				chosen={chosenNumbers(shelf)}
				onChoose={(way) => dispatch(did(SHELF, { do: 'numbers', way }))}
				always={words.aRoundAlwaysUsesLaidOut}
				testID="numbers-way"
				saysID="numbers-say"
			/>
			<OpensNextChoice />
			<DecimalChoice />
			<TablesInUse allowed={shelf.allowed} onShelf={(step) => dispatch(did(SHELF, step))} />
		</Part>
	);
}

/** How this device shows it. */
function Looks() {
	const [{ theme, text, motion, letterKeys }, change] = useSettings();
	return (
		<Part title={words.thisDevice}>
			<Choices
				label={words.lightOrDark}
				choices={THEMES}
				chosen={theme}
				onChoose={(next) => change({ theme: next })}
				testID="theme"
			/>
			<Choices
				label={words.sizeOfText}
				choices={SIZES}
				chosen={`${text}`}
				onChoose={(next) => change({ text: TEXT_SIZES.find((size) => `${size}` === next) ?? text })}
				testID="text-size"
			/>
			<Choices
				label={words.motion}
				choices={MOTION}
				chosen={motion}
				onChoose={(next) => change({ motion: next })}
				testID="motion"
			/>
			<Explained
				label={words.keysOfOneLetterOnTheDesk}
				choices={LETTERS}
				chosen={letterKeys ? 'on' : 'off'}
				onChoose={(next) => change({ letterKeys: next === 'on' })}
				testID="letter-keys"
				saysID="letters-say"
			/>
		</Part>
	);
}

/** What can be chosen: how one works, how this device shows it; the first line together; and one's data. */
export function SettingsScreen() {
	const styles = useStyles();
	const router = useRouter();
	const begin = useBeginGuided();
	return (
		<Page
			title={words.settings}
			testID="settings"
			beside={
				<>
					<YourData />
					<QueriesPart />
				</>
			}
			tools={<Button label={words.today} icon={Back} onPress={() => router.navigate('/')} testID="to-today" />}
		>
			<Working />
			<Looks />
			<Part title={words.yourFirstLineWithAGuide}>
				<Words>{words.convertAJarOfHoneyOnThe}</Words>
				<Box style={styles.row}>
					<Button label={words.startTheGuide} onPress={begin} testID="begin-guided" />
				</Box>
			</Part>
		</Page>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
}));
