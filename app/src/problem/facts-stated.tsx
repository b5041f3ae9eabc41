import { type Fact, printQuantity, writtenQuantity } from '@tidy-sum/core';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Words } from '../ui/words';

type Props = { readonly facts: readonly Fact[]; readonly onRemove: (fact: Fact) => void };

/** The facts a problem states, as equations, each with a way to take it out. */
export function FactsStated({ facts, onRemove }: Props) {
	const styles = useStyles();
	return (
		<Box role="list" aria-label="Facts of the problem" style={styles.facts} testID="facts-stated">
			{facts.map((one) => (
				<Box key={writtenQuantity(one.left) + writtenQuantity(one.right)} role="listitem" style={styles.fact}>
					<Words style={styles.words}>
						{printQuantity(one.left)} = {printQuantity(one.right)}
					</Words>
					<Button
						label="Remove"
						say={writtenQuantity(one.left)}
						onPress={() => onRemove(one)}
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
