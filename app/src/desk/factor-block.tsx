import {
	type Factor,
	onlyAdds,
	parseNumeral,
	printUnrounded,
	printWritten,
	type Quantity,
	sayFactor,
	sayQuantity,
	toSuperscript,
} from '@tidy-sum/core';
import { memo } from 'react';
import { GAP, TARGET } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box, Touch } from '../ui/box';
import { Fraction } from '../ui/fraction';
import { UnitToken } from '../ui/unit-token';
import { Words } from '../ui/words';
import type { Token } from './describe';

/** The tokens of a block, on top and on the bottom. */
export type Tokens = { readonly top: readonly Token[]; readonly bottom: readonly Token[] };

type UnitsProps = {
	readonly tokens: readonly Token[];
	/** Where they stand, for tests: the block and the side. */
	readonly place: string;
	readonly touched: string | null;
	readonly onUnit: (unit: string) => void;
	/** What a touch on a struck unit is about, where that is its block. */
	readonly block?: { readonly id: string; readonly onBlock: (id: string) => void };
};

/** The unit tokens of one side of a block. */
export function Units({ tokens, place, touched, onUnit, block }: UnitsProps) {
	return tokens.map(({ key, symbol, base, state, letters, say }) => {
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
const LONG = 14;

/** A number as the line shows it: one that is not written yet as an empty place. */
function shownNumber(text: string): string {
	if (text.trim() === '') return '?';
	const read = (text.length > LONG && text.includes('/')) || text.endsWith('/1') ? parseNumeral(text) : null;
	return read?.ok ? printUnrounded(read.value.value, 8) : printWritten(text);
}

/** A number of the line as print has it; one that limits the figures of the result is marked. */
export function NumberOf({ text, limits = false }: { readonly text: string; readonly limits?: boolean }) {
	const styles = useBlockStyles();
	const empty = text.trim() === '';
	return (
		<Words size="figure" style={[styles.number, limits && styles.limits, empty && styles.empty]}>
			{shownNumber(text)}
		</Words>
	);
}

/** What a step adds, as print has it: "+ 273.15 K", "− 32 °F". */
export function shiftText(shift: string, unit: string): string {
	const added = printWritten(shift);
	const number = added === '' ? '?' : added.replace('−', '');
	return `${added.startsWith('−') ? '−' : '+'}\u00a0${number}\u00a0${unit}`.trimEnd();
}

type Props = {
	readonly id: string;
	readonly index: number;
	readonly factor: Factor;
	readonly unequal: boolean;
	readonly selected: boolean;
	/** Whether it has the fewest figures of the line. */
	readonly limits?: boolean;
	/** The unit that stands after it, and whether what comes before and with it is bracketed; for a step that adds. */
	readonly unit?: string;
	readonly closes?: boolean;
	/** What a touch on its number offers. */
	readonly does?: string;
	readonly tokens: Tokens;
	readonly touched: string | null;
	readonly onUnit: (unit: string) => void;
	readonly onBlock: (id: string) => void;
};

function Shift({ id, index, factor, selected, unit = '', closes, onBlock }: Props) {
	const styles = useBlockStyles();
	const shown = shiftText(factor.shift ?? '', unit);
	return (
		<>
			<Touch
				aria-pressed={selected}
				aria-label={`${shown}, step ${index + 1} adds. Change or remove`}
				onTouch={() => onBlock(id)}
				testID={`shift-${index}`}
				style={[styles.target, styles.shift, selected && styles.selected]}
			>
				<Words size="figure">{shown}</Words>
			</Touch>
			{closes ? <Words style={styles.paren}>)</Words> : null}
		</>
	);
}

function Block(props: Props) {
	const { id, index, factor, unequal, selected, limits = false, tokens, touched, onUnit, onBlock } = props;
	const { does = 'Turn over, raise or remove' } = props;
	const styles = useBlockStyles();
	const power = factor.power ?? 1;
	const row = (side: 'top' | 'bottom', quantity: Quantity) => (
		<>
			<Touch
				aria-pressed={selected}
				aria-label={`${printWritten(quantity.number)}, block ${index + 1}, ${side}: ${sayQuantity(quantity)}. ${does}`.trim()}
				onTouch={() => onBlock(id)}
				testID={`number-${index}-${side}`}
				style={styles.target}
			>
				<NumberOf text={quantity.number} limits={limits && quantity.number !== '1'} />
			</Touch>
			<Units
				tokens={tokens[side]}
				place={`${index}-${side}`}
				touched={touched}
				onUnit={onUnit}
				block={{ id, onBlock }}
			/>
		</>
	);
	const shift = factor.shift === undefined ? null : <Shift {...props} />;
	if (onlyAdds(factor)) return <Box style={styles.joined}>{shift}</Box>;
	return (
		<Box style={styles.joined}>
			<Words strong style={styles.sign} aria-label="times">
				×
			</Words>
			<Box style={styles.through} />
			<Box
				style={[styles.block, selected && styles.selected, unequal && styles.unequal]}
				role="group"
				aria-label={`Block ${index + 1}: ${sayFactor(factor)}`}
			>
				{power > 1 ? <Box style={styles.bracket} /> : null}
				<Fraction tall top={row('top', factor.top)} bottom={row('bottom', factor.bottom)} />
				{power > 1 ? (
					<>
						<Box style={[styles.bracket, styles.bracketRight]} />
						<Words strong style={styles.power}>
							{toSuperscript(power)}
						</Words>
					</>
				) : null}
			</Box>
			{shift}
		</Box>
	);
}

function sameSide(a: readonly Token[], b: readonly Token[]): boolean {
	return a.length === b.length && a.every((token, i) => token.say === b[i]?.say && token.key === b[i]?.key);
}

/** Whether two blocks show the same tokens in the same state. */
export function sameTokens(a: Tokens, b: Tokens): boolean {
	return sameSide(a.top, b.top) && sameSide(a.bottom, b.bottom);
}

/** One block of the line with the sign before it. It is drawn anew only when something on it has changed. */
export const FactorBlock = memo(
	Block,
	(a, b) =>
		a.factor === b.factor &&
		a.id === b.id &&
		a.index === b.index &&
		a.unequal === b.unequal &&
		a.selected === b.selected &&
		a.limits === b.limits &&
		a.unit === b.unit &&
		a.closes === b.closes &&
		a.touched === b.touched &&
		a.onUnit === b.onUnit &&
		a.onBlock === b.onBlock &&
		sameTokens(a.tokens, b.tokens),
);

/** How a block looks, and its sketch before the line has it. */
export const useBlockStyles = makeStyles((palette) => ({
	joined: { flexDirection: 'row', alignItems: 'center' },
	through: { width: 4, height: 2, marginTop: -2, backgroundColor: palette.ink },
	sign: { marginHorizontal: 3, marginTop: -5, lineHeight: 20 },
	block: { flexDirection: 'row', alignItems: 'stretch', borderRadius: 8 },
	selected: { backgroundColor: palette.pineWash },
	unequal: { backgroundColor: palette.lookWash },
	target: { minHeight: TARGET, minWidth: TARGET, alignItems: 'center', justifyContent: 'center' },
	number: { paddingHorizontal: GAP.xs, fontVariant: ['tabular-nums'] },
	limits: { borderBottomWidth: 2, borderBottomColor: palette.look, borderStyle: 'dotted' },
	empty: {
		borderWidth: 2,
		borderStyle: 'dashed',
		borderColor: palette.edge,
		borderRadius: 6,
		minWidth: 30,
		textAlign: 'center',
	},
	shift: { paddingHorizontal: GAP.xs, borderRadius: 8 },
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
