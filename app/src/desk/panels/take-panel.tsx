import { takenOn, unroundedText } from '@tidy-sum/core/help';
import { useState } from 'react';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Words } from '../../ui/words';
import { PanelFrame } from '../panel-frame';
import type { PanelProps } from '../panel-row';

declare module '../../work/panel-slice' {
	interface Panels {
		readonly take: object;
	}
}

/** Takes the result of a line on, unrounded, for a problem in two parts. */
export function TakePanel({ view, acts }: PanelProps<'take'>) {
	const styles = useStyles();
	const [thing, setThing] = useState('');
	const [kept, setKept] = useState('');
	const { want } = view.exercise;
	const taken = takenOn(view.worked, 'form' in want && want.form === 'fraction');
	const isHidden = view.shown.value === null;
	const uncover = () => {
		if (isHidden) acts.onUncover('result');
	};
	const keep = () => {
		const unit = thing.trim().replace(/^(?:an?|each|every|one)\s+/iu, '');
		if (!taken || unit === '') return;
		uncover();
		acts.onKeep({ left: taken.quantity, right: { number: '1', unit }, exact: taken.figures === null });
		setKept(unit);
	};
	return (
		<PanelFrame>
			{taken ? (
				<>
					<Words testID="take-says">
						{`${isHidden ? 'What the line comes to is covered, and taking it on uncovers it.' : `The line comes to ${unroundedText(view.worked)}.`} It is taken on unrounded${taken.figures === null ? '' : `, and ${taken.figures} of its figures count`}; rounding comes once, at the end.`}
					</Words>
					<Box style={styles.row}>
						<Button
							label="As the next start"
							kind="strong"
							onPress={() => {
								uncover();
								acts.onTakeStart(taken);
							}}
							testID="take-start"
						/>
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
		</PanelFrame>
	);
}

const useStyles = makeStyles(() => ({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s } }));
