import { type Converted, type Outcome, printWritten, writtenQuantity } from '@tidy-sum/core';
import { readKnownQuantityText } from '@tidy-sum/core/help';
import type { Rung } from '@tidy-sum/core/shelf';
import { type Climb, climbOf } from '@tidy-sum/core/shelf';
import { memo, startTransition, useCallback, useMemo } from 'react';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Words } from '../../ui/words';
import type { PartProps } from '../part-props';
import { QuantityField } from '../quantity-field';
import { ShelfPage } from '../shelf-page';
import { useFields, useLastGood } from '../use-fields';
import { LadderBetween } from './ladder-between';
import { LiveLadder } from './live-ladder';
import * as words from './words';

const EXAMPLE = { value: words.km, to: 'm', hide: '' };

/** What the Ladder shows of a value as typed, or what stands in its way, with its place. */
function climbTyped(text: string, to: string): Outcome<Climb> {
	const read = readKnownQuantityText(text);
	if (!read.ok) return read;
	const made = climbOf(read.value, to);
	if (made.ok) return made;
	const end = text.trimEnd().length;
	return { ok: false, fault: { ...made.fault, at: [end - read.value.unit.length, end] } };
}

/** A number in plain form with its unit, or why it is not written so. */
function plainly({ plain, scientific, text }: Converted, unit: string): string {
	if (plain !== null) return `${printWritten(plain)} ${unit}`;
	return scientific === null ? `${text} ${unit}` : words.tooLongToWriteOut;
}

type FormsProps = { readonly climb: Climb; readonly hidden: boolean };

/** Both numbers, each in plain and in scientific form. */
const Forms = memo(function Forms({ climb: { from, to, here, there }, hidden }: FormsProps) {
	const styles = useStyles();
	const row = (name: string, { unit }: Rung, made: Converted, hides: boolean, testID: string) => (
		<Box style={styles.form} role="group" aria-label={name}>
			<Box style={styles.name}>
				<Words size="small" tone="soft">
					{name}
				</Words>
			</Box>
			<Box style={styles.numbers}>
				<Words mono testID={`${testID}-plain`}>
					{hides ? `? ${unit}` : plainly(made, unit)}
				</Words>
				<Words mono tone="soft" testID={`${testID}-scientific`}>
					{hides || made.scientific === null ? '' : `${printWritten(made.scientific)} ${unit}`}
				</Words>
			</Box>
		</Box>
	);
	return (
		<Box style={styles.forms} role="status" aria-live="polite">
			{row('value', from, here, false, 'value')}
			{row('target', to, there, hidden, 'target')}
		</Box>
	);
});

/** The Ladder: a value moved up and down the prefixes, with the factor line between it and a target. */
export function LadderScreen({ title, link }: PartProps<typeof EXAMPLE>) {
	const { fields, set, address } = useFields('ladder', link, EXAMPLE);
	const made = useMemo(() => climbTyped(fields.value, fields.to), [fields.value, fields.to]);
	const { value: seen, fault } = useLastGood(made);
	const hidden = fields.hide !== '';
	const onSettled = useCallback(
		// What follows from a move may be broken off for the next move.
		({ quantity, to: rung }: Climb) => startTransition(() => set({ value: writtenQuantity(quantity), to: rung.unit })),
		[set],
	);
	const onType = useCallback((value: string) => set({ value }), [set]);
	const onHide = useCallback(() => set({ hide: hidden ? '' : '1' }), [set, hidden]);
	return (
		<ShelfPage
			title={title}
			part="ladder"
			address={address}
			beside={seen ? <LadderBetween climb={seen} hidden={hidden} onHide={onHide} /> : undefined}
		>
			<QuantityField
				label={words.aValueWithItsUnit}
				text={fields.value}
				onChange={onType}
				fault={fault}
				placeholder={words.km}
				step="0.1"
				testID="value"
			/>
			{seen ? (
				<>
					<Forms climb={seen} hidden={hidden} />
					<LiveLadder climb={seen} hidden={hidden} onSettled={onSettled} />
				</>
			) : (
				<Words tone="soft">{words.typeAValueWithAMetricUnit}</Words>
			)}
		</ShelfPage>
	);
}

const useStyles = makeStyles((palette) => ({
	forms: { gap: GAP.s },
	form: {
		flexDirection: 'row',
		gap: GAP.m,
		borderBottomWidth: 1,
		borderBottomColor: palette.rule,
		paddingBottom: GAP.xs,
	},
	name: { width: 56 },
	numbers: { flex: 1, flexDirection: 'row', flexWrap: 'wrap', columnGap: GAP.l },
}));
