import {
	type Factor,
	fromMixed,
	good,
	type Outcome,
	printForm,
	printQuantity,
	type Quantity,
	quoted,
	route,
	writtenQuantity,
} from '@tidy-sum/core';
import { readPartsText } from '@tidy-sum/core/help';
import {
	type Division,
	divisionFactor,
	MEASURES,
	type Measure,
	measureNamed,
	shownExactly,
	type TakenApart,
	takeApart,
	whyNotDigits,
} from '@tidy-sum/core/shelf';
import { useMemo } from 'react';
import { PartsPicture } from '../../line/parts-picture';
import { GAP, WIDE_FROM } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Choices } from '../../ui/choices';
import { Field } from '../../ui/field';
import { Fraction } from '../../ui/fraction';
import { useRoom } from '../../ui/use-room';
import { Words } from '../../ui/words';
import type { PartProps } from '../part-props';
import { Send } from '../send';
import { ShelfPage } from '../shelf-page';
import { Stepper } from '../stepper';
import { useFields, useLastGood } from '../use-fields';
import * as words from './words';

const EXAMPLE = { text: words.ft, measure: 'length' };

/** An example of each measure, for when it is chosen. */
const EXAMPLES: Readonly<Record<string, string>> = {
	length: words.ft,
	mass: words.lb,
	time: '2.5 h',
	angle: '41.2 °',
};

/** What was typed, part by part, and taken apart. */
type Seen = TakenApart & { readonly typed: readonly Quantity[] };

function seenIn(text: string, { units }: Measure): Outcome<Seen> {
	const typed = readPartsText(text);
	if (!typed.ok) return typed;
	const made = takeApart(typed.value, units);
	return made.ok ? good({ ...made.value, typed: typed.value }) : made;
}

function shown(parts: readonly Quantity[]): string {
	return parts.map(({ number, unit }) => printQuantity({ number: printForm(number), unit })).join(' ');
}

/** Going down: of each unit the whole ones are set aside, and the part that is left goes on. */
function Down({ divisions, width }: { readonly divisions: readonly Division[]; readonly width: number }) {
	const styles = useStyles();
	const from = divisions.findIndex(({ whole }) => whole.sign !== 0);
	return (
		<Box role="list" style={styles.part}>
			{divisions.slice(Math.max(0, from)).map((division) => {
				const { unit, value, whole, part, next } = division;
				const why = whyNotDigits(division);
				return (
					<Box key={unit} role="listitem" style={styles.step} testID={`division-${unit}`}>
						<Words>
							{next
								? words.isWholeAndLeft(shownExactly(value), unit, shownExactly(whole), shownExactly(part))
								: words.isLeftAtTheEnd(shownExactly(value), unit)}
						</Words>
						<PartsPicture division={division} width={width} />
						{why ? (
							<Words size="small" tone="soft" testID={`why-${unit}`}>
								{why}
							</Words>
						) : null}
					</Box>
				);
			})}
		</Box>
	);
}

/** Going up: each part as a part of the largest unit, and their sum. */
function Up({ typed, large }: { readonly typed: readonly Quantity[]; readonly large: string }) {
	const styles = useStyles();
	const total = fromMixed(typed, large);
	return (
		<Box style={styles.part} testID="up">
			{typed.map((part, i) => {
				const one = fromMixed([part], large);
				const way = route(part.unit, large, { tables: true });
				return (
					// biome-ignore lint/suspicious/noArrayIndexKey: the same part may be typed twice.
					<Box key={i} style={styles.sum}>
						<Words>{printQuantity(part)}</Words>
						{(way.ok ? way.value.factors : []).map((factor) => (
							<Box key={writtenQuantity(factor.bottom)} style={styles.sum}>
								<Words>×</Words>
								<Fraction
									top={<Words>{printQuantity(factor.top)}</Words>}
									bottom={<Words>{printQuantity(factor.bottom)}</Words>}
								/>
							</Box>
						))}
						<Words>{one.ok ? `= ${shownExactly(one.value.value)} ${large}` : ''}</Words>
					</Box>
				);
			})}
			<Words strong testID="sum">
				{total.ok ? words.together(shownExactly(total.value.value), large) : ''}
			</Words>
		</Box>
	);
}

/** Mixed measures: one number into wholes and a rest, and parts into one number, by division and remainder. */
export function MixedScreen({ title, link }: PartProps<typeof EXAMPLE>) {
	const { width } = useRoom();
	const { fields, set, address } = useFields('mixed', link, EXAMPLE);
	const measure = measureNamed(fields.measure) ?? (MEASURES[0] as Measure);
	const made = useMemo(() => seenIn(fields.text, measure), [fields.text, measure]);
	const { value: seen, fault } = useLastGood(made);
	const both = seen && seen.typed.length > 1;
	const [first] = seen?.typed ?? [];
	const factors = (seen?.divisions ?? []).filter(({ part }) => part.sign !== 0).map(divisionFactor);
	const blocks = factors.filter((factor): factor is Factor => factor !== null);
	const wrong =
		fields.text.trim() === '' ? null : fault && { ...fault, at: fault.at ?? ([0, fields.text.length] as const) };
	const room = Math.min(width >= WIDE_FROM ? 500 : width - 2 * GAP.l, 500);
	return (
		<ShelfPage
			title={title}
			part="mixed"
			address={address}
			beside={
				seen ? (
					<>
						{both ? <Up typed={seen.typed} large={measure.units[0] as string} /> : null}
						<Down divisions={seen.divisions} width={room} />
						<Send
							send={{ start: seen.whole, blocks: both ? [] : blocks.slice(0, 1), want: measure.units.at(-1) as string }}
							blocks={blocks[0] ? words.over(printQuantity(blocks[0].top), printQuantity(blocks[0].bottom)) : ''}
							start={
								both
									? `${shownExactly((seen.divisions[0] as Division).value)} ${measure.units[0]}`
									: printQuantity(seen.whole)
							}
						/>
					</>
				) : undefined
			}
		>
			<Choices
				label={words.aMeasure}
				choices={MEASURES.map(({ name, title }) => ({ value: name, label: title }))}
				chosen={measure.name}
				onChoose={(name) => set({ measure: name, text: EXAMPLES[name] ?? '' })}
				testID="measure"
			/>
			<Field
				label={words.oneNumberOrPartsOr(EXAMPLES[measure.name], seen ? shown(seen.parts) : measure.title)}
				named
				value={fields.text}
				onChange={(text) => set({ text })}
				fault={wrong}
				testID="mixed-text"
			/>
			{first && !both ? (
				<Stepper
					number={first.number}
					first="0.25"
					onStep={(number) => set({ text: writtenQuantity({ number, unit: first.unit }) })}
				/>
			) : null}
			{seen ? (
				<Box role="status" aria-live="polite">
					<Words size="title" testID="mixed-says">
						{both
							? `${shown(seen.typed)} = ${shownExactly((seen.divisions[0] as Division).value)} ${measure.units[0]}`
							: `${printQuantity(seen.whole)} = ${shown(seen.parts)}`}
					</Words>
				</Box>
			) : (
				<Words tone="soft">{words.typeOneNumberSuchAsToSplit(quoted(EXAMPLES[measure.name] ?? ''))}</Words>
			)}
		</ShelfPage>
	);
}

const useStyles = makeStyles((palette) => ({
	part: { gap: GAP.m },
	step: { gap: GAP.s, paddingBottom: GAP.m, borderBottomWidth: 1, borderBottomColor: palette.rule },
	sum: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.s },
}));
