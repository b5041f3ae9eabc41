import {
	figuresText,
	type Numeral,
	parseNumeral,
	placeText,
	printForm,
	printRounded,
	printWritten,
	type RoundingTarget,
} from '@tidy-sum/core';
import { type DigitMark, type DigitState, explainFigures, seeRounding } from '@tidy-sum/core/shelf';
import { useState } from 'react';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Choices } from '../../ui/choices';
import { Field } from '../../ui/field';
import { Words } from '../../ui/words';
import type { PartProps } from '../part-props';
import { Send } from '../send';
import { ShelfPage } from '../shelf-page';
import { Stepper } from '../stepper';
import { useFields, useLastGood } from '../use-fields';
import * as words from './words';

const EXAMPLE = { number: '0.0820' };

/** The sign and the word of each state: colour alone carries nothing. */
const SIGNS: Readonly<Record<DigitState, { readonly sign: string; readonly word: string }>> = {
	counts: { sign: '●', word: 'counts' },
	holds: { sign: '–', word: words.holdsThePlace },
	unclear: { sign: '?', word: 'unclear' },
};

/** The reasons of the digits, each once, with the digits it is about. */
function reasons(marks: readonly DigitMark[]): readonly { readonly why: string; readonly digits: string }[] {
	const all = new Map<string, string>();
	for (const { why, digit } of marks) all.set(why, (all.get(why) ?? '') + digit);
	return [...all].map(([why, digits]) => ({ why, digits }));
}

/** What the count is, in a sentence. */
function countText({ significant, atMost, ambiguous }: Numeral): string {
	if (significant === null) return words.thisIsExactAsWrittenNo;
	if (!ambiguous) return words.count(figuresText(significant), significant === 1 ? 's' : '');
	return words.orUpToNobodyCanTellWhether(figuresText(significant), atMost);
}

function Point() {
	return (
		<Words mono size="title" aria-hidden>
			.
		</Words>
	);
}

/** The digits one beside the other, each with its sign, and the reasons under them. */
function Digits({ marks }: { readonly marks: readonly DigitMark[] }) {
	const styles = useStyles();
	return (
		<>
			<Box style={styles.digits} role="list" aria-label={words.theDigitsOneByOne}>
				{marks.map(({ digit, state, point }, i) => (
					<Box
						// biome-ignore lint/suspicious/noArrayIndexKey: a digit is its place in the number.
						key={i}
						role="listitem"
						style={styles.place}
						aria-label={`${digit}, ${SIGNS[state].word}`}
						testID={`digit-${i}-${state}`}
					>
						{point === 'before' ? <Point /> : null}
						<Box style={[styles.digit, styles[state]]}>
							<Words mono size="title" aria-hidden>
								{digit}
							</Words>
							<Words size="small" aria-hidden>
								{SIGNS[state].sign}
							</Words>
						</Box>
						{point === 'after' ? <Point /> : null}
					</Box>
				))}
			</Box>
			<Box role="list" style={styles.part}>
				{reasons(marks).map(({ why, digits }) => (
					<Box key={why} role="listitem" style={styles.reason}>
						<Box>
							<Words mono strong>
								{[...digits].join('\u00a0')}
							</Words>
						</Box>
						<Box style={styles.words}>
							<Words size="small">{why}</Words>
						</Box>
					</Box>
				))}
			</Box>
		</>
	);
}

type By = 'figures' | 'place';

