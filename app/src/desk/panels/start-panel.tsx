import { figuresText, parseNumeral, printForm, printRounded, round, sayQuantity, sidesOfStart } from '@tidy-sum/core';
import TurnOver from 'lucide-react-native/icons/arrow-up-down';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Panel } from '../../ui/panel';
import { Words } from '../../ui/words';
import type { DeskView } from '../use-desk';

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
					? `The zeros of ${text} do not show whether they count. How was it measured?`
					: `Of ${text}, ${figuresText(figures)} count: ${written(figures)}. The answer may then have ${figuresText(figures)}, or fewer where another input has fewer.`}
			</Words>
			<Box style={styles.row}>
				{counts.map((count) => (
					<Button
						key={count}
						label={figuresText(count)}
						say={`that is ${written(count)}`}
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

type Props = {
	readonly view: DeskView;
	readonly onTurn: () => void;
	readonly onZeros: (figures: number) => void;
	readonly onOther: (() => void) | null;
	readonly onClose?: () => void;
};

/** The start of the line: what it is, turned over, and which of its figures count. */
export function StartPanel({ view, onTurn, onZeros, onOther, onClose }: Props) {
	const styles = useStyles();
	const { top, bottom } = sidesOfStart(view.chain.start);
	const unclear = unclearStart(view);
	return (
		<Panel title="The start" testID="start" {...(onClose ? { onClose } : {})}>
			<Words testID="start-says">
				The line starts from {sayQuantity(top)}
				{bottom ? ` over ${sayQuantity(bottom)}` : ''}.
			</Words>
			<Box style={styles.row}>
				<Button label="Turn over" icon={TurnOver} onPress={onTurn} testID="turn-start" />
				{onOther ? <Button label="Start from another" onPress={onOther} testID="other-start" /> : null}
			</Box>
			{unclear === null ? null : <Zeros text={unclear} figures={view.work.startFigures} onChoose={onZeros} />}
		</Panel>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	zeros: { gap: GAP.s },
}));
