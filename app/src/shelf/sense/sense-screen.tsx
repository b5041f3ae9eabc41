import { good, type Outcome, printQuantity, type Quantity } from '@tidy-sum/core';
import { readKnownQuantityText } from '@tidy-sum/core/help';
import { type Comparison, compareSize } from '@tidy-sum/core/shelf';
import { useMemo } from 'react';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Words } from '../../ui/words';
import type { PartProps } from '../part-props';
import { QuantityField } from '../quantity-field';
import { Send } from '../send';
import { ShelfPage } from '../shelf-page';
import { useFields, useLastGood } from '../use-fields';
import * as words from './words';

const EXAMPLE = { value: words.kg };

/** Quantities to begin with, one of a kind. */
const TRY = ['250 mL', words.km, words.miH, '5 J', '-40 °F', '2e6 s'] as const;

type Seen = Comparison & { readonly quantity: Quantity };

function compared(text: string): Outcome<Seen> {
	const read = readKnownQuantityText(text);
	if (!read.ok) return read;
	const made = compareSize(read.value);
	return made.ok ? good({ ...made.value, quantity: read.value }) : made;
}

/** Number sense: what a quantity comes to in things on the station, so that a lost power of ten is felt. */
export function SenseScreen({ title, link }: PartProps<typeof EXAMPLE>) {
	const styles = useStyles();
	const { fields, set, address } = useFields('sense', link, EXAMPLE);
	const made = useMemo(() => compared(fields.value), [fields.value]);
	const { value: seen, fault } = useLastGood(made);
	const { fact } = seen ?? { fact: null };
	return (
		<ShelfPage
			title={title}
			part="sense"
			address={address}
			beside={
				seen ? (
					<>
						<Box style={styles.part}>
							<Words strong size="title" role="heading" aria-level={2}>
								{words.onePowerOfTenOff}
							</Words>
							<Words testID="tenfold">{seen.tenth ? words.tenTimesAsMuch(seen.tenfold) : `${seen.tenfold}.`}</Words>
							{seen.tenth ? <Words testID="tenth">{words.aTenthOfIt(seen.tenth)}</Words> : null}
							<Words size="small" tone="soft">
								{words.ifYouMeantOneOfTheseYou}
							</Words>
						</Box>
						<Send
							send={{
								start: seen.quantity,
								...(fact
									? {
											blocks: [{ top: fact.left, bottom: fact.right, exact: false }],
											facts: [fact],
											want: fact.left.unit,
										}
									: {}),
							}}
							blocks={fact ? `${printQuantity(fact.left)} = ${printQuantity(fact.right)}` : ''}
							start={printQuantity(seen.quantity)}
						/>
					</>
				) : undefined
			}
		>
			<QuantityField
				label={words.anyQuantity}
				text={fields.value}
				onChange={(value) => set({ value })}
				fault={fault}
				placeholder={words.kg}
				step="1"
				testID="value"
			/>
			{seen ? (
				<Words size="title" strong role="status" aria-live="polite" testID="sense-says">
					{`${printQuantity(seen.quantity)}: ${seen.says}`}
				</Words>
			) : null}
			<Box style={styles.part} role="group" aria-label={words.someToTry}>
				<Words size="small" tone="soft" aria-hidden>
					{words.someToTry}
				</Words>
				<Box style={styles.row}>
					{TRY.map((text) => (
						<Button
							key={text}
							label={text.replace('-', '−')}
							onPress={() => set({ value: text })}
							testID={`try-${text}`}
						/>
					))}
				</Box>
			</Box>
		</ShelfPage>
	);
}

const useStyles = makeStyles(() => ({
	part: { gap: GAP.s },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
}));
