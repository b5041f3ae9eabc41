import { type Fact, type Quantity, unroundedText } from '@tidy-sum/core';
import { useState } from 'react';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Panel } from '../../ui/panel';
import { Words } from '../../ui/words';
import type { DeskView } from '../use-desk';

/** A result that is taken on: the exact quantity, and how many of its figures count. */
export type Taken = { readonly quantity: Quantity; readonly figures: number | null };

type Props = {
	readonly view: DeskView;
	/** The result becomes the start of a problem of one's own. */
	readonly onStart: (taken: Taken) => void;
	/** The result becomes a fact of one's own, with one of something. */
	readonly onFact: (fact: Fact) => void;
	readonly onClose?: () => void;
};

/** The exact result of a line; null while a number is missing, or where pi keeps it from being written out. */
export function takenFrom({ worked }: DeskView): Taken | null {
	const { value, unit, significant } = worked;
	if (value?.pi !== 0) return null;
	// Written as a fraction the number is exact, and how many figures count is said beside it.
	return { quantity: { number: `${value.value.n}/${value.value.d}`, unit: unit.text }, figures: significant };
}

/** Takes the result of a line on, unrounded, for a problem in two parts. */
export function TakePanel({ view, onStart, onFact, onClose }: Props) {
	const styles = useStyles();
	const [thing, setThing] = useState('');
	const [kept, setKept] = useState('');
	const taken = takenFrom(view);
	const keep = () => {
		const unit = thing.trim().replace(/^(?:an?|each|every|one)\s+/iu, '');
		if (!taken || unit === '') return;
		onFact({ left: taken.quantity, right: { number: '1', unit }, exact: taken.figures === null });
		setKept(unit);
	};
	return (
		<Panel title="Take the result on" testID="take" {...(onClose ? { onClose } : {})}>
			{taken ? (
				<>
					<Words testID="take-says">
						{`The line comes to ${unroundedText(view.worked)}. It is taken on unrounded${taken.figures === null ? '' : `, and ${taken.figures} of its figures count`}; rounding comes once, at the end.`}
					</Words>
					<Box style={styles.row}>
						<Button label="As the next start" kind="strong" onPress={() => onStart(taken)} testID="take-start" />
					</Box>
					<Field
						label="Or as a fact: so much for one…"
						named
						value={thing}
						onChange={setThing}
						onSubmit={keep}
						placeholder="tank"
						reads={kept ? `Kept on your Shelf as the fact for one ${kept}.` : ''}
						testID="take-thing"
					/>
					<Box style={styles.row}>
						<Button label="As a fact" disabled={thing.trim() === ''} onPress={keep} testID="take-fact" />
					</Box>
				</>
			) : (
				<Words testID="take-says">The line comes to no number yet: one is still missing.</Words>
			)}
		</Panel>
	);
}

const useStyles = makeStyles(() => ({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s } }));
