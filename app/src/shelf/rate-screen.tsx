import {
	type Chain,
	convert,
	good,
	type Outcome,
	parseUnit,
	type Quantity,
	readKnownQuantityText,
	route,
	sayLine,
	within,
	workChain,
} from '@tidy-sum/core';
import { useMemo, useState } from 'react';
import { useShelf } from '../desk/use-desk';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import { Words } from '../ui/words';
import { QuantityField } from './quantity-field';
import { Send } from './send';
import { ShelfPage } from './shelf-page';
import { useFields, useLastGood } from './use-fields';
import { WorkedLine } from './worked-line';

const EXAMPLE = { from: '25 mi/h', to: 'm/s' };

/** The line from a quantity to a unit, with what it comes to. */
type Worked = {
	readonly chain: Chain;
	readonly text: string;
	readonly said: readonly string[];
	readonly classOnly: boolean;
};

function workedOf(from: string, to: string, allowed: readonly string[]): Outcome<Worked> {
	const read = readKnownQuantityText(from);
	if (!read.ok) return { ok: false, fault: within(read.fault, 'from') };
	const target = parseUnit(to);
	if (!target.ok) return { ok: false, fault: within(target.fault, 'to') };
	const start: Quantity = read.value;
	const made = convert(start, to);
	if (!made.ok)
		return {
			ok: false,
			fault: {
				...made.fault,
				in: made.fault.code === 'unlike' ? 'to' : 'from',
				at: span(made.fault.code === 'unlike' ? to : from),
			},
		};
	const known = route(start.unit, to, { tables: allowed as never });
	const way = known.ok ? known : route(start.unit, to);
	if (!way.ok) return { ok: false, fault: { ...within(way.fault, 'to'), at: span(to) } };
	const chain: Chain = { start, factors: way.value.factors, want: target.value.text };
	const worked = workChain(chain);
	if (!worked.ok) return { ok: false, fault: within(worked.fault, 'from') };
	return good({
		chain,
		text: `${made.value.text} ${target.value.text}`,
		said: sayLine(worked.value),
		classOnly: known.ok,
	});
}

function span(text: string): readonly [number, number] {
	return [0, text.length];
}

/** Rate: any unit, compound or not, to any like one, by the line a route would take, each step open to be looked at. */
export function RateScreen({ link }: { readonly link: Partial<Record<keyof typeof EXAMPLE, string | undefined>> }) {
	const styles = useStyles();
	const { allowed } = useShelf();
	const { fields, set, address } = useFields('rate', link, EXAMPLE);
	const made = useMemo(() => workedOf(fields.from, fields.to, allowed), [fields, allowed]);
	const { value: seen, fault } = useLastGood(made);
	const [open, setOpen] = useState<number | null>(null);
	const swap = () => {
		const read = readKnownQuantityText(fields.from);
		if (read.ok) set({ from: `${read.value.number} ${fields.to}`, to: read.value.unit });
	};
	const count = seen?.chain.factors.length ?? 0;
	return (
		<ShelfPage
			part="rate"
			address={address}
			beside={
				seen ? (
					<>
						<Words size="small" tone="soft">
							{count === 0
								? 'Both are the same unit: no factor is needed.'
								: 'Touch a block to find its step, or a unit that stands for the facts that hold it.'}
						</Words>
						<Box role="list" style={styles.steps}>
							{seen.said.map((said, i) => (
								<Box key={said} role="listitem" style={[styles.step, open === i - 1 && styles.open]}>
									<Words testID={`said-${i}`}>{said}</Words>
								</Box>
							))}
						</Box>
						{seen.classOnly ? null : (
							<Words size="small" tone="look" testID="beyond">
								The tables of your class do not lead there; this line takes facts beyond them.
							</Words>
						)}
						<Send
							send={{ start: seen.chain.start as Quantity, blocks: seen.chain.factors, want: seen.chain.want ?? '' }}
							blocks={count === 1 ? 'this factor' : 'these factors'}
							start={fields.from}
						/>
					</>
				) : undefined
			}
		>
			<QuantityField
				label="From"
				text={fields.from}
				onChange={(from) => set({ from })}
				fault={fault?.in?.startsWith('from') ? fault : null}
				placeholder="25 mi/h"
				step="1"
				testID="from"
			/>
			<Field
				label="To, a unit of the same kind"
				named
				value={fields.to}
				onChange={(to) => set({ to })}
				fault={fields.to.trim() !== '' && fault?.in?.startsWith('to') ? fault : null}
				placeholder="m/s"
				testID="to"
			/>
			<Box style={styles.row}>
				<Button label="Turn round" say="from the one unit to the other" onPress={swap} testID="swap" />
			</Box>
			{seen ? (
				<>
					<WorkedLine
						chain={seen.chain}
						open={open}
						onBlock={(i) => setOpen(open === i ? null : i)}
						testID="rate-line"
					/>
					<Words size="figure" strong role="status" aria-live="polite" testID="rate-says">
						{`= ${seen.text}`}
					</Words>
				</>
			) : (
				<Words tone="soft">Type what to start from and the unit it should become, such as 25 mi/h and m/s.</Words>
			)}
		</ShelfPage>
	);
}

const useStyles = makeStyles((palette) => ({
	row: { flexDirection: 'row', gap: GAP.s },
	steps: { gap: GAP.s },
	step: { padding: GAP.s, borderRadius: 8 },
	open: { backgroundColor: palette.pineWash },
}));
