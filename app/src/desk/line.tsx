import { isStated, START, type Start, sayQuantity, sidesOfStart } from '@tidy-sum/core';
import { memo, type Ref } from 'react';
import { View } from 'react-native';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box, Touch } from '../ui/box';
import { Fraction } from '../ui/fraction';
import { Words } from '../ui/words';
import { type Arrive, Arriving } from './arriving';
import { tokensOf } from './describe';
import { FactorBlock, NumberOf, sameTokens, type Tokens, Units } from './factor-block';
import type { DeskView } from './use-desk';

type Props = {
	readonly view: DeskView;
	readonly touched: string | null;
	readonly selected: string | null;
	readonly onUnit: (unit: string) => void;
	readonly onBlock: (id: string) => void;
	readonly onStart: () => void;
	/** Taken hold of to draw a block before the line has it. */
	readonly arriving?: Ref<Arrive>;
	/** Told where the line ends on the page, so that it can be kept in view. */
	readonly onEnd?: (bottom: number) => void;
};

type StartProps = Pick<Props, 'touched' | 'onUnit' | 'onStart'> & {
	readonly start: Start;
	readonly tokens: Tokens;
	readonly limits: boolean;
	/** What a touch on its number offers. */
	readonly does?: string;
};

/** What a touch on the number of the start offers on the Desk. */
const DOES = 'Turn over, or say which figures count';

/** The start over 1, as a rate, or as two quantities; a rate's bottom unit is written in its top quantity. */
export const StartBlock = memo(
	({ start, tokens, touched, limits, does = DOES, onUnit, onStart }: StartProps) => {
		const styles = useStyles();
		const sides = sidesOfStart(start);
		const row = (side: 'top' | 'bottom') => {
			const quantity = sides[side];
			const number = quantity?.number ?? (tokens[side].length ? null : '1');
			return (
				<>
					{quantity ? (
						<Touch
							onTouch={onStart}
							aria-label={`${quantity.number}, the start, ${side}: ${sayQuantity(quantity)}. ${does}`}
							style={styles.number}
							testID={`number-start-${side}`}
						>
							<NumberOf text={quantity.number} limits={limits} />
						</Touch>
					) : number === null ? null : (
						<NumberOf text={number} />
					)}
					<Units tokens={tokens[side]} place={`${START}-${side}`} touched={touched} onUnit={onUnit} />
				</>
			);
		};
		return <Fraction tall top={row('top')} bottom={row('bottom')} />;
	},
	(a, b) =>
		a.start === b.start &&
		a.touched === b.touched &&
		a.limits === b.limits &&
		a.onUnit === b.onUnit &&
		a.onStart === b.onStart &&
		sameTokens(a.tokens, b.tokens),
);

/** The touched unit where a block has it standing: other blocks need not know. */
function touchedIn({ top, bottom }: Tokens, touched: string | null): string | null {
	return [...top, ...bottom].some(({ base, state }) => base === touched && state !== 'cancelled') ? touched : null;
}

/** Whether a block changes the value, and it may be said: at once in close support, else once checked. */
function isUnequal({ worked, support, verdict, exercise }: DeskView, index: number): boolean {
	const read = worked.read.factors[index];
	if (worked.factors[index]?.equal !== false || !read || (support !== 'close' && !verdict)) return false;
	return !isStated(read, exercise);
}

/** The start and its factors on one fraction line that wraps, as on paper. */
export function Line({ view, touched, selected, onUnit, onBlock, onStart, arriving = null, onEnd }: Props) {
	const styles = useStyles();
	const { worked, columns, chain } = view;
	const start = { top: tokensOf(worked, columns, START, 'top'), bottom: tokensOf(worked, columns, START, 'bottom') };
	const tokens = view.blocks.map(({ factor }, index) => ({
		top: tokensOf(worked, columns, index, 'top', factor.power),
		bottom: tokensOf(worked, columns, index, 'bottom', factor.power),
	}));
	// What limits the figures is pointed at once the line closes.
	const pointed = worked.reached === true && view.support === 'close';
	const limits = (index: number) => pointed && worked.limitedBy.includes(index);
	const last = view.blocks.length - 1;
	const adds = view.blocks.map(({ factor }, i) => factor.shift !== undefined && i < last);
	return (
		<View
			style={styles.line}
			onLayout={({ nativeEvent: { layout } }) => onEnd?.(layout.y + layout.height)}
			role="group"
			aria-label={
				view.started
					? `The line, starting from ${sayQuantity(sidesOfStart(chain.start).top)}`
					: 'The line, which has nothing to start from yet'
			}
			testID="line"
		>
			{adds.some(Boolean) ? <Words style={styles.paren}>{'('.repeat(adds.filter(Boolean).length)}</Words> : null}
			{view.started ? (
				<StartBlock
					start={chain.start}
					tokens={start}
					touched={touchedIn(start, touched)}
					limits={limits(START)}
					onUnit={onUnit}
					onStart={onStart}
				/>
			) : (
				<Box style={styles.nothing}>
					<Words tone="soft">start</Words>
				</Box>
			)}
			{view.blocks.map(({ id, factor }, index) => (
				<FactorBlock
					key={id}
					id={id}
					index={index}
					factor={factor}
					unequal={isUnequal(view, index)}
					selected={selected === id}
					limits={limits(index)}
					unit={factor.shift === undefined ? '' : (worked.running[index + 1]?.unit ?? '')}
					closes={adds[index] ?? false}
					tokens={tokens[index] ?? NO_TOKENS}
					touched={touchedIn(tokens[index] ?? NO_TOKENS, touched)}
					onUnit={onUnit}
					onBlock={onBlock}
				/>
			))}
			<Arriving ref={arriving} count={view.blocks.length} />
		</View>
	);
}

const NO_TOKENS: Tokens = { top: [], bottom: [] };

const useStyles = makeStyles((palette) => ({
	line: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', rowGap: GAP.m, paddingVertical: GAP.s },
	number: { minHeight: 44, minWidth: 44, alignItems: 'center', justifyContent: 'center' },
	paren: { fontSize: 40, lineHeight: 60, marginHorizontal: 1 },
	nothing: {
		minWidth: 72,
		minHeight: 64,
		alignItems: 'center',
		justifyContent: 'center',
		borderWidth: 2,
		borderStyle: 'dashed',
		borderColor: palette.edge,
		borderRadius: 8,
	},
}));
