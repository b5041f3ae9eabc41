import {
	type Factor,
	onlyAdds,
	printWritten,
	type Quantity,
	sayFactor,
	sayQuantity,
	toSuperscript,
} from '@tidy-sum/core';
import { memo } from 'react';
import { Box, Touch } from '../ui/box';
import { Fraction } from '../ui/fraction';
import { Words } from '../ui/words';
import { type BlockUnits, NumberOf, shiftText, Units, useBlockStyles } from './block-parts';

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
	readonly units: BlockUnits;
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

/** One block of the line with the sign before it. It is drawn anew only when something on it has changed. */
export const FactorBlock = memo(function FactorBlock(props: Props) {
	const { id, index, factor, unequal, selected, limits = false, units, touched, onUnit, onBlock } = props;
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
			<Units units={units[side]} place={`${index}-${side}`} touched={touched} onUnit={onUnit} block={{ id, onBlock }} />
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
});
