import {
	type Factor,
	type Fault,
	listed,
	numbersFor,
	parseNumeral,
	parseUnit,
	type Quantity,
	quoted,
	sayFactor,
	toSuperscript,
} from '@tidy-sum/core';
import type { Step } from '@tidy-sum/schema';
import Earlier from 'lucide-react-native/icons/arrow-left';
import Later from 'lucide-react-native/icons/arrow-right';
import TurnOver from 'lucide-react-native/icons/arrow-up-down';
import Pen from 'lucide-react-native/icons/pen-line';
import Trash from 'lucide-react-native/icons/trash';
import { useState } from 'react';
import { View } from 'react-native';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Button } from '../../ui/button';
import { Choices } from '../../ui/choices';
import { Field } from '../../ui/field';
import { Fraction } from '../../ui/fraction';
import { Panel } from '../../ui/panel';
import { Words } from '../../ui/words';
import { mustGoOf, sayBlock } from '../describe';
import type { DeskView } from '../use-desk';
import { Zeros } from './start-panel';

type Props = {
	readonly view: DeskView;
	readonly index: number;
	/** Opens with its fields, for one that is written by hand. */
	readonly writing: boolean;
	readonly onDo: (...steps: readonly Step[]) => void;
	readonly onRemove: () => void;
	readonly onClose?: () => void;
};

const POWERS = [1, 2, 3] as const;

function faultOf({ number, unit }: Quantity, below: boolean): Fault | null {
	const read = parseUnit(unit, { counted: true });
	if (!read.ok) return read.fault;
	if (number.trim() === '') return null;
	const value = parseNumeral(number);
	if (!value.ok) return { code: value.fault.code, message: value.fault.message };
	return below && value.value.value.sign === 0
		? { code: 'zero-below', message: 'A bottom of 0 cannot be divided by.' }
		: null;
}

/** What an unknown word of a unit is taken for, so that a slip of spelling is noticed. */
function sayCounted(unit: string): string {
	const read = parseUnit(unit, { counted: true });
	const plain = parseUnit(unit);
	if (!read.ok || plain.ok || !read.value.counted.length) return '';
	const near = plain.fault.suggest ?? [];
	return `${listed(read.value.counted.map(quoted))} is taken for a counted thing.${near.length ? ` Or did you mean ${near.join(' or ')}?` : ''}`;
}

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
					label={`Number on ${side === 'top' ? 'top' : 'the bottom'}`}
					value={quantity.number}
					onChange={(number) => onWrite({ ...quantity, number })}
					placeholder="number"
					testID={`write-number-${side}`}
				/>
			</View>
			<View style={styles.unit}>
				<Field
					label={`Unit on ${side === 'top' ? 'top' : 'the bottom'}`}
					value={quantity.unit}
					onChange={(unit) => onWrite({ ...quantity, unit })}
					onSubmit={onDone}
					placeholder="unit"
					testID={`write-unit-${side}`}
				/>
			</View>
		</View>
	);
}

/** A block written by hand: units first, then numbers. In close support the numbers of a known fact follow the units. */
function Writing({ view, index, onDo }: Pick<Props, 'view' | 'index' | 'onDo'>) {
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
					<Button label={`The numbers: ${known.top} over ${known.bottom}`} onPress={fill} testID="fill-numbers" />
				</View>
			) : null}
			<Words size="small" tone={fault ? 'look' : 'soft'} aria-live="polite" testID="write-says">
				{fault
					? fault.message
					: counted ||
						(top.unit === '' || bottom.unit === ''
							? 'Units first: the one to be rid of goes on the opposite side.'
							: top.number === '' || bottom.number === ''
								? 'Now the numbers, each with its own unit.'
								: sayFactor(block.factor))}
			</Words>
		</View>
	);
}

/** The other scale with degrees of the same size, on which a shifted reading goes on. */
const SAME_DEGREES: Readonly<Record<string, string>> = { '°C': 'K', K: '°C' };

/** A step that adds or takes away: a number, and for temperatures the scale it is read on from there. */
function Adding({ view, index, onDo }: Pick<Props, 'view' | 'index' | 'onDo'>) {
	const styles = useStyles();
	const block = view.blocks[index];
	if (!block) return null;
	const { shift = '', top, bottom } = block.factor;
	const minus = /^\s*[-−]/.test(shift);
	const size = shift.replace(/^\s*[-−+]/, '');
	const before = view.worked.running[index]?.unit ?? '';
	const other = SAME_DEGREES[top.unit === '' ? before : bottom.unit];
	const here = top.unit === '' ? before : bottom.unit;
	const read = size.trim() === '' ? null : parseNumeral(size);
	const write = (number: string) => onDo({ do: 'write', block: block.id, side: 'shift', number, unit: '' });
	const scale = (to: string) => {
		const one = (unit: string) => ({ number: '1', unit });
		const [above, below] = to === here ? [one(''), one('')] : [one(to), one(here)];
		onDo(
			{ do: 'write', block: block.id, side: 'top', ...above },
			{ do: 'write', block: block.id, side: 'bottom', ...below },
		);
	};
	return (
		<View style={styles.writing}>
			<Choices
				label="This step"
				choices={[
					{ value: 'add', label: 'Adds' },
					{ value: 'take', label: 'Takes away' },
				]}
				chosen={minus ? 'take' : 'add'}
				onChoose={(way) => write(way === 'take' ? `-${size}` : size)}
				testID="shift"
			/>
			<Field
				label={`How much, in ${here}`}
				named
				value={size}
				onChange={(text) => write(minus ? `-${text}` : text)}
				fault={read && !read.ok ? read.fault : null}
				testID="shift-number"
			/>
			{other ? (
				<Choices
					label="And from there it is read in"
					choices={[here, other].map((unit) => ({ value: unit, label: unit }))}
					chosen={top.unit === '' ? here : top.unit}
					onChoose={scale}
					testID="shift-to"
				/>
			) : null}
		</View>
	);
}

