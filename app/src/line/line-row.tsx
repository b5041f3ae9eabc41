import {
	type Factor,
	isBareStep,
	type LaneColumn,
	type Quantity,
	START,
	type Start,
	shownStep,
	shownUnits,
	type WorkedChain,
} from '@tidy-sum/core';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { useReused } from '../quick/use-reused';
import { CORNER, GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Words } from '../ui/words';
import { type BlockUnits, useBlockStyles } from './block-parts';
import { FactorBlock } from './factor-block';
import { StartBlock } from './start-block';
import * as words from './words';

type Props = {
	/** What the line starts from; null where that is still to be said. */
	readonly start: Start | null;
	readonly worked: WorkedChain;
	/** The same as it is shown, with what is covered left out; and the other end of a range on the same line. */
	readonly shown?: WorkedChain;
	readonly until?: Quantity | undefined;
	readonly high?: WorkedChain | null;
	readonly columns: readonly LaneColumn[];
	readonly blocks: readonly { readonly id: string; readonly factor: Factor }[];
	readonly touched?: string | null;
	/** The block that is open, by its id. */
	readonly selected?: string | null;
	/** Whether it is shown of a block that its sides are not equal, and that it has the fewest figures; -1 is the start. */
	readonly isUnequal?: (index: number) => boolean;
	readonly isLimit?: (index: number) => boolean;
	/** What a touch on the number of a block offers, and of the start; left out, what it offers on the Desk. */
	readonly does?: string;
	readonly startDoes?: string;
	readonly onUnit: (unit: string) => void;
	readonly onBlock: (id: string) => void;
	readonly onStart: () => void;
	/** Told where the line ends on the page, so that it can be kept in view. */
	readonly onEnd?: (bottom: number) => void;
	readonly label: string;
	readonly testID?: string | undefined;
	/** What comes behind the last block. */
	readonly children?: ReactNode;
};

/** The touched unit where a block has it standing: other blocks need not know. */
function touchedIn({ top, bottom }: BlockUnits, touched: string | null): string | null {
	return [...top, ...bottom].some(({ base, state }) => base === touched && state !== 'cancelled') ? touched : null;
}

const never = () => false;

/** The start and its factors on one fraction line that wraps, as on paper: the same on the Desk and on the Shelf. */
export function LineRow(props: Props) {
	const { start, until, worked, shown = worked, high = null, columns, blocks } = props;
	const { touched = null, selected = null, children } = props;
	const { isUnequal = never, isLimit = never, does, startDoes, onUnit, onBlock, onStart, onEnd, label, testID } = props;
	const styles = useStyles();
	const look = useBlockStyles();
	const units = (index: number, power = 1): BlockUnits => ({
		top: shownUnits(worked, columns, index, 'top', power),
		bottom: shownUnits(worked, columns, index, 'bottom', power),
	});
	const ofStart = useReused({ start, units: units(START) });
	const ofBlocks = useReused(blocks.map(({ factor }, index) => units(index, factor.power)));
	const last = blocks.length - 1;
	const steps = useReused(blocks.map((_, index) => shownStep(shown, index, high)));
	const multiplies = (factor: Factor | undefined) => factor !== undefined && !isBareStep(factor);
	const closes = steps.map((step, i) => (step?.brackets ?? false) && i < last && multiplies(blocks[i + 1]?.factor));
	const opened = closes.filter(Boolean).length;
	return (
		<View
			style={styles.line}
			{...(onEnd ? { onLayout: ({ nativeEvent: { layout } }) => onEnd(layout.y + layout.height) } : {})}
			role="group"
			aria-label={label}
			testID={testID}
		>
			{opened ? <Words style={look.paren}>{'('.repeat(opened)}</Words> : null}
			{ofStart.start ? (
				<StartBlock
					start={ofStart.start}
					until={until}
					units={ofStart.units}
					touched={touchedIn(ofStart.units, touched)}
					limits={isLimit(START)}
					{...(startDoes === undefined ? {} : { does: startDoes })}
					onUnit={onUnit}
					onStart={onStart}
				/>
			) : (
				<Box style={styles.nothing}>
					<Words tone="soft">{words.start}</Words>
				</Box>
			)}
			{blocks.map(({ id, factor }, index) => {
				const ofBlock = ofBlocks[index] as BlockUnits;
				return (
					<FactorBlock
						key={id}
						id={id}
						index={index}
						factor={factor}
						unequal={isUnequal(index)}
						selected={selected === id}
						limits={isLimit(index)}
						step={steps[index] ?? null}
						closes={closes[index] ?? false}
						{...(does === undefined ? {} : { does })}
						units={ofBlock}
						touched={touchedIn(ofBlock, touched)}
						onUnit={onUnit}
						onBlock={onBlock}
					/>
				);
			})}
			{children}
		</View>
	);
}

const useStyles = makeStyles((palette) => ({
	line: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', rowGap: GAP.m, paddingVertical: GAP.s },
	nothing: {
		minWidth: 72,
		minHeight: 64,
		alignItems: 'center',
		justifyContent: 'center',
		borderWidth: 2,
		borderStyle: 'dashed',
		borderColor: palette.edge,
		borderRadius: CORNER,
	},
}));
