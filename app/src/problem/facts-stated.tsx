import { type Fact, printQuantity, writtenQuantity } from '@tidy-sum/core';
import { isExactFact } from '@tidy-sum/core/help';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Words } from '../ui/words';
import { Exactness } from './exactness';
import type { FieldProps } from './field-props';
import * as words from './words';

type Props = { readonly facts: readonly Fact[] } & Pick<FieldProps, 'onDo'>;

/** The facts a problem states, as equations, each with whether it is exact, and a way to take it out. */
export function FactsStated({ facts, onDo }: Props) {
	const styles = useStyles();
	return (
		<Box role="list" aria-label={words.factsOfTheProblem} style={styles.facts} testID="facts-stated">
			{facts.map((one) => (
				<Box key={writtenQuantity(one.left) + writtenQuantity(one.right)} role="listitem" style={styles.fact}>
					<Words style={styles.words}>
						{printQuantity(one.left)} = {printQuantity(one.right)}
					</Words>
					<Exactness
						exact={isExactFact(one)}
						about={writtenQuantity(one.left)}
						onChange={(exact) => onDo({ do: 'state', fact: { ...one, exact } })}
					/>
					<Button
						label={words.remove}
						say={writtenQuantity(one.left)}
						onPress={() => onDo({ do: 'unstate', fact: one })}
						testID={`unstate-${one.left.unit}`}
					/>
				</Box>
			))}
		</Box>
	);
}

const useStyles = makeStyles(() => ({
	facts: { gap: GAP.s },
	fact: { flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between', gap: GAP.m },
	words: { flex: 1 },
}));
