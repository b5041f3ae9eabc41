import {
	type Fact,
	figuresText,
	parseNumeral,
	parseUnit,
	placeText,
	type Quantity,
	quoted,
	type Rounding,
	type Start,
	sayQuantity,
	sidesOfStart,
	type Want,
} from '@tidy-sum/core';
import { readFactText, readStarting, readWanted, type Starting, startingText } from '@tidy-sum/core/help';
import type { SingleStep } from '@tidy-sum/schema';
import { useState } from 'react';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Choices } from '../ui/choices';
import { PadField } from '../ui/pad-field';
import { Words } from '../ui/words';
import type { OwnParts } from '../work/exercises';
import { FactsStated } from './facts-stated';

type Props = {
	readonly own: OwnParts;
	readonly onDo: (...steps: readonly SingleStep[]) => void;
	/** Whether keys of our own are there to type with; they are on a phone. */
	readonly wide: boolean;
	/** Begins a fact with what was touched in the text. */
	readonly half?: string;
};

/** A step that says what the problem starts from. */
export function startStep({ start, until, terms }: Starting): SingleStep {
	return { do: 'start', start, ...(until ? { until } : {}), ...(terms?.length ? { terms: [...terms] } : {}) };
}

/** What a start is read back as. */
export function sayStarting({ start, until, terms = [] }: Starting): string {
	const { top, bottom } = sidesOfStart(start);
	const more = [until ? ` to ${sayQuantity(until)}` : '', bottom ? ` over ${sayQuantity(bottom)}` : ''].join('');
	return [`${sayQuantity(top)}${more}`, ...terms.map(sayQuantity)].join(', and ');
}

/** What a problem starts from; null where that is not told. */
export function startingOf({ start, until, terms }: OwnParts): Starting | null {
	return start ? { start, ...(until ? { until } : {}), terms } : null;
}

/** What the problem begins with, as it is typed. */
function startText(own: OwnParts): string {
	const starting = startingOf(own);
	return starting ? startingText(starting) : '';
}

/** What an answer may be, by the field of `want` that asks for it. */
type Kind = 'quantity' | 'factor' | 'figures';

const KINDS: readonly { readonly value: Kind; readonly label: string }[] = [
	{ value: 'quantity', label: 'a quantity' },
	{ value: 'factor', label: 'one factor only' },
	{ value: 'figures', label: 'how many figures' },
];

function kindOf(want: Want | null): Kind {
	if (want && 'factor' in want) return 'factor';
	return want && 'figures' in want ? 'figures' : 'quantity';
}

/** What is wanted, as it is typed. */
function wantText(want: Want | null): string {
	if (!want) return '';
	if ('mixed' in want) return want.mixed.join(' and ');
	if ('unit' in want) return want.unit;
	return 'factor' in want ? want.factor : 'figures' in want ? want.figures : '';
}

type Form = 'any' | 'scientific' | 'plain' | 'fraction';

const FORMS: readonly { readonly value: Form; readonly label: string }[] = [
	{ value: 'any', label: 'any form' },
	{ value: 'scientific', label: 'scientific' },
	{ value: 'plain', label: 'plain' },
	{ value: 'fraction', label: 'a fraction' },
];

/** What is typed as wanted, as a step; what cannot be read yet is kept as it is typed. */
function wantStep(kind: Kind, text: string, form: Form): SingleStep {
	if (kind === 'factor') return { do: 'ask', want: { factor: text } };
	if (kind === 'figures') return { do: 'ask', want: { figures: text } };
	const read = readWanted(text);
	const parts = read.ok ? read.value.parts : [];
	if (parts.length) return { do: 'ask', want: { mixed: [...parts] } };
	return { do: 'ask', want: { unit: text, ...(form === 'any' ? {} : { form }) } };
}

/** What is wrong with what is wanted, as it is typed; null where nothing is. */
function wantFault(kind: Kind, text: string) {
	if (text.trim() === '') return null;
	const read =
		kind === 'figures' ? parseNumeral(text) : kind === 'factor' ? parseUnit(text, { counted: true }) : readWanted(text);
	return read.ok ? null : read.fault;
}

const LABELS: Readonly<Record<Kind, { readonly label: string; readonly placeholder: string }>> = {
	quantity: { label: 'Wanted, a unit, or units of a measure in parts', placeholder: 'mm/min, or ft and in' },
	factor: { label: 'The unit the factor is to lead to', placeholder: 'kJ' },
	figures: { label: 'The number whose figures are counted', placeholder: '0.00450' },
};