/** What is still to go after a block; nothing where the student wants silence. */
function nextOf({ support, worked, columns }: DeskView): string {
	if (support === 'none') return '';
	if (worked.reached) return 'The line closes. Work the numbers and write the answer.';
	const left = mustGoOf(columns).map(({ base }) => base);
	return left.length ? `Still to go: ${listed([...new Set(left)].map(quoted))}.` : '';
}

/** One block of the line: what it did, and what can be done with it. */
export function BlockPanel({ view, index, writing, onDo, onRemove, onClose }: Props) {
	const styles = useStyles();
	const [open, setOpen] = useState(writing);
	const block = view.blocks[index];
	if (!block) return null;
	const { id, factor } = block;
	const adds = factor.shift !== undefined;
	const said = sayBlock(view, index);
	const judged = view.worked.factors[index];
	const doesExact = judged?.exact === true;
	const unclear = view.support !== 'none' && judged && !doesExact ? unclearIn(factor) : null;
	return (
		<Panel title={adds ? `Step ${index + 1}` : `Block ${index + 1}`} testID="block" {...(onClose ? { onClose } : {})}>
			{open && adds ? <Adding view={view} index={index} onDo={onDo} /> : null}
			{open && !adds ? <Writing view={view} index={index} onDo={onDo} /> : null}
			{adds || said.text === '' ? null : (
				<Words tone={said.turn ? 'look' : 'ink'} role="status" aria-live="polite" testID="block-says">
					{said.text} {said.turn ? '' : nextOf(view)}
				</Words>
			)}
			<View style={styles.row}>
				{adds ? null : (
					<Button
						label="Turn over"
						icon={TurnOver}
						kind={said.turn ? 'strong' : 'plain'}
						onPress={() => onDo({ do: 'turn', block: id })}
						testID="turn"
					/>
				)}
				<Button label="Remove" icon={Trash} onPress={onRemove} testID="remove" />
				<Button label="Change" icon={Pen} on={open} onPress={() => setOpen(!open)} testID="change-block" />
				{index > 0 ? (
					<Button
						label="Earlier"
						icon={Earlier}
						onPress={() => onDo({ do: 'move', block: id, to: index - 1 })}
						testID="earlier"
					/>
				) : null}
				{index < view.blocks.length - 1 ? (
					<Button
						label="Later"
						icon={Later}
						onPress={() => onDo({ do: 'move', block: id, to: index + 1 })}
						testID="later"
					/>
				) : null}
			</View>
			{adds ? null : (
				<View style={styles.row} role="group" aria-label={`Raise ${sayFactor({ ...factor, power: 1 })} to a power`}>
					<Words size="small" tone="soft">
						Raise it all
					</Words>
					{POWERS.map((power) => (
						<Button
							key={power}
							label={power === 1 ? 'no' : `( )${toSuperscript(power)}`}
							say={power === 1 ? 'power' : `to the power ${power}`}
							on={(factor.power ?? 1) === power}
							onPress={() => onDo({ do: 'raise', block: id, power })}
							testID={`power-${power}`}
						/>
					))}
				</View>
			)}
			{adds || judged?.exact === null || judged === undefined ? null : (
				<View style={styles.row} role="group" aria-label="Whether this block is exact or measured">
					<Words size="small" tone="soft">
						Its numbers are
					</Words>
					{[true, false].map((exact) => (
						<Button
							key={`${exact}`}
							label={exact ? 'exact' : 'measured'}
							on={doesExact === exact}
							onPress={() => onDo({ do: 'exact', block: id, exact })}
							testID={exact ? 'exact' : 'measured'}
						/>
					))}
				</View>
			)}
			{unclear === null ? null : (
				<Zeros
					text={unclear}
					figures={factor.figures ?? null}
					onChoose={(figures) => onDo({ do: 'zeros', block: id, figures })}
				/>
			)}
		</Panel>
	);
}

/** The number of a measured block whose zeros do not show whether they count. */
function unclearIn({ top, bottom }: Factor): string | null {
	for (const { number } of [top, bottom]) {
		const read = parseNumeral(number);
		if (read.ok && read.value.ambiguous && !/^10*$/.test(number.trim())) return number;
	}
	return null;
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.s },
	writing: { gap: GAP.s },
	side: { flexDirection: 'row', gap: GAP.s, padding: GAP.xs, flexGrow: 1, flexShrink: 1, minWidth: 0 },
	number: { flex: 3, minWidth: 0 },
	unit: { flex: 2, minWidth: 0 },
}));
