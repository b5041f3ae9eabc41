import { printUnitText } from '@tidy-sum/core';
import { __iconData as Erase } from 'lucide-react-native/icons/delete';
import { memo } from 'react';
import { GAP } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { makeStyles } from '../theme/use-styles';
import { Box } from './box';
import { HoldTouch } from './hold-touch';
import { Icon } from './icon';
import { Key, useKeyStyles } from './key';
import * as words from './ui-words';
import type { Caret } from './use-caret';
import { useRoom } from './use-room';

type Row = { readonly shows: string; readonly types: string; readonly say: string };

function plain(shows: string, say = shows): Row {
	return { shows, types: shows, say };
}

const POINT = plain('.', 'point');
const MIDDLE_DOT = plain('·', 'times');
const POWER: Row = { shows: '×10ⁿ', types: '×10^', say: words.timesTenToThePower };
const MINUS = plain('−', 'minus');
const OVER = plain('/', 'over');
const digits = (...keys: readonly string[]) => keys.map((digit) => plain(digit));

/** The keys in rows; erase ends the last. */
const ROWS: readonly (readonly Row[])[] = [
	[...digits('7', '8', '9'), POWER],
	[...digits('4', '5', '6'), MINUS],
	[...digits('1', '2', '3'), OVER],
	[plain('0'), POINT, MIDDLE_DOT],
];

/** The same in fewer rows, where there is little height. */
const LOW_ROWS: readonly (readonly Row[])[] = [
	[...digits('7', '8', '9'), POWER, MINUS],
	[...digits('4', '5', '6'), OVER, MIDDLE_DOT],
	[...digits('1', '2', '3', '0'), POINT],
];

const SPACE: Row = { shows: 'space', types: ' ', say: 'space' };

const NONE: readonly string[] = [];

type Props = {
	/** Where the keys type. */
	readonly caret: Caret;
	/** Units offered beside the digits. */
	readonly units: readonly string[];
	readonly powers: readonly string[];
	/** Words an answer of this kind needs. */
	readonly more?: readonly string[];
	/** What the keys are for, for those who hear it. */
	readonly label?: string;
};

/**
 * Our own keys for numbers and units: digits, point, sign, power of ten, and the units of the line. A key that types draws
 * none of them anew, as long as what they are given stays the same.
 */
export const Keypad = memo(function Keypad({
	caret: { type, typeUnit, erase, clear },
	units,
	powers,
	more = NONE,
	label = words.keysForTheAnswer,
}: Props) {
	const styles = useStyles();
	const palette = usePalette();
	const keys = useKeyStyles();
	const { low, narrow } = useRoom();
	const rows = low && !narrow ? LOW_ROWS : ROWS;
	const key = ({ shows, types, say }: Row, word = false, onPress: (text: string) => void = type) => (
		<Key key={shows} shows={shows} say={say} word={word} onPress={() => onPress(types)} testID={`key-${shows}`} />
	);
	const keyOfUnit = (unit: string) => key({ shows: unit, types: unit, say: words.unit(unit) }, true, typeUnit);
	return (
		<Box style={[styles.keypad, narrow && styles.narrow]} role="group" aria-label={label}>
			<Box style={[styles.row, styles.units]}>
				{units.map((unit) => keyOfUnit(printUnitText(unit)))}
				{powers.map((power) => key({ shows: power, types: power, say: power === '²' ? 'squared' : 'cubed' }, true))}
				{more.map((word) => key({ shows: word.trim(), types: word, say: word.trim() }, true))}
				{key(SPACE, true)}
			</Box>
			{rows.map((row, i) => (
				<Box key={row[0]?.shows} style={styles.row}>
					{row.map((each) => key(each))}
					{i === rows.length - 1 ? (
						<HoldTouch
							aria-label={words.eraseOrHoldToClear}
							onTouch={erase}
							onHold={clear}
							testID="key-erase"
							style={keys.key}
						>
							<Box aria-hidden>
								<Icon icon={Erase} size={24} color={palette.ink} />
							</Box>
						</HoldTouch>
					) : null}
				</Box>
			))}
		</Box>
	);
});

const useStyles = makeStyles(() => ({
	keypad: { gap: GAP.xs },
	row: { flexDirection: 'row', gap: GAP.xs },
	// As wide as the screen, so that four keys of 44 px have room at 200 % text.
	narrow: { marginHorizontal: 2 - GAP.l },
	// The wanted unit comes first; the others move sideways under the thumb.
	units: { ...({ overflowX: 'auto', scrollbarWidth: 'none' } as object) },
}));
