import { type Converted, printForm, toSuperscript, writtenQuantity } from '@tidy-sum/core';
import { climbFactors, type Rung, sayClimb } from '@tidy-sum/core/shelf';
import { useCallback, useMemo } from 'react';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { useAfterPaint } from '../ui/use-after-paint';
import { Words } from '../ui/words';
import { type Climb, climbMoved, climbOf, type End } from './climb-of';
import { LiveLadder } from './live-ladder';
import { QuantityField } from './quantity-field';
import { Send } from './send';
import { ShelfPage } from './shelf-page';
import { useFields, useLastGood } from './use-fields';
import { WorkedLine } from './worked-line';
import { shortOf } from './written';

const EXAMPLE = { value: '2.5 km', to: 'm', hide: '' };

type FormsProps = { readonly climb: Climb; readonly hidden: boolean };

/** Both numbers, each in plain and in scientific form. */
function Forms({ climb: { from, to, here, there }, hidden }: FormsProps) {
	const styles = useStyles();
	const row = (
		name: string,
		{ unit }: Rung,
		{ plain, scientific, text }: Converted,
		hides: boolean,
		testID: string,
	) => (
		<Box style={styles.form} role="group" aria-label={name}>
			<Box style={styles.name}>
				<Words size="small" tone="soft">
					{name}
				</Words>
			</Box>
			<Box style={styles.numbers}>
				<Words mono testID={`${testID}-plain`}>
					{hides
						? `? ${unit}`
						: plain === null
							? scientific === null
								? `${text} ${unit}`
								: 'too long to write plainly'
							: `${printForm(plain)} ${unit}`}
				</Words>
				<Words mono tone="soft" testID={`${testID}-scientific`}>
					{hides || scientific === null ? '' : `${printForm(scientific)} ${unit}`}
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
}

/** The factor line between, by way of the unit itself; it follows the picture by a frame. */
function Between({ climb: now }: { readonly climb: Climb }) {
	const styles = useStyles();
	const { ladder, quantity, from, to } = useAfterPaint(now);
	const factors = climbFactors(ladder, from, to);
	const base = ladder.rungs.find(({ power }) => power === 0)?.unit ?? ladder.base;
	return (
		<Box style={styles.part}>
			<Words testID="between-says">
				{factors.length === 0
					? 'Value and target are on the same rung: nothing changes.'
					: factors.length === 1
						? `${sayClimb(from, to)}, one factor: the 1 stands with the prefix, the power of ten with ${base}.`
						: `${sayClimb(from, to)}, by way of ${base}: the 1 stands with each prefix, the power of ten with ${base}.`}
			</Words>
			<WorkedLine chain={{ start: quantity, factors, want: to.unit }} testID="between" />
			<Words size="small" tone="soft">
				{ladder.raised > 1
					? `The whole factor is raised to the ${ladder.raised === 2 ? 'second' : ladder.raised === 3 ? 'third' : `${ladder.raised}th`} power, so each power of ten of the prefix counts ${ladder.raised} times.`
					: `One step of ten of the unit is one power: 10${toSuperscript(from.at)} and 10${toSuperscript(to.at)} are ${Math.abs(from.at - to.at)} apart.`}
			</Words>
		</Box>
	);
}

/** The Ladder: a value moved up and down the prefixes, with the factor line between it and a target. */
export function LadderScreen({ link }: { readonly link: Partial<Record<keyof typeof EXAMPLE, string | undefined>> }) {
	const styles = useStyles();
	const { fields, set, address } = useFields('ladder', link, EXAMPLE);
	const made = useMemo(() => climbOf(fields.value, fields.to), [fields.value, fields.to]);
	const { value: seen, fault } = useLastGood(made);
	const hidden = fields.hide !== '';
	const onSettled = useCallback(
		({ quantity, to: rung }: Climb) => set({ value: writtenQuantity(quantity), to: rung.unit }),
		[set],
	);
	const stepOf = (end: End, by: 1 | -1) => {
		if (!seen) return;
		const { rungs } = seen.ladder;
		const at = rungs.indexOf(end === 'value' ? seen.from : seen.to) - by;
		const rung = rungs[at];
		if (rung) onSettled(climbMoved(seen, end, rung));
	};
	const mover = (end: End) => (
		<Box style={styles.mover} role="group" aria-label={`Move the ${end}`}>
			<Words size="small" tone="soft" aria-hidden>
				{end}
			</Words>
			<Box style={styles.row}>
				<Button label="↑" say={`the ${end} a rung up`} onPress={() => stepOf(end, 1)} testID={`${end}-up`} />
				<Button label="↓" say={`the ${end} a rung down`} onPress={() => stepOf(end, -1)} testID={`${end}-down`} />
			</Box>
		</Box>
	);
	const factors = seen ? climbFactors(seen.ladder, seen.from, seen.to) : [];
	return (
		<ShelfPage
			part="ladder"
			address={address}
			beside={
				seen ? (
					<>
						{hidden ? (
							<Words testID="between-hidden">
								Guess first: what would stand at the target, and which power of ten goes where? Then show it.
							</Words>
						) : (
							<Between climb={seen} />
						)}
						<Button
							label={hidden ? 'Show the target and the factors' : 'Hide the target, to guess first'}
							on={hidden}
							onPress={() => set({ hide: hidden ? '' : '1' })}
							testID="hide"
						/>
						<Send
							send={hidden ? null : { start: seen.quantity, blocks: factors, want: to(seen) }}
							blocks={factors.length > 1 ? 'these factors' : 'this factor'}
							start={`${shortOf(seen.here)} ${seen.from.unit}`}
						/>
					</>
				) : undefined
			}
		>
			<QuantityField
				label="A value with its unit"
				text={fields.value}
				onChange={(value) => set({ value })}
				fault={fault}
				placeholder="2.5 km"
				step="0.1"
				testID="value"
			/>
			{seen ? (
				<>
					<Forms climb={seen} hidden={hidden} />
					<LiveLadder climb={seen} hidden={hidden} onSettled={onSettled} />
					<Words size="small" tone="soft">
						Hold an end and move it; past the edge come the far prefixes.
					</Words>
					<Box style={styles.movers}>
						{mover('value')}
						{mover('target')}
					</Box>
				</>
			) : (
				<Words tone="soft">
					Type a value with a metric unit, such as 2.5 km or 40 cm^2, and it takes its place on the rungs.
				</Words>
			)}
		</ShelfPage>
	);
}

function to({ to: rung }: Climb): string {
	return rung.unit;
}

const useStyles = makeStyles((palette) => ({
	part: { gap: GAP.m },
	row: { flexDirection: 'row', gap: GAP.s },
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
	movers: { flexDirection: 'row', justifyContent: 'space-between', flexWrap: 'wrap', gap: GAP.m },
	mover: { gap: GAP.xs },
}));
