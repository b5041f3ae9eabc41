import { parseNumeral, printUnrounded, printWritten, type ShownUnit } from '@tidy-sum/core';
import { CORNER, GAP, TARGET } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { UnitToken } from '../ui/unit-token';
import { Words } from '../ui/words';

/** The units of a block, on top and on the bottom. */
export type BlockUnits = { readonly top: readonly ShownUnit[]; readonly bottom: readonly ShownUnit[] };

type UnitsProps = {
	readonly units: readonly ShownUnit[];
	/** Where they stand, for tests: the block and the side. */
	readonly place: string;
	readonly touched: string | null;
	readonly onUnit: (unit: string) => void;
	/** What a touch on a struck unit is about, where that is its block. */
	readonly block?: { readonly id: string; readonly onBlock: (id: string) => void };
};

/** The unit tokens of one side of a block. */
export function Units({ units, place, touched, onUnit, block }: UnitsProps) {
	return units.map(({ key, symbol, base, state, letters, say }) => {
		const struck = state === 'cancelled' && block ? block : null;
		return (
			<UnitToken
				key={key}
				symbol={symbol}
				state={state}
				letter={letters}
				on={state !== 'cancelled' && touched === base}
				about={struck ? struck.id : base}
				onTouch={struck ? struck.onBlock : onUnit}
				say={say}
				testID={`unit-${place}-${base}`}
			/>
		);
	});
}

/** A number longer than this is an unrounded result taken on, and is shown cut. */
const LONG = 15;

/** A number as the line shows it: one that is not written yet as an empty place. */
function shownNumber(text: string): string {
	if (text.trim() === '') return '?';
	const read = text.length > LONG || text.endsWith('/1') ? parseNumeral(text) : null;
	return read?.ok ? printUnrounded(read.value.value, 8) : printWritten(text);
}

/** A number of the line as print has it; one that limits the figures of the result is marked. */
export function NumberOf({ text, limits = false }: { readonly text: string; readonly limits?: boolean }) {
	const styles = useBlockStyles();
	const empty = text.trim() === '';
	return (
		<Words size="title" style={[styles.number, limits && styles.limits, empty && styles.empty]}>
			{shownNumber(text)}
		</Words>
	);
}

/** How a block looks, and its sketch before the line has it. */
export const useBlockStyles = makeStyles((palette) => ({
	joined: { flexDirection: 'row', alignItems: 'center' },
	through: { width: 4, height: 2, marginTop: -2, backgroundColor: palette.ink },
	sign: { marginHorizontal: 3, marginTop: -5, lineHeight: 20 },
	plus: { marginHorizontal: GAP.s, fontSize: 22 },
	block: { flexDirection: 'row', alignItems: 'stretch', borderRadius: CORNER },
	selected: { backgroundColor: palette.pineWash },
	unequal: { backgroundColor: palette.lookWash },
	target: { minHeight: TARGET, minWidth: TARGET, alignItems: 'center', justifyContent: 'center' },
	number: { paddingHorizontal: GAP.xs, fontVariant: ['tabular-nums'] },
	limits: { borderBottomWidth: 2, borderBottomColor: palette.look, borderStyle: 'dotted' },
	empty: {
		borderWidth: 2,
		borderStyle: 'dashed',
		borderColor: palette.edge,
		borderRadius: CORNER,
		minWidth: 30,
		textAlign: 'center',
	},
	step: {
		paddingHorizontal: GAP.s,
		marginHorizontal: 2,
		borderRadius: CORNER,
		borderWidth: 1,
		borderColor: palette.rule,
		backgroundColor: palette.panel,
	},
	paren: { fontSize: 40, lineHeight: 60, marginHorizontal: 1 },
	bracket: {
		width: 7,
		borderWidth: 2,
		borderColor: palette.ink,
		borderRightWidth: 0,
		borderTopLeftRadius: 12,
		borderBottomLeftRadius: 12,
	},
	bracketRight: {
		borderLeftWidth: 0,
		borderRightWidth: 2,
		borderTopLeftRadius: 0,
		borderBottomLeftRadius: 0,
		borderTopRightRadius: 12,
		borderBottomRightRadius: 12,
	},
	power: { alignSelf: 'flex-start', marginTop: -4 },
}));