/** What is wanted: of which kind, its unit or number, and the form of its number. */
function WantedFields({ own, onDo, pad, units, onEnter }: FieldsProps) {
	const [kind, setKind] = useState(kindOf(own.asked));
	const [typed, setTyped] = useState<string | null>(null);
	// What is read of the text shows until one types here.
	const told = wantText(own.asked);
	const text = typed ?? told;
	const form: Form = own.asked && 'unit' in own.asked ? (own.asked.form ?? 'any') : 'any';
	const unit = parseUnit(kind === 'quantity' ? (own.want ?? '') : '', { counted: true });
	const counted = unit.ok ? unit.value.counted : [];
	return (
		<>
			<Choices
				label="The answer is"
				choices={KINDS}
				chosen={kind}
				onChoose={(next) => {
					setKind(next);
					setTyped('');
					onDo(next === 'quantity' ? { do: 'ask', want: null } : wantStep(next, '', 'any'));
				}}
				testID="own-kind"
			/>
			<PadField
				{...LABELS[kind]}
				named
				value={text}
				onChange={(next) => {
					setTyped(next);
					onDo(wantStep(kind, next, form));
				}}
				onEnter={onEnter}
				fault={wantFault(kind, text)}
				reads={counted.length ? `${counted.map(quoted).join(' and ')} is taken for a counted thing.` : ''}
				pad={pad}
				units={units}
				more={kind === 'quantity' ? ['/', ' and '] : []}
				testID="own-want"
			/>
			{kind === 'quantity' && own.asked && 'unit' in own.asked && own.asked.unit !== '' ? (
				<Choices
					label="Its number is asked for in"
					choices={FORMS}
					chosen={form}
					onChoose={(next) => onDo(wantStep(kind, text, next))}
					testID="own-form"
				/>
			) : null}
		</>
	);
}

type Round = 'figures' | 'significant' | 'place' | 'none';

const ROUNDS: readonly { readonly value: Round; readonly label: string }[] = [
	{ value: 'figures', label: 'as the figures allow' },
	{ value: 'significant', label: 'to a count' },
	{ value: 'place', label: 'to a place' },
	{ value: 'none', label: 'not at all' },
];

function roundOf(rounding: Rounding | null): Round {
	if (rounding === null || rounding === 'figures') return 'figures';
	if (rounding === 'none') return 'none';
	return 'place' in rounding ? 'place' : 'significant';
}

const STARTS: Readonly<Record<Round, Rounding>> = {
	figures: 'figures',
	significant: { significant: 3 },
	place: { place: -1 },
	none: 'none',
};

/** How the answer is rounded: by the figures, to a count, to a place, or not at all. */
export function RoundingFields({ own, onDo }: Pick<Props, 'own' | 'onDo'>) {
	const styles = useStyles();
	const { rounding } = own;
	const round = roundOf(rounding);
	const at =
		rounding && typeof rounding === 'object' ? ('place' in rounding ? rounding.place : rounding.significant) : 0;
	const says = round === 'place' ? placeText(at) : figuresText(at);
	const step = (by: number) =>
		onDo({ do: 'round', rounding: round === 'place' ? { place: at + by } : { significant: at + by } });
	// A place is stepped as it is written: further right is finer.
	const [less, more] = round === 'place' ? [1, -1] : [-1, 1];
	return (
		<>
			<Choices
				label="The answer is rounded"
				choices={ROUNDS}
				chosen={round}
				onChoose={(next) => onDo({ do: 'round', rounding: STARTS[next] })}
				testID="own-round"
			/>
			{round === 'place' || round === 'significant' ? (
				<Box style={styles.row} role="group" aria-label="How far it is rounded">
					<Button
						label="−"
						say={round === 'place' ? 'one place coarser' : 'one figure fewer'}
						disabled={round === 'significant' ? at <= 1 : at >= 9}
						onPress={() => step(less)}
						testID="round-less"
					/>
					<Words aria-live="polite" testID="round-says">
						to {says}
					</Words>
					<Button
						label="+"
						say={round === 'place' ? 'one place finer' : 'one figure more'}
						disabled={round === 'significant' ? at >= 12 : at <= -12}
						onPress={() => step(more)}
						testID="round-more"
					/>
				</Box>
			) : null}
		</>
	);
}

/** Whether something is a temperature, which may be a reading or a difference. */
function isTemperature(text: string): boolean {
	const unit = parseUnit(text);
	return unit.ok && unit.value.parts.length === 1 && unit.value.kind === KELVIN;
}

function kindOfUnit(text: string): string {
	const unit = parseUnit(text);
	return unit.ok ? unit.value.kind : '';
}

/** How a temperature's kind is told apart. */
const KELVIN = kindOfUnit('K');

function unitsIn(start: Start | null): readonly string[] {
	if (!start) return [];
	const { top, bottom } = sidesOfStart(start);
	return [top.unit, bottom?.unit ?? ''];
}

