import {
	type Piece,
	printWritten,
	type Quantity,
	START,
	sayFactor,
	sayQuantity,
	sidesOfStart,
	symbolOfPart,
	toSuperscript,
} from '@tidy-sum/core';
import { Pressable, View } from 'react-native';
import { GAP, TARGET } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Fraction } from '../ui/fraction';
import { Said } from '../ui/said';
import { UnitToken } from '../ui/unit-token';
import { Words } from '../ui/words';
import { isWanted, letterOf, sayPiece } from './describe';
import type { DeskView } from './use-desk';

type Touch = { readonly onUnit: (unit: string) => void; readonly onBlock: (id: string) => void };

type Props = Touch & {
	readonly view: DeskView;
	readonly touched: string | null;
	readonly selected: string | null;
	/** Told where the line ends on the page, so that it can be kept in view. */
	readonly onEnd?: (bottom: number) => void;
};

type SideProps = Touch & {
	readonly view: DeskView;
	readonly block: number;
	readonly side: 'top' | 'bottom';
	readonly touched: string | null;
};

function piecesOn({ view, block, side }: Pick<SideProps, 'view' | 'block' | 'side'>): readonly Piece[] {
	return view.worked.pieces.filter((piece) => piece.block === block && piece.side === side);
}

/**
 * The pieces that share a token. A unit's own power is written out (m² is two tokens of m, so that one can
 * be struck); the power of a whole block is on its bracket, so inside it each unit stands once.
 */
function tokensOn(props: Pick<SideProps, 'view' | 'block' | 'side'>): readonly (readonly Piece[])[] {
	const power = props.view.blocks[props.block]?.factor.power ?? 1;
	const tokens = new Map<string, Piece[]>();
	for (const piece of piecesOn(props)) {
		const key = `${piece.written}${piece.part}.${Math.floor(piece.nth / power)}`;
		tokens.set(key, [...(tokens.get(key) ?? []), piece]);
	}
	return [...tokens.values()];
}

function UnitsOf({ view, block, side, touched, onUnit, onBlock }: SideProps) {
	const id = view.blocks[block]?.id;
	return tokensOn({ view, block, side }).map((pieces) => {
		const standing = pieces.find(({ pair }) => pair === null);
		const piece = standing ?? (pieces[0] as Piece);
		const state = !standing ? 'cancelled' : isWanted(view.columns, standing) ? 'wanted' : 'must-go';
		const letter = pieces.flatMap(({ pair }) => (pair === null ? [] : [letterOf(pair)])).join(' ');
		const symbol = symbolOfPart({ ...piece.unit, power: 1 });
		return (
			<UnitToken
				key={`${piece.written}${piece.part}.${piece.nth}`}
				symbol={symbol}
				state={state}
				letter={letter}
				on={state !== 'cancelled' && touched === piece.base}
				onPress={() => (state === 'cancelled' && id ? onBlock(id) : onUnit(piece.base))}
				say={sayPiece(piece, state, symbol, letter)}
				testID={`unit-${block}-${side}-${piece.base}`}
			/>
		);
	});
}

function NumberOf({ text }: { readonly text: string }) {
	const styles = useStyles();
	return (
		<Words size="figure" style={styles.number}>
			{printWritten(text)}
		</Words>
	);
}

/** The unit's own bottom is written in the quantity on top (2.75 in/h), so the number of that side may be none. */
function numberOn(quantity: Quantity | null, side: 'top' | 'bottom', pieces: readonly Piece[]): string | null {
	if (quantity) return quantity.number;
	return side === 'bottom' && pieces.length === 0 ? '1' : null;
}

function StartBlock(props: Omit<SideProps, 'block' | 'side'>) {
	const { view } = props;
	const { top, bottom } = sidesOfStart(view.exercise.start);
	const row = (side: 'top' | 'bottom', quantity: Quantity | null) => {
		const number = numberOn(quantity, side, piecesOn({ view, block: START, side }));
		return (
			<>
				{number === null ? null : <NumberOf text={number} />}
				<UnitsOf {...props} block={START} side={side} />
			</>
		);
	};
	return <Fraction tall top={row('top', top)} bottom={row('bottom', bottom)} />;
}

type FactorProps = Omit<SideProps, 'side'> & { readonly selected: boolean };

function FactorBlock({ selected, ...props }: FactorProps) {
	const styles = useStyles();
	const { view, block, onBlock } = props;
	const placed = view.blocks[block];
	const judged = view.worked.factors[block];
	if (!placed || !judged) return null;
	const { factor, id } = placed;
	const power = factor.power ?? 1;
	const row = (side: 'top' | 'bottom', quantity: Quantity) => (
		<>
			<Pressable
				accessibilityRole="button"
				aria-pressed={selected}
				onPress={() => onBlock(id)}
				testID={`number-${block}-${side}`}
				style={({ pressed }) => [styles.target, pressed && styles.pressed]}
			>
				<NumberOf text={quantity.number} />
				<Said>{`Block ${block + 1}, ${side}: ${sayQuantity(quantity)}. Turn over, raise or remove`}</Said>
			</Pressable>
			<UnitsOf {...props} side={side} />
		</>
	);
	return (
		<View
			style={[styles.block, selected && styles.selected, judged.equal === false && styles.unequal]}
			role="group"
			aria-label={`Block ${block + 1}: ${sayFactor(factor)}`}
		>
			{power > 1 ? <View style={styles.bracket} /> : null}
			<Fraction tall top={row('top', factor.top)} bottom={row('bottom', factor.bottom)} />
			{power > 1 ? (
				<>
					<View style={[styles.bracket, styles.bracketRight]} />
					<Words strong style={styles.power}>
						{toSuperscript(power)}
					</Words>
				</>
			) : null}
		</View>
	);
}

/** The start and its factors on one fraction line that wraps, as on paper. */
export function Line({ view, touched, selected, onUnit, onBlock, onEnd }: Props) {
	const styles = useStyles();
	const touch = { view, touched, onUnit, onBlock };
	return (
		<View
			style={styles.line}
			onLayout={({ nativeEvent: { layout } }) => onEnd?.(layout.y + layout.height)}
			role="group"
			aria-label={`The line, starting from ${sayQuantity(sidesOfStart(view.exercise.start).top)}`}
		>
			<StartBlock {...touch} />
			{view.blocks.map(({ id }, block) => (
				<View key={id} style={styles.joined}>
					<View style={styles.times}>
						<Words size="body" strong style={styles.sign} aria-label="times">
							×
						</Words>
						<View style={styles.through} />
					</View>
					<FactorBlock {...touch} block={block} selected={selected === id} />
				</View>
			))}
		</View>
	);
}

const useStyles = makeStyles((palette) => ({
	line: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', rowGap: GAP.m, paddingVertical: GAP.s },
	joined: { flexDirection: 'row', alignItems: 'center' },
	times: { flexDirection: 'row', alignItems: 'center' },
	through: { width: 4, height: 2, backgroundColor: palette.ink },
	sign: { marginHorizontal: 3, lineHeight: 20 },
	block: { flexDirection: 'row', alignItems: 'stretch', borderRadius: 8, outlineOffset: 2 },
	selected: { backgroundColor: palette.pineWash },
	unequal: { backgroundColor: palette.lookWash },
	target: { minHeight: TARGET, minWidth: TARGET, alignItems: 'center', justifyContent: 'center', borderRadius: 8 },
	pressed: { backgroundColor: palette.pressed },
	number: { paddingHorizontal: GAP.xs, fontVariant: ['tabular-nums'] },
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
