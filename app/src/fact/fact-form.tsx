import { type Fact, sayQuantity, writtenQuantity } from '@tidy-sum/core';
import { readFactText } from '@tidy-sum/core/help';
import { useState } from 'react';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Choices } from '../ui/choices';
import { Field } from '../ui/field';
import * as words from './words';

type Props = {
	/** The fact that is changed; none where one is added. */
	readonly fact?: Fact;
	readonly onKeep: (fact: Fact) => void;
};

/** Where a fact of one's own is written, or changed, and kept. */
export function FactForm({ fact, onKeep }: Props) {
	const styles = useStyles();
	const [text, setText] = useState(fact ? `${writtenQuantity(fact.left)} = ${writtenQuantity(fact.right)}` : '');
	const [exact, setExact] = useState<'exact' | 'measured'>(fact?.exact === false ? 'measured' : 'exact');
	const read = readFactText(text);
	const keep = () => {
		if (!read.ok) return;
		onKeep({ ...read.value, exact: exact === 'exact' });
		setText('');
	};
	const name = fact ? 'change-fact' : 'own-fact';
	return (
		<Box style={styles.form}>
			<Field
				label={fact ? words.changeTheFact : words.yourOwnFactSuchAsBaleKg}
				named
				value={text}
				onChange={setText}
				onSubmit={keep}
				fault={text.trim() === '' || read.ok ? null : read.fault}
				reads={read.ok ? words.is(sayQuantity(read.value.left), sayQuantity(read.value.right)) : ''}
				testID={name}
			/>
			<Choices
				label={words.itIs}
				choices={[
					{ value: 'exact', label: 'exact' },
					{ value: 'measured', label: 'measured' },
				]}
				chosen={exact}
				onChoose={setExact}
				testID={name}
			/>
			<Box style={styles.row}>
				<Button
					label={fact ? words.keepTheChange : words.keepIt}
					kind="strong"
					disabled={!read.ok}
					onPress={keep}
					testID={fact ? 'keep-change' : 'keep-fact'}
				/>
			</Box>
		</Box>
	);
}

const useStyles = makeStyles(() => ({
	form: { gap: GAP.s },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
}));
