import {
	type Factor,
	fieldOf,
	isBareStep,
	listed,
	mayTurn,
	mustGoOf,
	parseNumeral,
	quoted,
	sayFactor,
	toSuperscript,
} from '@tidy-sum/core';
import type { SingleStep } from '@tidy-sum/schema';
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
import { later } from '../../ui/later';
import { Words } from '../../ui/words';
import type { DeskView } from '../../work/desk-view';
import { laterPanels } from '../later-panels';
import { PanelFrame } from '../panel-frame';
import type { PanelProps } from '../panel-row';
import { sayBlock } from '../say-block';

const BlockWriting = later(async () => (await laterPanels()).BlockWriting);
const StepPart = later(async () => (await laterPanels()).StepPart);
const Zeros = later(async () => (await laterPanels()).Zeros);

declare module '../../work/panel-slice' {
	interface Panels {
		/** A block of the line; `writing` opens its fields, for one that is written by hand. */
		readonly block: { readonly id: string; readonly writing?: boolean };
	}
}

const POWERS = [1, 2, 3] as const;

/** What is still to go after a block; nothing where the student wants silence. */
function nextOf({ support, closed, lacks, columns }: DeskView): string {
	if (support === 'none') return '';
	if (closed) return 'The line closes. Work the numbers and write the answer.';
	if (lacks) return lacks;
	const left = mustGoOf(columns).map(({ base }) => base);
	return left.length ? `Still to go: ${listed([...new Set(left)].map(quoted))}.` : '';
}

type PartProps = { readonly id: string; readonly onDo: (...steps: readonly SingleStep[]) => void };

/** Raises a whole block, for areas and volumes. */
function Power({ id, factor, onDo }: PartProps & { readonly factor: Factor }) {
	const styles = useStyles();
	return (
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
	);
}

/** Says whether the numbers of a block are exact or measured. */
function Exactness({ id, exact: isExact, onDo }: PartProps & { readonly exact: boolean }) {
	const styles = useStyles();
	return (
		<View style={styles.row} role="group" aria-label="Whether this block is exact or measured">
			<Words size="small" tone="soft">
				Its numbers are
			</Words>
			{[true, false].map((exact) => (
				<Button
					key={`${exact}`}
					label={exact ? 'exact' : 'measured'}
					on={isExact === exact}
					onPress={() => onDo({ do: 'exact', block: id, exact })}
					testID={exact ? 'exact' : 'measured'}
				/>
			))}
		</View>
	);
}

/** One block of the line: what it did, and what can be done with it. */
export function BlockPanel({ view, panel: { id, writing = false }, acts }: PanelProps<'block'>) {
	const styles = useStyles();
	const [open, setOpen] = useState(writing);
	const index = view.blocks.findIndex((block) => block.id === id);
	const factor = view.blocks[index]?.factor;
	if (!factor) return null;
	const { onDo } = acts;
	const steps = fieldOf(factor) !== null;
	const bare = isBareStep(factor);
	const said = sayBlock(view, index);
	const judged = view.worked.factors[index];
	const doesExact = judged?.exact === true;
	const unclear = view.support !== 'none' && judged && !doesExact ? unclearIn(factor) : null;
	const remove = () => {
		onDo({ do: 'remove', block: id });
		acts.close();
	};
	return (
		<PanelFrame title={steps ? `Step ${index + 1}` : `Block ${index + 1}`}>
			{steps ? <StepPart view={view} index={index} writing={open} onDo={onDo} /> : null}
			{open && !bare ? <BlockWriting view={view} index={index} onDo={onDo} /> : null}
			{bare || said.text === '' ? null : (
				<Words tone={said.turn ? 'look' : 'ink'} role="status" aria-live="polite" testID="block-says">
					{said.text} {said.turn ? '' : nextOf(view)}
				</Words>
			)}
			<View style={styles.row}>
				{mayTurn(factor) ? (
					<Button
						label={bare ? 'The other way' : 'Turn over'}
						icon={TurnOver}
						kind={said.turn ? 'strong' : 'plain'}
						onPress={() => onDo({ do: 'turn', block: id })}
						testID="turn"
					/>
				) : null}
				<Button label="Remove" icon={Trash} onPress={remove} testID="remove" />
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
			{steps ? null : <Power id={id} factor={factor} onDo={onDo} />}
			{steps || judged?.exact === null || judged === undefined ? null : (
				<Exactness id={id} exact={doesExact} onDo={onDo} />
			)}
			{unclear === null ? null : (
				<Zeros
					text={unclear}
					figures={factor.figures ?? null}
					onChoose={(figures) => onDo({ do: 'zeros', block: id, figures })}
				/>
			)}
		</PanelFrame>
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
}));
