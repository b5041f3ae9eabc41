import { fieldOf, isBareStep, listed, mayTurn, mustGoOf, unitWord } from '@tidy-sum/core';
import { __iconData as Earlier } from 'lucide-react-native/icons/arrow-left';
import { __iconData as Later } from 'lucide-react-native/icons/arrow-right';
import { __iconData as TurnOver } from 'lucide-react-native/icons/arrow-up-down';
import { __iconData as Pen } from 'lucide-react-native/icons/pen-line';
import { __iconData as Trash } from 'lucide-react-native/icons/trash';
import { useState } from 'react';
import { View } from 'react-native';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Button } from '../../ui/button';
import { later } from '../../ui/later';
import { Words } from '../../ui/words';
import type { DeskView } from '../../work/desk-view';
import { AT_BLOCK, Guided } from '../guide';
import { laterPanels } from '../later-panels';
import { PanelFrame } from '../panel-frame';
import type { PanelProps } from '../panel-row';
import { sayBlock } from '../say-block';
import * as words from './words';

const BlockWriting = later(async () => (await laterPanels()).BlockWriting);
const StepPart = later(async () => (await laterPanels()).StepPart);
const BlockMore = later(async () => (await laterPanels()).BlockMore);

declare module '../../work/panel-slice' {
	interface Panels {
		/** A block of the line; `writing` opens its fields, for one that is written by hand. */
		readonly block: { readonly id: string; readonly writing?: boolean };
	}
}

/** What is still to go after a block; nothing where the student wants silence. */
function nextOf({ support, closed, lacks, columns }: DeskView): string {
	if (support === 'none') return '';
	if (closed) return words.theLineIsCompleteWorkOut;
	if (lacks) return lacks;
	const left = mustGoOf(columns).map(({ base }) => base);
	return left.length ? words.stillHasToGo(listed([...new Set(left)].map(unitWord))) : '';
}

/** One block of the line: what it did, and what you can do with it. */
export function BlockPanel({ view, panel: { id, writing = false }, acts, wide }: PanelProps<'block'>) {
	const styles = useStyles();
	const [open, setOpen] = useState(writing);
	const index = view.blocks.findIndex((block) => block.id === id);
	const factor = view.blocks[index]?.factor;
	if (!factor) return null;
	const { onDo } = acts;
	const steps = fieldOf(factor) !== null;
	const bare = isBareStep(factor);
	const said = sayBlock(view, index);
	const remove = () => {
		onDo({ do: 'remove', block: id });
		acts.close();
	};
	return (
		<PanelFrame title={steps ? words.step(index + 1) : words.factor(index + 1)}>
			{wide ? null : <Guided at={AT_BLOCK} />}
			{steps ? <StepPart view={view} index={index} writing={open} onDo={onDo} /> : null}
			{open && !bare ? <BlockWriting view={view} index={index} onDo={onDo} /> : null}
			{bare || said.text === '' ? null : (
				<Words tone={said.turn || said.checked ? 'look' : 'ink'} role="status" aria-live="polite" testID="block-says">
					{said.text} {said.turn || said.checked ? '' : nextOf(view)}
				</Words>
			)}
			<View style={styles.row}>
				{mayTurn(factor) ? (
					<Button
						label={bare ? words.theOtherWay : words.turnOver}
						icon={TurnOver}
						kind={said.turn ? 'strong' : 'plain'}
						onPress={() => onDo({ do: 'turn', block: id })}
						testID="turn"
					/>
				) : null}
				<Button label={words.remove} icon={Trash} onPress={remove} testID="remove" />
				<Button label={words.change} icon={Pen} on={open} onPress={() => setOpen(!open)} testID="change-block" />
				{index > 0 ? (
					<Button
						label={words.earlier}
						icon={Earlier}
						onPress={() => onDo({ do: 'move', block: id, to: index - 1 })}
						testID="earlier"
					/>
				) : null}
				{index < view.blocks.length - 1 ? (
					<Button
						label={words.later}
						icon={Later}
						onPress={() => onDo({ do: 'move', block: id, to: index + 1 })}
						testID="later"
					/>
				) : null}
			</View>
			{steps ? null : <BlockMore view={view} index={index} onDo={onDo} />}
		</PanelFrame>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.s },
}));
