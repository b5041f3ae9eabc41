import {
	parseUnit,
	printQuantity,
	quoted,
	readFactText,
	readProblem,
	readStartText,
	sayQuantity,
	sidesOfStart,
	writtenQuantity,
} from '@tidy-sum/core';
import type { SingleStep } from '@tidy-sum/schema';
import { useState } from 'react';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Words } from '../../ui/words';
import type { DeskView } from '../../work/desk-view';
import { PanelFrame } from '../panel-frame';
import type { PanelProps } from '../panel-row';

declare module '../../work/panel-slice' {
	interface Panels {
		/** A problem of one's own; `half` begins a fact with what was touched in the text. */
		readonly own: { readonly half?: string };
	}
}

/** The start as it is typed: "150 km in 2.5 h" for two quantities. */
function startText(view: DeskView): string {
	const { start } = view.work;
	if (!start) return '';
	const { top, bottom } = sidesOfStart(start);
	return bottom ? `${writtenQuantity(top)} in ${writtenQuantity(bottom)}` : writtenQuantity(top);
}

/** A problem of one's own: its text, or its start, facts and wanted unit filled in directly. */
export function OwnPanel({ view, panel: { half = '' }, acts }: PanelProps<'own'>) {
	const { onOwnDo: onDo } = acts;
	const ready = view.started && view.wanted;
	const styles = useStyles();
	const { work } = view;
	const [start, setStart] = useState(startText(view));
	const [fact, setFact] = useState(half ? `${half} = ` : '');
	const [said, setSaid] = useState('');
	const readsStart = start.trim() === '' ? null : readStartText(start);
	const readsFact = fact.trim() === '' || fact.trim() === half ? null : readFactText(fact);
	const unit = parseUnit(work.want ?? '', { counted: true });

	const typeStart = (text: string) => {
		setStart(text);
		const read = readStartText(text);
		// What is emptied or cannot be read is no start: the line does not go on from the one before.
		onDo(read.ok ? { do: 'start', start: read.value } : { do: 'unstart' });
	};
	const readText = () => {
		const told = readProblem(work.text);
		const steps: SingleStep[] = told.numbers.flatMap(({ at, role }): SingleStep[] =>
			role ? [{ do: 'mark', at: [...at], role }] : [],
		);
		for (const one of told.facts) steps.push({ do: 'state', fact: one });
		if (told.want) steps.push({ do: 'want', unit: told.want.unit });
		if (told.start) {
			steps.push({ do: 'start', start: told.start });
			const { top, bottom } = sidesOfStart(told.start);
			setStart(bottom ? `${writtenQuantity(top)} in ${writtenQuantity(bottom)}` : writtenQuantity(top));
		}
		onDo(...steps);
		const lacks = [told.start ? '' : 'the start', told.want ? '' : 'what is wanted'].filter(Boolean);
		setSaid(
			lacks.length
				? `I could not tell ${lacks.join(' and ')}. Touch the quantity in the text, or fill it in below.`
				: 'Look whether it is meant so, and change what is not.',
		);
	};
	const addFact = () => {
		const read = readFactText(fact);
		if (!read.ok) return;
		onDo({ do: 'state', fact: read.value });
		setFact('');
	};
	return (
		<PanelFrame>
			<Field
				label="The problem, typed or pasted (it may be left out)"
				named
				value={work.text}
				onChange={(text) => onDo({ do: 'pose', text })}
				lines={4}
				testID="own-text"
			/>
			<Box style={styles.row}>
				<Button label="Read it for me" disabled={work.text.trim() === ''} onPress={readText} testID="own-read" />
			</Box>
			{said ? (
				<Words size="small" aria-live="polite" testID="own-says">
					{said}
				</Words>
			) : null}
			<Field
				label="Start from"
				named
				value={start}
				onChange={typeStart}
				placeholder="2.75 in/h, or 150 km in 2.5 h"
				fault={readsStart && !readsStart.ok ? readsStart.fault : null}
				reads={work.start ? `Reads as ${sayQuantity(sidesOfStart(work.start).top)}` : ''}
				testID="own-start"
			/>
			<Field
				label="Wanted, a unit"
				named
				value={work.want ?? ''}
				onChange={(text) => onDo({ do: 'want', unit: text })}
				placeholder="mm/min"
				fault={work.want && !unit.ok ? unit.fault : null}
				reads={
					unit.ok && unit.value.counted.length
						? `${unit.value.counted.map(quoted).join(' and ')} is taken for a counted thing.`
						: ''
				}
				testID="own-want"
			/>
			<Field
				label="A fact the problem states"
				named
				value={fact}
				onChange={setFact}
				onSubmit={addFact}
				placeholder="12 jars = 1 crate"
				fault={readsFact && !readsFact.ok ? readsFact.fault : null}
				testID="own-stated"
			/>
			<Box style={styles.row}>
				<Button label="Add the fact" disabled={!readsFact?.ok} onPress={addFact} testID="own-add" />
			</Box>
			<Box role="list" style={styles.facts}>
				{work.stated.map((one) => (
					<Box key={writtenQuantity(one.left) + writtenQuantity(one.right)} role="listitem" style={styles.fact}>
						<Words>
							{printQuantity(one.left)} = {printQuantity(one.right)}
						</Words>
						<Button
							label="Remove"
							say={writtenQuantity(one.left)}
							onPress={() => onDo({ do: 'unstate', fact: one })}
							testID={`unstate-${one.left.unit}`}
						/>
					</Box>
				))}
			</Box>
			<Button label="To the line" kind="strong" disabled={!ready} onPress={acts.close} testID="own-done" />
		</PanelFrame>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	facts: { gap: GAP.s },
	fact: { flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between', gap: GAP.m },
}));
