import { fieldOf, parseNumeral, printUnitText, type StepField } from '@tidy-sum/core';
import { saidOfStep } from '@tidy-sum/core/help';
import type { SingleStep } from '@tidy-sum/schema';
import type { ComponentType } from 'react';
import { View } from 'react-native';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Choices } from '../../ui/choices';
import { Field } from '../../ui/field';
import { Words } from '../../ui/words';
import type { DeskView } from '../../work/desk-view';
import type { Block } from '../../work/work';
import * as words from './words';

type Props = {
	readonly view: DeskView;
	readonly index: number;
	/** Whether it is being written. */
	readonly writing: boolean;
	readonly onDo: (...steps: readonly SingleStep[]) => void;
};

type WritingProps = {
	readonly block: Block;
	/** The unit that stands before it. */
	readonly before: string;
	readonly onWrite: (number: string, unit: string) => void;
};

type NumberProps = { readonly label: string; readonly value: string; readonly onChange: (text: string) => void };

function NumberField({ label, value, onChange }: NumberProps) {
	const read = value.trim() === '' ? null : parseNumeral(value);
	return (
		<Field
			label={label}
			named
			value={value}
			onChange={onChange}
			fault={read && !read.ok ? read.fault : null}
			testID="step-number"
		/>
	);
}

/** A shift: which way it goes, and how far. */
function ShiftWriting({ block, before, onWrite }: WritingProps) {
	const { shift = '' } = block.factor;
	const minus = /^\s*[-−]/.test(shift);
	const size = shift.replace(/^\s*[-−+]/, '');
	return (
		<>
			<Choices
				label={words.thisStep}
				choices={[
					{ value: 'add', label: words.adds },
					{ value: 'take', label: words.takesAway },
				]}
				chosen={minus ? 'take' : 'add'}
				onChoose={(way) => onWrite(way === 'take' ? `-${size}` : size, '')}
				testID="shift"
			/>
			<NumberField
				label={words.howMuchIn(before)}
				value={size}
				onChange={(text) => onWrite(minus ? `-${text}` : text, '')}
			/>
		</>
	);
}

/** Whole ones that are set aside: how many. */
function AsideWriting({ block, onWrite }: WritingProps) {
	const { number = '', unit = '' } = block.factor.aside ?? {};
	return (
		<NumberField
			label={words.howManyWhole(printUnitText(unit))}
			value={number}
			onChange={(text) => onWrite(text, unit)}
		/>
	);
}

/** A part that is added: its number and its unit. */
function TermWriting({ block, onWrite }: WritingProps) {
	const { number = '', unit = '' } = block.factor.term ?? {};
	return (
		<NumberField label={words.howMany(printUnitText(unit))} value={number} onChange={(text) => onWrite(text, unit)} />
	);
}

/** How each kind of step is written by hand. */
const WRITING: { readonly [F in StepField]: ComponentType<WritingProps> } = {
	shift: ShiftWriting,
	aside: AsideWriting,
	term: TermWriting,
};

/** A step that is no factor: what it did, as the support allows, and where it is written. */
export function StepPart({ view, index, writing, onDo }: Props) {
	const styles = useStyles();
	const block = view.blocks[index];
	const field = block && fieldOf(block.factor);
	if (!block || !field) return null;
	const Writing = WRITING[field];
	const said = saidOfStep(view, index);
	return (
		<View style={styles.writing}>
			{writing ? (
				<Writing
					block={block}
					before={view.worked.running[index]?.unit ?? ''}
					onWrite={(number, unit) => {
						const from = block.factor.aside?.from;
						onDo({ do: 'write', block: block.id, side: field, number, unit, ...(from === undefined ? {} : { from }) });
					}}
				/>
			) : null}
			{said.text === '' ? null : (
				<Words tone={said.wrong ? 'look' : 'ink'} role="status" aria-live="polite" testID="block-says">
					{said.text}
				</Words>
			)}
		</View>
	);
}

const useStyles = makeStyles(() => ({ writing: { gap: GAP.s } }));
