import { printQuantity, sidesOfStart } from '@tidy-sum/core';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Words } from '../ui/words';
import type { DeskView } from '../work/desk-view';
import { isCovered } from '../work/numbers';
import { DrawnLine } from './drawn-line';
import { shownValue } from './shown-value';
import * as words from './words';

/** The value of a line, of a range both ends, where its numbers are shown. */
function resultOf({ worked, shown, high, numbers, work }: DeskView): string {
	if (!shown.value || isCovered(numbers, work.uncovered, 'result')) return '';
	const low = shownValue(shown.value);
	const value = high?.value ? words.toOfNumber(low, shownValue(high.value)) : low;
	return `= ${value} ${worked.unit.text}`;
}

type Props = {
	readonly view: DeskView;
	/** What is wanted, in words. */
	readonly wanted: string;
};

/** The line and its result in one small row that moves sideways, with what is wanted: while the answer is typed on a small phone. */
export function SmallLine({ view, wanted }: Props) {
	const styles = useStyles();
	const { chain, worked, shown, columns, blocks } = view;
	return (
		<Box style={styles.all} testID="small-line">
			<Words size="small" tone="soft">
				{wanted}
			</Words>
			<Box
				style={styles.row}
				tabIndex={0}
				role="img"
				aria-label={words.theLineFrom(printQuantity(sidesOfStart(chain.start).top), resultOf(view))}
			>
				<DrawnLine
					start={chain.start}
					until={view.exercise.until}
					worked={worked}
					shown={shown}
					columns={columns}
					blocks={blocks}
					result={resultOf(view)}
				/>
			</Box>
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	all: {
		gap: GAP.xs,
		paddingHorizontal: GAP.l,
		paddingVertical: GAP.xs,
		borderTopWidth: 2,
		borderTopColor: palette.pine,
	},
	row: {
		flexDirection: 'row',
		alignItems: 'center',
		gap: GAP.s,
		...({ overflowX: 'auto', scrollbarWidth: 'none' } as object),
	},
}));
