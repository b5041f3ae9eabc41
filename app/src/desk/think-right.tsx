import { nanoid } from '@reduxjs/toolkit';
import type { FourLines } from '@tidy-sum/core';
import { useAppDispatch, useAppSelector } from '../store/store';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Words } from '../ui/words';
import type { DeskView } from '../work/desk-view';
import { QUERIES } from '../work/list-names';
import { queriedOf, queriesIn, queryFor } from '../work/queries';
import { sentOf } from '../work/sent';
import { did } from '../work/works-reducer';
import * as words from './words';

type Props = { readonly view: DeskView; readonly verdict: FourLines };

/** Keeps an answer that the check did not find right, for one who thinks it is; and takes that back. */
export function ThinkRight({ view, verdict }: Props) {
	const styles = useStyles();
	const dispatch = useAppDispatch();
	const queries = useAppSelector(({ works }) => queriesIn(works));
	const queried = queriedOf(sentOf(view.exercise, view.work, view.chain), verdict);
	const id = queryFor(queries, queried);
	if (id === undefined)
		return (
			<Button
				label={words.iThinkThisIsRight}
				onPress={() => dispatch(did(QUERIES, { do: 'query', id: nanoid(8), queried }))}
			/>
		);
	return (
		<Box style={styles.kept} role="status">
			<Words size="small">{words.savedWithYourLineAndWhat}</Words>
			<Button label={words.takeItBack} onPress={() => dispatch(did(QUERIES, { do: 'unquery', id }))} />
		</Box>
	);
}

const useStyles = makeStyles(() => ({ kept: { width: '100%', gap: GAP.s, alignItems: 'flex-start' } }));
