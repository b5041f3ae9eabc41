import { figuresText, parseNumeral, printForm, printRounded, round } from '@tidy-sum/core';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Words } from '../../ui/words';
import type { DeskView } from '../../work/desk-view';
import * as words from './words';

type ZerosProps = {
	/** The number as written. */
	readonly text: string;
	/** How many of its figures are said to count. */
	readonly figures: number | null;
	readonly onChoose: (figures: number) => void;
};

/** Asks of a number whose zeros are unclear which figures count, and says what that does to the answer. */
export function Zeros({ text, figures, onChoose }: ZerosProps) {
	const styles = useStyles();
	const read = parseNumeral(text);
	if (!read.ok || !read.value.ambiguous) return null;
	const { significant, atMost, value } = read.value;
	const counts = Array.from({ length: (atMost ?? 1) - (significant ?? 1) + 1 }, (_, i) => (significant ?? 1) + i);
	const written = (count: number) => {
		const form = printRounded(round(value, { significant: count }));
		return printForm(form.scientific ?? form.plain ?? '');
	};
	return (
		<Box style={styles.zeros} testID="zeros">
			<Words size="small">
				{figures === null
					? words.nobodyCanTellWhetherThe(text)
					: words.ofCountTheAnswerMayHaveOr(figuresText(figures), text, written(figures))}
			</Words>
			<Box style={styles.row}>
				{counts.map((count) => (
					<Button
						key={count}
						label={figuresText(count)}
						say={words.thatIs(written(count))}
						on={figures === count}
						onPress={() => onChoose(count)}
						testID={`zeros-${count}`}
					/>
				))}
			</Box>
		</Box>
	);
}

/** The number of the start whose zeros are unclear and have not been told; null where there is nothing to ask. */
export function unclearStart({ chain, worked, started }: DeskView): string | null {
	if (!started || chain.exactStart) return null;
	const { top } = worked.read.start;
	return top.number?.ambiguous ? top.number.text : null;
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	zeros: { gap: GAP.s },
}));
