import {
	type Factor,
	isBareStep,
	printWritten,
	type Quantity,
	type ShownStep,
	sayFactor,
	sayQuantity,
	toSuperscript,
} from '@tidy-sum/core';
import { memo } from 'react';
import { Box, Touch } from '../ui/box';
import { Fraction } from '../ui/fraction';
import { Said } from '../ui/said';
import { Words } from '../ui/words';
import { type BlockUnits, NumberOf, Units, useBlockStyles } from './block-parts';
import * as words from './words';

type Props = {
	readonly id: string;
	readonly index: number;
	readonly factor: Factor;
	readonly unequal: boolean;
	readonly selected: boolean;
	/** Whether it has the fewest figures of the line. */
	readonly limits?: boolean;
	/** What it does beside multiplying; null where it does nothing else. */
	readonly step?: ShownStep | null;
	/** Whether what comes before and with its step is bracketed. */
	readonly closes?: boolean;
	/** What a touch on its number offers. */
	readonly does?: string;
	readonly units: BlockUnits;
	readonly touched: string | null;
	readonly onUnit: (unit: string) => void;
	readonly onBlock: (id: string) => void;
};

type StepProps = Pick<Props, 'id' | 'index' | 'selected' | 'closes' | 'onBlock'> & { readonly step: ShownStep };

/** A step that is no factor: what it does, and what stands after it. */
function Step({ id, index, step: { text, after, say }, selected, closes, onBlock }: StepProps) {
	const styles = useBlockStyles();
	return (
		<>
			<Touch
				aria-pressed={selected}
				onTouch={() => onBlock(id)}
				testID={`step-${index}`}
				style={[styles.target, styles.step, selected && styles.selected]}
			>
				<Words size="title">{text}</Words>
				{after ? <Words size="small">{after}</Words> : null}
				<Said>{words.stepChangeOrRemove(index + 1, say)}</Said>
			</Touch>
			{closes ? <Words style={styles.paren}>)</Words> : null}
		</>
	);
}

/** One block of the line with the sign before it. It is drawn anew only when something on it has changed. */
export const FactorBlock = memo(function FactorBlock(props: Props) {
	const { id, index, factor, unequal, selected, limits = false, step = null, units, touched, onUnit, onBlock } = props;
	const { does = words.turnOverRaiseOrRemove } = props;
	const styles = useBlockStyles();
	const power = factor.power ?? 1;
	const row = (side: 'top' | 'bottom', quantity: Quantity) => (
		<>
			<Touch
				aria-pressed={selected}
				aria-label={words.factor(printWritten(quantity.number), index + 1, side, sayQuantity(quantity), does).trim()}
				onTouch={() => onBlock(id)}
				testID={`number-${index}-${side}`}
				style={styles.target}
			>
				<NumberOf text={quantity.number} limits={limits && quantity.number !== '1'} />
			</Touch>
			<Units units={units[side]} place={`${index}-${side}`} touched={touched} onUnit={onUnit} block={{ id, onBlock }} />
		</>
	);
	if (step?.part)
		return (
			<Box style={styles.joined} role="group" aria-label={step.say}>
				<Words strong style={styles.plus} aria-label={words.plus}>
					+
				</Words>
				<Box style={selected && styles.selected}>
					<Fraction tall top={row('top', step.part)} bottom={<NumberOf text="1" />} />
				</Box>
			</Box>
		);
	const beside = step ? <Step {...props} step={step} /> : null;
	if (isBareStep(factor)) return <Box style={styles.joined}>{beside}</Box>;
	return (
		<Box style={styles.joined}>
			<Words strong style={styles.sign} aria-label={words.times}>
				×
			</Words>
			<Box style={styles.through} />
			<Box
				style={[styles.block, selected && styles.selected, unequal && styles.unequal]}
				role="group"
				aria-label={words.factorOfNumber(index + 1, sayFactor(factor))}
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
			{beside}
		</Box>
	);
});
