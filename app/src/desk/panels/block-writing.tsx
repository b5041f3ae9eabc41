import {
	type Fault,
	listed,
	numbersFor,
	parseNumeral,
	parseUnit,
	type Quantity,
	sayFactor,
	unitWord,
} from '@tidy-sum/core';
import type { SingleStep } from '@tidy-sum/schema';
import { View } from 'react-native';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Fraction } from '../../ui/fraction';
import { Words } from '../../ui/words';
import type { DeskView } from '../../work/desk-view';
import * as words from './words';

function faultOf({ number, unit }: Quantity, below: boolean): Fault | null {
	const read = parseUnit(unit, { counted: true });
	if (!read.ok) return read.fault;
	if (number.trim() === '') return null;
	const value = parseNumeral(number);
	if (!value.ok) return { code: value.fault.code, message: value.fault.message };
	return below && value.value.value.sign === 0 ? { code: 'zero-below', message: words.theBottomCannotBe } : null;
}

/** What an unknown word of a unit is taken for, so that a slip of spelling is noticed. */
function sayCounted(unit: string): string {
	const read = parseUnit(unit, { counted: true });
	const plain = parseUnit(unit);
	if (!read.ok || plain.ok || !read.value.counted.length) return '';
	const near = plain.fault.suggest ?? [];
	return words.isReadAsAThingYouCount(listed(read.value.counted.map(unitWord)), near.length, near.join(' or '));
}

type Props = {
	readonly view: DeskView;
	readonly index: number;
	readonly onDo: (...steps: readonly SingleStep[]) => void;
};

type SideProps = {
	readonly side: 'top' | 'bottom';
	readonly quantity: Quantity;
	readonly onWrite: (quantity: Quantity) => void;
	/** Told that this side has been typed into and left. */
	readonly onDone: () => void;
};

/** The fields of one side: its unit is what one thinks of first, its number goes before it. */
function Side({ side, quantity, onWrite, onDone }: SideProps) {
	const styles = useStyles();
	return (
		<View style={styles.side}>
			<View style={styles.number}>
				<Field
					label={words.numberOn(side)}
					value={quantity.number}
					onChange={(number) => onWrite({ ...quantity, number })}
					placeholder={words.number}
					testID={`write-number-${side}`}
				/>
			</View>
			<View style={styles.unit}>
				<Field
					label={words.unitOn(side)}
					value={quantity.unit}
					onChange={(unit) => onWrite({ ...quantity, unit })}
					onSubmit={onDone}
					placeholder={words.unit}
					testID={`write-unit-${side}`}
				/>
			</View>
		</View>
	);
}

/** A block written by hand: units first, then numbers. In close support the numbers of a known fact follow the units. */
export function BlockWriting({ view, index, onDo }: Props) {
	const styles = useStyles();
	const block = view.blocks[index];
	if (!block) return null;
	const { top, bottom } = block.factor;
	const fault = faultOf(top, false) ?? faultOf(bottom, true);
	const known =
		view.support === 'close' && top.number === '' && bottom.number === ''
			? numbersFor(top.unit, bottom.unit, view.facts)
			: null;
	const write = (side: 'top' | 'bottom') => (quantity: Quantity) =>
		onDo({ do: 'write', block: block.id, side, ...quantity });
	const fill = () => {
		if (!known) return;
		onDo(
			{ do: 'write', block: block.id, side: 'top', number: known.top, unit: top.unit },
			{ do: 'write', block: block.id, side: 'bottom', number: known.bottom, unit: bottom.unit },
		);
	};
	const counted = [sayCounted(top.unit), sayCounted(bottom.unit)].filter(Boolean).join(' ');
	return (
		<View style={styles.writing}>
			<Fraction
				top={<Side side="top" quantity={top} onWrite={write('top')} onDone={fill} />}
				bottom={<Side side="bottom" quantity={bottom} onWrite={write('bottom')} onDone={fill} />}
			/>
			{known ? (
				<View style={styles.row}>
					<Button label={words.theNumbersOver(known.top, known.bottom)} onPress={fill} testID="fill-numbers" />
				</View>
			) : null}
			<Words size="small" tone={fault ? 'look' : 'soft'} aria-live="polite" testID="write-says">
				{fault
					? fault.message
					: counted ||
						(top.unit === '' || bottom.unit === ''
							? words.unitsFirstPutTheUnitYou
							: top.number === '' || bottom.number === ''
								? words.nowTheNumbersEachWithIts
								: sayFactor(block.factor))}
			</Words>
		</View>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.s },
	writing: { gap: GAP.s },
	side: { flexDirection: 'row', gap: GAP.s, padding: GAP.xs, flexGrow: 1, flexShrink: 1, minWidth: 0 },
	number: { flex: 3, minWidth: 0 },
	unit: { flex: 2, minWidth: 0 },
}));
