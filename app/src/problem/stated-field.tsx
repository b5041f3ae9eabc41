import { readFactText } from '@tidy-sum/core/help';
import { useState } from 'react';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { PadField } from '../ui/pad-field';
import { FactsStated } from './facts-stated';
import type { FieldProps } from './field-props';
import * as words from './words';

/** The field for a fact from the problem, and the facts added so far. */
export function StatedField({ own, onDo, pad, units, onEnter, half }: FieldProps & { readonly half: string }) {
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
				label={words.aFactFromTheProblem}
				named
				value={fact}
				onChange={setFact}
				onEnter={onEnter}
				onSubmit={add}
				placeholder={words.jarsCrate}
				fault={read && !read.ok ? read.fault : null}
				pad={pad}
				units={units}
				more={[' = ']}
				testID="own-stated"
			/>
			<Box style={styles.row}>
				<Button label={words.addTheFact} disabled={!read?.ok} onPress={add} testID="own-add" />
			</Box>
			<FactsStated facts={own.stated} onDo={onDo} />
		</>
	);
}

const useStyles = makeStyles(() => ({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s } }));
