import { type Factor, printUnitText, type Quantity } from '@tidy-sum/core';
import { memo, type Ref, useEffect, useImperativeHandle, useState } from 'react';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Fraction } from '../ui/fraction';
import { useTokenStyles } from '../ui/unit-token';
import { Words } from '../ui/words';
import { NumberOf, useBlockStyles } from './factor-block';

/** Hands the line a block to draw at once, before the step is taken. */
export type Arrive = (factor: Factor) => void;

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
					<Words size="figure" tone="onApricot" style={[token.token, token['must-go']]}>
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

type Props = { readonly count: number; readonly ref: Ref<Arrive> };

/**
 * The block that was just touched on the Shelf, at the end of the line: it is drawn in the next frame, and what
 * follows from it (cancelling, balance, numbers) in the one after, when the line itself has it.
 * @param count how many blocks the line has; once it has another, that one stands in this one's place.
 */
export const Arriving = memo(function Arriving({ count, ref }: Props) {
	const [arriving, setArriving] = useState<{ readonly factor: Factor; readonly at: number } | null>(null);
	useImperativeHandle(ref, () => (factor: Factor) => setArriving({ factor, at: count }), [count]);
	// biome-ignore lint/correctness/useExhaustiveDependencies: a line that has changed has it, or never will.
	useEffect(() => setArriving(null), [count]);
	return arriving?.at === count ? <BlockSketch factor={arriving.factor} /> : null;
});

const useStyles = makeStyles(() => ({
	// What is laid out within it is no concern of the page round it, beyond its size.
	joined: { flexDirection: 'row', alignItems: 'center', ...({ contain: 'layout style' } as object) },
}));