/** The units of what is told, for the keys. */
function unitsOf({ start, stated, asked }: OwnParts): readonly string[] {
	const sides = stated.flatMap(({ left, right }: Fact): readonly Quantity[] => [left, right]);
	const wanted = asked && 'unit' in asked ? [asked.unit] : asked && 'mixed' in asked ? asked.mixed : [];
	const units = [...unitsIn(start), ...sides.map(({ unit }) => unit), ...wanted];
	return [...new Set(units.filter((unit) => unit !== '' && unit.length <= 8))].slice(0, 6);
}

type FieldsProps = {
	readonly own: OwnParts;
	readonly onDo: Props['onDo'];
	readonly pad: boolean;
	readonly units: readonly string[];
	readonly onEnter: () => void;
};

function StartField({ own, onDo, pad, units, onEnter }: FieldsProps) {
	const [typed, setTyped] = useState<string | null>(null);
	const told = startText(own);
	const text = typed ?? told;
	const read = text.trim() === '' ? null : readStarting(text);
	const type = (next: string) => {
		setTyped(next);
		const made = readStarting(next);
		// What is emptied or cannot be read is no start: the line does not go on from the one before.
		onDo(made.ok ? startStep(made.value) : { do: 'unstart' });
	};
	return (
		<PadField
			label="Start from"
			named
			value={text}
			onChange={type}
			onEnter={onEnter}
			placeholder="2.75 in/h, 150 km in 2.5 h, 50 to 68 °F, 7 ft 5 in"
			fault={read && !read.ok ? read.fault : null}
			reads={read?.ok ? `Reads as ${sayStarting(read.value)}` : ''}
			pad={pad}
			units={units}
			more={[' in ', ' to ', ' + ']}
			testID="own-start"
		/>
	);
}

function StatedField({ own, onDo, pad, units, onEnter, half }: FieldsProps & { readonly half: string }) {
	const styles = useStyles();
	const [fact, setFact] = useState(half ? `${half} = ` : '');
	const read = fact.trim() === '' || fact.trim() === half || fact.trim() === `${half} =` ? null : readFactText(fact);
	const add = () => {
		if (!read?.ok) return;
		onDo({ do: 'state', fact: read.value });
		setFact('');
	};
	return (
		<>
			<PadField
				label="A fact the problem states"
				named
				value={fact}
				onChange={setFact}
				onEnter={onEnter}
				onSubmit={add}
				placeholder="12 jars = 1 crate"
				fault={read && !read.ok ? read.fault : null}
				pad={pad}
				units={units}
				more={[' = ']}
				testID="own-stated"
			/>
			<Box style={styles.row}>
				<Button label="Add the fact" disabled={!read?.ok} onPress={add} testID="own-add" />
			</Box>
			<FactsStated facts={own.stated} onRemove={(one) => onDo({ do: 'unstate', fact: one })} />
		</>
	);
}

/** What a problem is made of, filled in directly: start, wanted, rounding and facts, with keys of our own on a phone. */
export function ProblemFields({ own, onDo, wide, half = '' }: Props) {
	const styles = useStyles();
	const [keyboard, setKeyboard] = useState(wide);
	const [entered, setEntered] = useState('');
	const units = unitsOf(own);
	const fields = (name: string) => ({
		own,
		onDo,
		units,
		pad: !keyboard && entered === name,
		onEnter: () => setEntered(name),
	});
	// Of a number whose figures are counted nothing else is asked.
	const counts = own.asked !== null && 'figures' in own.asked;
	const wanted = own.want ?? '';
	const degrees = [sidesOfStart(own.start ?? NOTHING).top.unit, wanted].every(isTemperature);
	return (
		<Box style={styles.fields}>
			{wide ? null : (
				<Choices
					label="Type with"
					choices={[
						{ value: 'own', label: 'the keys here' },
						{ value: 'device', label: 'the device’s keyboard' },
					]}
					chosen={keyboard ? 'device' : 'own'}
					onChoose={(with_) => setKeyboard(with_ === 'device')}
					testID="own-keys"
				/>
			)}
			{counts ? null : <StartField {...fields('start')} />}
			<WantedFields {...fields('want')} />
			{degrees ? (
				<Choices
					label="These temperatures are"
					choices={[
						{ value: 'reading', label: 'readings' },
						{ value: 'difference', label: 'a difference' },
					]}
					chosen={own.difference ? 'difference' : 'reading'}
					onChoose={(kind) => onDo({ do: 'difference', difference: kind === 'difference' })}
					testID="own-difference"
				/>
			) : null}
			{counts ? null : <RoundingFields own={own} onDo={onDo} />}
			{counts ? null : <StatedField key={half} {...fields('fact')} half={half} />}
		</Box>
	);
}

const NOTHING = { number: '', unit: '' };

const useStyles = makeStyles(() => ({
	fields: { gap: GAP.m },
	row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.s },
}));
