import { badWithin, type Outcome, sidesOfStart, type TableName, workChain } from '@tidy-sum/core';
import { readKnownQuantityText, sayLine } from '@tidy-sum/core/help';
import { type LineBetween, lineBetween } from '@tidy-sum/core/shelf';
import { useMemo, useState } from 'react';
import { WorkedLine } from '../../line/worked-line';
import { useShelf } from '../../store/use-desk';
import { CORNER, GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Words } from '../../ui/words';
import type { PartProps } from '../part-props';
import { QuantityField } from '../quantity-field';
import { Send } from '../send';
import { ShelfPage } from '../shelf-page';
import { useFields, useLastGood } from '../use-fields';
import * as words from './words';

const EXAMPLE = { from: words.miH, to: 'm/s' };

/** The line between what is typed in two fields, each fault with its place. */
function lineOf(from: string, to: string, allowed: readonly TableName[]): Outcome<LineBetween> {
	const read = readKnownQuantityText(from);
	if (!read.ok) return badWithin(read.fault, 'from');
	const made = lineBetween(read.value, to, allowed);
	if (made.ok) return made;
	const text = made.fault.in?.startsWith('to') ? to : from;
	return { ok: false, fault: { ...made.fault, at: made.fault.at ?? [0, text.length] } };
}

/** Rate: any unit, compound or not, to any like one, by the line a route would take, each step open to be looked at. */
export function RateScreen({ title, link }: PartProps<typeof EXAMPLE>) {
	const styles = useStyles();
	const { allowed } = useShelf();
	const { fields, set, address } = useFields('rate', link, EXAMPLE);
	const made = useMemo(() => lineOf(fields.from, fields.to, allowed), [fields, allowed]);
	const { value: seen, fault } = useLastGood(made);
	const [open, setOpen] = useState<number | null>(null);
	const swap = () => {
		const read = readKnownQuantityText(fields.from);
		if (read.ok) set({ from: `${read.value.number} ${fields.to}`, to: read.value.unit });
	};
	const count = seen?.chain.factors.length ?? 0;
	const worked = seen && workChain(seen.chain);
	const said = worked?.ok ? sayLine(worked.value) : [];
	return (
		<ShelfPage
			title={title}
			part="rate"
			address={address}
			beside={
				seen ? (
					<>
						<Words size="small" tone="soft">
							{count === 0 ? words.bothAreTheSameUnitSoYou : words.touchAFactorToFindItsStep}
						</Words>
						<Box role="list" style={styles.steps}>
							{said.map((said, i) => (
								<Box key={said} role="listitem" style={[styles.step, open === i - 1 && styles.open]}>
									<Words testID={`said-${i}`}>{said}</Words>
								</Box>
							))}
						</Box>
						{seen.allowedOnly ? null : (
							<Words size="small" tone="look" testID="beyond">
								{words.yourClasssTablesAreNot}
							</Words>
						)}
						<Send
							send={{
								start: sidesOfStart(seen.chain.start).top,
								blocks: seen.chain.factors,
								want: seen.chain.want ?? '',
							}}
							blocks={words.thisFactorOrThese(count)}
							start={fields.from}
						/>
					</>
				) : undefined
			}
		>
			<QuantityField
				label={words.from}
				text={fields.from}
				onChange={(from) => set({ from })}
				fault={fault?.in?.startsWith('from') ? fault : null}
				placeholder={words.miH}
				step="1"
				testID="from"
			/>
			<Field
				label={words.toAUnitOfTheSameKind}
				named
				value={fields.to}
				onChange={(to) => set({ to })}
				fault={fields.to.trim() !== '' && fault?.in?.startsWith('to') ? fault : null}
				placeholder="m/s"
				testID="to"
			/>
			<Box style={styles.row}>
				<Button label={words.swap} say={words.theTwoUnits} onPress={swap} testID="swap" />
			</Box>
			{seen ? (
				<>
					<WorkedLine
						chain={seen.chain}
						open={open}
						onBlock={(i) => setOpen(open === i ? null : i)}
						testID="rate-line"
					/>
					<Words size="title" strong role="status" aria-live="polite" testID="rate-says">
						{`= ${seen.result.text} ${seen.unit}`}
					</Words>
				</>
			) : (
				<Words tone="soft">{words.typeAStartAndTheUnitYou}</Words>
			)}
		</ShelfPage>
	);
}

const useStyles = makeStyles((palette) => ({
	row: { flexDirection: 'row', gap: GAP.s },
	steps: { gap: GAP.s },
	step: { padding: GAP.s, borderRadius: CORNER },
	open: { backgroundColor: palette.pineWash },
}));
