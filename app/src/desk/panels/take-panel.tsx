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
import * as words from './words';

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
						{words.itIsUsedUnroundedRoundOnce(isHidden, unroundedText(view.worked), taken.figures)}
					</Words>
					<Box style={styles.row}>
						<Button
							label={words.asTheNextStart}
							kind="strong"
							onPress={() => {
								uncover();
								acts.onTakeStart(taken);
							}}
							testID="take-start"
						/>
					</Box>
					<Field
						label={words.orAsAFactTheAmountForOne}
						named
						value={thing}
						onChange={setThing}
						onSubmit={keep}
						placeholder={words.tank}
						reads={kept ? words.savedOnYourShelfAsTheFact(kept) : ''}
						testID="take-thing"
					/>
					<Box style={styles.row}>
						<Button label={words.asAFact} disabled={thing.trim() === ''} onPress={keep} testID="take-fact" />
					</Box>
				</>
			) : (
				<Words testID="take-says">{words.theLineHasNoResultYet}</Words>
			)}
		</PanelFrame>
	);
}

const useStyles = makeStyles(() => ({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s } }));
