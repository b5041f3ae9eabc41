import { type Factor, fieldOf, isBareStep, printUnitText, type Quantity, STEP_WORDS } from '@tidy-sum/core';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Fraction } from '../ui/fraction';
import { useTokenStyles } from '../ui/unit-token';
import { Words } from '../ui/words';
import { NumberOf, useBlockStyles } from './block-parts';

/** One side of a block as it is seen before anything follows from it. */
function Side({ quantity: { number, unit } }: { readonly quantity: Quantity }) {
	const block = useBlockStyles();
	const token = useTokenStyles();
	return (
		<>
			<Box style={block.target}>
				<NumberOf text={number} />
			</Box>
			{unit === '' ? null : (
				<Box style={token.target}>
					<Words size="title" tone="onApricot" style={[token.token, token['must-go']]}>
						{printUnitText(unit)}
					</Words>
				</Box>
			)}
		</>
	);
}

/** A block as it is seen and not yet touched: few elements, so that a slow phone has it in the next frame. */
export function BlockSketch({ factor }: { readonly factor: Factor }) {
	const styles = useStyles();
	const block = useBlockStyles();
	const field = fieldOf(factor);
	if (field && isBareStep(factor))
		return (
			<Box style={[styles.joined, block.target, block.step]} aria-hidden>
				<Words size="title">{STEP_WORDS[field].print(factor).trim()}</Words>
			</Box>
		);
	return (
		<Box style={styles.joined} aria-hidden>
			<Words strong style={block.sign}>
				×
			</Words>
			<Box style={block.through} />
			<Fraction tall top={<Side quantity={factor.top} />} bottom={<Side quantity={factor.bottom} />} />
		</Box>
	);
}

const useStyles = makeStyles(() => ({
	// What is laid out within it is no concern of the page round it, beyond its size.
	joined: { flexDirection: 'row', alignItems: 'center', ...({ contain: 'layout style' } as object) },
}));
