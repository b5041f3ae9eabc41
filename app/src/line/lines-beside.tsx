import { type Chain, parseNumeral, placeText, printUnrounded, readAnswer, type WorkedChain } from '@tidy-sum/core';
import { compareDigits, type LinesCompared, sayCompared } from '@tidy-sum/core/help';
import { lineText } from '@tidy-sum/exchange/line-text';
import { CORNER, GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Words } from '../ui/words';
import * as words from './words';

/** A line to be laid beside another, with the answer written under it; '' where none is. */
export type BesideLine = {
	readonly title: string;
	readonly chain: Chain;
	readonly worked: WorkedChain;
	readonly answer: string;
};

/** How many digits of a running value are shown. */
const DIGITS = 8;

function LineOf({ title, chain, worked, at }: Omit<BesideLine, 'answer'> & { readonly at: number | null }) {
	const styles = useStyles();
	return (
		<Box style={styles.line} role="group" aria-label={title}>
			<Words strong>{title}</Words>
			<Words>{lineText(chain, worked)}</Words>
			<Box role="list">
				{worked.running.map(({ value, pi, unit }, i) => (
					<Box
						key={i === 0 ? 'start' : `factor ${i}`}
						role="listitem"
						style={[styles.step, at === i - 1 && styles.differs]}
					>
						<Words size="small" tone="soft">
							{i === 0 ? 'start' : words.factorOfI(i)}
						</Words>
						<Words>
							{value ? printUnrounded(value, DIGITS) : '…'}
							{pi ? ' π' : ''} {unit}
						</Words>
					</Box>
				))}
			</Box>
		</Box>
	);
}

function numberIn(answer: string) {
	const read = readAnswer(answer);
	const number = read.ok ? parseNumeral(read.value.number?.text ?? '') : null;
	return number?.ok ? number.value : null;
}

/** Where two answers part, in a sentence. */
function sayDigits(parts: number | null, shifted: number | null): string {
	if (parts === null) return words.theDigitsAreTheSame;
	if (shifted !== null) return words.theDigitsAreTheSameButThe(Math.abs(shifted));
	return words.theFirstDigitThatDiffersIs(placeText(parts));
}

/** Two answers under each other, digit by digit; nothing where one has no digits to lay so. */
function Digits({ mine, theirs }: { readonly mine: BesideLine; readonly theirs: BesideLine }) {
	const styles = useStyles();
	const [one, other] = [numberIn(mine.answer), numberIn(theirs.answer)];
	const laid = one && other ? compareDigits(one, other) : null;
	if (!laid) return null;
	const at = [...laid.first].findIndex((digit, i) => digit !== laid.second[i]);
	const row = (title: string, digits: string) => (
		<Box style={styles.digits}>
			<Words size="small" tone="soft" style={styles.name}>
				{title}
			</Words>
			<Words mono aria-label={digits.trim()}>
				{at < 0 ? digits : digits.slice(0, at)}
				{at < 0 ? null : (
					<Words mono strong tone="look" style={styles.apart}>
						{digits.slice(at)}
					</Words>
				)}
			</Words>
		</Box>
	);
	return (
		<Box role="group" aria-label={words.theAnswersDigitByDigit} testID="digits-beside">
			{row(mine.title, laid.first)}
			{row(theirs.title, laid.second)}
			<Words size="small">{sayDigits(laid.parts, laid.shifted)}</Words>
		</Box>
	);
}

type Props = {
	readonly mine: BesideLine;
	readonly theirs: BesideLine;
	readonly compared: LinesCompared;
	/** What the second one is called in a sentence: "the worked line". */
	readonly called: string;
	/** What the first one is called, where it is not the student's own. */
	readonly calledMine?: string;
};

/** Two lines side by side: how they go, where their values part, and their answers digit by digit. */
export function LinesBeside({ mine, theirs, compared, called, calledMine = 'yours' }: Props) {
	const styles = useStyles();
	return (
		<>
			<Box aria-live="polite" testID="beside-says">
				{sayCompared(compared, called, calledMine).map((sentence) => (
					<Words key={sentence}>{sentence}</Words>
				))}
			</Box>
			<Digits mine={mine} theirs={theirs} />
			<Box style={styles.lines}>
				<LineOf {...mine} at={compared.differs?.first ?? null} />
				<LineOf {...theirs} at={compared.differs?.second ?? null} />
			</Box>
		</>
	);
}

const useStyles = makeStyles((palette) => ({
	lines: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.l },
	line: { flexGrow: 1, flexBasis: 160, gap: GAP.xs },
	step: { paddingVertical: 2, paddingHorizontal: GAP.xs, borderRadius: CORNER },
	differs: { backgroundColor: palette.lookWash, borderLeftWidth: 4, borderLeftColor: palette.look },
	digits: { flexDirection: 'row', alignItems: 'baseline', gap: GAP.s },
	name: { width: 120 },
	apart: { textDecorationLine: 'underline', textDecorationStyle: 'dotted' },
}));
