import { START, sayQuantity, sidesOfStart } from '@tidy-sum/core';
import { View } from 'react-native';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Fraction } from '../ui/fraction';
import { Words } from '../ui/words';
import { tokensOf } from './describe';
import { FactorBlock, NumberOf, type Tokens, Units } from './factor-block';
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

/** The start over 1, as a rate, or as two quantities; a rate's bottom unit is written in its top quantity. */
function StartBlock({ view, touched, onUnit }: Pick<Props, 'view' | 'touched' | 'onUnit'>) {
	const start = sidesOfStart(view.exercise.start);
	const row = (side: 'top' | 'bottom') => {
		const tokens = tokensOf(view.worked, view.columns, START, side);
		const number = start[side]?.number ?? (tokens.length ? null : '1');
		return (
			<>
				{number === null ? null : <NumberOf text={number} />}
				<Units tokens={tokens} place={`${START}-${side}`} touched={touched} onUnit={onUnit} />
			</>
		);
	};
	return <Fraction tall top={row('top')} bottom={row('bottom')} />;
}

/** The touched unit where a block has it standing: other blocks need not know. */
function touchedIn({ top, bottom }: Tokens, touched: string | null): string | null {
	return [...top, ...bottom].some(({ base, state }) => base === touched && state !== 'cancelled') ? touched : null;
}

/** The start and its factors on one fraction line that wraps, as on paper. */
export function Line({ view, touched, selected, onUnit, onBlock, onEnd }: Props) {
	const styles = useStyles();
	const { worked, columns } = view;
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
			<StartBlock view={view} touched={touched} onUnit={onUnit} />
			{view.blocks.map(({ id, factor }, index) => (
				<View key={id} style={styles.joined}>
					<Words strong style={styles.sign} aria-label="times">
						×
					</Words>
					<View style={styles.through} />
					<FactorBlock
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
				</View>
			))}
		</View>
	);
}

const useStyles = makeStyles((palette) => ({
	line: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', rowGap: GAP.m, paddingVertical: GAP.s },
	joined: { flexDirection: 'row', alignItems: 'center' },
	through: { width: 4, height: 2, backgroundColor: palette.ink },
	sign: { marginHorizontal: 3, lineHeight: 20 },
}));
