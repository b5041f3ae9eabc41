import { START, type Start, sayQuantity, sidesOfStart } from '@tidy-sum/core';
import { memo } from 'react';
import { View } from 'react-native';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Fraction } from '../ui/fraction';
import { tokensOf } from './describe';
import { FactorBlock, NumberOf, sameTokens, type Tokens, Units } from './factor-block';
import type { DeskView } from './use-desk';

type Props = {
	readonly view: DeskView;
	readonly touched: string | null;
	readonly selected: string | null;
	readonly onUnit: (unit: string) => void;
	readonly onBlock: (id: string) => void;
	/** Told where the line ends on the page, so that it can be kept in view. */
	readonly onEnd?: (bottom: number) => void;
};

type StartProps = Pick<Props, 'touched' | 'onUnit'> & { readonly start: Start; readonly tokens: Tokens };

/** The start over 1, as a rate, or as two quantities; a rate's bottom unit is written in its top quantity. */
const StartBlock = memo(
	({ start, tokens, touched, onUnit }: StartProps) => {
		const sides = sidesOfStart(start);
		const row = (side: 'top' | 'bottom') => {
			const number = sides[side]?.number ?? (tokens[side].length ? null : '1');
			return (
				<>
					{number === null ? null : <NumberOf text={number} />}
					<Units tokens={tokens[side]} place={`${START}-${side}`} touched={touched} onUnit={onUnit} />
				</>
			);
		};
		return <Fraction tall top={row('top')} bottom={row('bottom')} />;
	},
	(a, b) => a.start === b.start && a.touched === b.touched && a.onUnit === b.onUnit && sameTokens(a.tokens, b.tokens),
);

/** The touched unit where a block has it standing: other blocks need not know. */
function touchedIn({ top, bottom }: Tokens, touched: string | null): string | null {
	return [...top, ...bottom].some(({ base, state }) => base === touched && state !== 'cancelled') ? touched : null;
}

/** The start and its factors on one fraction line that wraps, as on paper. */
export function Line({ view, touched, selected, onUnit, onBlock, onEnd }: Props) {
	const styles = useStyles();
	const { worked, columns } = view;
	const start = { top: tokensOf(worked, columns, START, 'top'), bottom: tokensOf(worked, columns, START, 'bottom') };
	const tokens = view.blocks.map(({ factor }, index) => ({
		top: tokensOf(worked, columns, index, 'top', factor.power),
		bottom: tokensOf(worked, columns, index, 'bottom', factor.power),
	}));
	return (
		<View
			style={styles.line}
			onLayout={({ nativeEvent: { layout } }) => onEnd?.(layout.y + layout.height)}
			role="group"
			aria-label={`The line, starting from ${sayQuantity(sidesOfStart(view.exercise.start).top)}`}
		>
			<StartBlock start={view.exercise.start} tokens={start} touched={touchedIn(start, touched)} onUnit={onUnit} />
			{view.blocks.map(({ id, factor }, index) => (
				<FactorBlock
					key={id}
					id={id}
					index={index}
					factor={factor}
					unequal={worked.factors[index]?.equal === false}
					selected={selected === id}
					tokens={tokens[index] as Tokens}
					touched={touchedIn(tokens[index] as Tokens, touched)}
					onUnit={onUnit}
					onBlock={onBlock}
				/>
			))}
		</View>
	);
}

const useStyles = makeStyles(() => ({
	line: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', rowGap: GAP.m, paddingVertical: GAP.s },
}));