/** Rounding to a number of figures or to a place, a step at a time, with the digit that decides and what it carries. */
function Rounding({ numeral }: { readonly numeral: Numeral }) {
	const styles = useStyles();
	const [by, setBy] = useState<By>('figures');
	const [count, setCount] = useState(2);
	const [place, setPlace] = useState(-1);
	const target: RoundingTarget = by === 'figures' ? { significant: count } : { place };
	const { rounded, decides, up, carries } = seeRounding(numeral.value, target);
	const { plain, scientific, clear } = printRounded(rounded);
	const step = (more: 1 | -1) =>
		by === 'figures'
			? setCount(Math.min(12, Math.max(1, count + more)))
			: setPlace(Math.min(9, Math.max(-9, place - more)));
	const carried = carries === 0 ? '' : words.andCarriesOver(carries);
	const how =
		decides === null
			? words.onlyZerosAreDroppedThe
			: up
				? words.theFirstDigitYouDropIsItIs(decides, carried)
				: words.theFirstDigitYouDropIsItIsUnderSo(decides);
	return (
		<Box style={styles.part}>
			<Words strong size="title" role="heading" aria-level={2}>
				{words.roundIt}
			</Words>
			<Choices
				label={words.by}
				choices={[
					{ value: 'figures', label: 'figures' },
					{ value: 'place', label: words.aPlace },
				]}
				chosen={by}
				onChoose={setBy}
				testID="round-by"
			/>
			<Box style={styles.row}>
				<Button label={words.coarser} onPress={() => step(-1)} testID="coarser" />
				<Button label={words.finer} onPress={() => step(1)} testID="finer" />
				<Words testID="round-to">{words.to(by === 'figures' ? figuresText(count) : placeText(place))}</Words>
			</Box>
			<Box aria-live="polite" role="status" style={styles.part}>
				<Words size="title" mono testID="rounded">
					{plain === null ? printForm(scientific ?? '') : printForm(plain)}
				</Words>
				<Words testID="round-how">{how}</Words>
				{clear || scientific === null ? null : (
					<Words testID="round-clear">{words.writtenInPlainFormItsZeros(printForm(scientific))}</Words>
				)}
			</Box>
		</Box>
	);
}

/** Figures: which digits of any number count, and why; and how it is rounded. */
export function FiguresScreen({ title, link }: PartProps<typeof EXAMPLE>) {
	const { fields, set, address } = useFields('figures', link, EXAMPLE);
	const text = fields.number;
	const { value: numeral, fault: found } = useLastGood(parseNumeral(text));
	const fault = text.trim() === '' ? null : found;
	const marks = numeral && explainFigures(numeral);
	return (
		<ShelfPage
			title={title}
			part="figures"
			address={address}
			beside={
				numeral && marks ? (
					<>
						<Rounding numeral={numeral} />
						<Send send={{ start: { number: numeral.text, unit: '' } }} start={printWritten(numeral.text)} />
					</>
				) : undefined
			}
		>
			<Field
				label={words.aNumberAsYouWouldWriteIt}
				named
				value={text}
				onChange={(number) => set({ number })}
				fault={fault}
				reads={numeral && !fault ? words.readsAs(printWritten(numeral.text)) : ''}
				placeholder={EXAMPLE.number}
				testID="number"
			/>
			<Stepper number={text} first="0.001" onStep={(number) => set({ number })} />
			{numeral ? (
				<>
					<Words strong role="status" aria-live="polite" testID="count-says">
						{countText(numeral)}
					</Words>
					{marks ? <Digits marks={marks} /> : null}
					{numeral.form.kind === 'decimal' && numeral.form.exponent !== null ? (
						<Words size="small" tone="soft">
							{words.thePowerOfTenOnlyMovesThe}
						</Words>
					) : null}
				</>
			) : (
				<Words tone="soft">{words.typeANumberToSeeWhichOfIts}</Words>
			)}
		</ShelfPage>
	);
}

const useStyles = makeStyles((palette) => ({
	part: { gap: GAP.s },
	row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.s },
	digits: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.xs },
	place: { flexDirection: 'row', alignItems: 'flex-start', gap: GAP.xs },
	digit: { minWidth: 36, alignItems: 'center', paddingVertical: GAP.xs, borderBottomWidth: 4 },
	counts: { borderBottomColor: palette.pine, backgroundColor: palette.pineWash },
	holds: { borderBottomColor: palette.rule },
	unclear: { borderBottomColor: palette.apricotEdge, borderStyle: 'dashed' },
	reason: { flexDirection: 'row', gap: GAP.m, alignItems: 'baseline' },
	words: { flexShrink: 1 },
}));
