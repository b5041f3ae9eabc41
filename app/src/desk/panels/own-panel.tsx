import { parseUnit, printQuantity, quoted, sayQuantity, sidesOfStart, writtenQuantity } from '@tidy-sum/core';
import { readFactText, readStarting, readWanted, type Starting, startingText } from '@tidy-sum/core/help';
import { readProblem } from '@tidy-sum/core/problem';
import type { SingleStep } from '@tidy-sum/schema';
import { useState } from 'react';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Choices } from '../../ui/choices';
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

/** What the problem begins with, as it is typed. */
function startText({ work: { start, until, terms } }: DeskView): string {
	return start ? startingText({ start, ...(until ? { until } : {}), terms }) : '';
}

/** What is wanted, as it is typed. */
function wantText({ work: { want, wantParts } }: DeskView): string {
	return wantParts.length ? wantParts.join(' and ') : (want ?? '');
}

/** What a start is read back as. */
function sayStarting({ start, until, terms = [] }: Starting): string {
	const { top, bottom } = sidesOfStart(start);
	const more = [until ? ` to ${sayQuantity(until)}` : '', bottom ? ` over ${sayQuantity(bottom)}` : ''].join('');
	return [`${sayQuantity(top)}${more}`, ...terms.map(sayQuantity)].join(', and ');
}

/** Whether something is a temperature, which may be a reading or a difference. */
function isTemperature(text: string): boolean {
	const unit = parseUnit(text);
	return unit.ok && unit.value.parts.length === 1 && unit.value.kind === KELVIN;
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
	const [want, setWant] = useState(wantText(view));
	const readsStart = start.trim() === '' ? null : readStarting(start);
	const readsWant = want.trim() === '' ? null : readWanted(want);
	const readsFact = fact.trim() === '' || fact.trim() === half ? null : readFactText(fact);
	const unit = parseUnit(work.want ?? '', { counted: true });
	const degrees = [sidesOfStart(work.start ?? NOTHING).top.unit, work.want ?? ''].every(isTemperature);

	const typeStart = (text: string) => {
		setStart(text);
		const read = readStarting(text);
		// What is emptied or cannot be read is no start: the line does not go on from the one before.
		onDo(read.ok ? startStep(read.value) : { do: 'unstart' });
	};
	const typeWant = (text: string) => {
		setWant(text);
		const read = readWanted(text);
		const parts = read.ok ? read.value.parts : [];
		onDo({
			do: 'want',
			unit: parts.length && read.ok ? read.value.unit : text,
			...(parts.length ? { parts: [...parts] } : {}),
		});
	};
	const readText = () => {
		const told = readProblem(work.text);
		const first = told.numbers.find(({ role }) => role === 'start');
		const steps: SingleStep[] = told.numbers.flatMap((one): SingleStep[] => {
			if (!one.role) return [];
			const also = one.role === 'start' && one !== first;
			return [{ do: 'mark', at: [...one.at], role: one.role, ...(also ? { also } : {}) }];
		});
		for (const one of told.facts) steps.push({ do: 'state', fact: one });
		if (told.want) {
			const { unit, parts } = told.want;
			steps.push({ do: 'want', unit, ...(parts.length ? { parts: [...parts] } : {}) });
			setWant(parts.length ? parts.join(' and ') : unit);
		}
		if (told.start) {
			const { until, terms } = told;
			const starting = { start: told.start, ...(until ? { until } : {}), ...(terms.length ? { terms } : {}) };
			steps.push(startStep(starting), { do: 'difference', difference: told.difference ?? false });
			setStart(startingText(starting));
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
				placeholder="2.75 in/h, 150 km in 2.5 h, 50 to 68 °F, 7 ft 5 in"
				fault={readsStart && !readsStart.ok ? readsStart.fault : null}
				reads={readsStart?.ok ? `Reads as ${sayStarting(readsStart.value)}` : ''}
				testID="own-start"
			/>
			<Field
				label="Wanted, a unit, or units of a measure in parts"
				named
				value={want}
				onChange={typeWant}
				placeholder="mm/min, or ft and in"
				fault={readsWant && !readsWant.ok ? readsWant.fault : null}
				reads={
					unit.ok && unit.value.counted.length
						? `${unit.value.counted.map(quoted).join(' and ')} is taken for a counted thing.`
						: ''
				}
				testID="own-want"
			/>
			{degrees ? (
				<Choices
					label="These temperatures are"
					choices={[
						{ value: 'reading', label: 'readings' },
						{ value: 'difference', label: 'a difference' },
					]}
					chosen={work.difference ? 'difference' : 'reading'}
					onChoose={(kind) => onDo({ do: 'difference', difference: kind === 'difference' })}
					testID="own-difference"
				/>
			) : null}
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

const NOTHING = { number: '', unit: '' };

/** How a temperature's kind is told apart. */
const KELVIN = kindOfUnit('K');

function kindOfUnit(text: string): string {
	const unit = parseUnit(text);
	return unit.ok ? unit.value.kind : '';
}

/** A start as a step of the work. */
function startStep({ start, until, terms }: Starting): SingleStep {
	return { do: 'start', start, ...(until ? { until } : {}), ...(terms?.length ? { terms: [...terms] } : {}) };
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	facts: { gap: GAP.s },
	fact: { flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between', gap: GAP.m },
}));
