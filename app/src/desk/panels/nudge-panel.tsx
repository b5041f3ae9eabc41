import { nudgesFor } from '@tidy-sum/core/help';
import { useEffect, useMemo, useRef, useState } from 'react';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Words } from '../../ui/words';
import type { DeskView } from '../../work/desk-view';
import { PanelFrame } from '../panel-frame';
import type { PanelProps } from '../panel-row';
import * as words from './words';

declare module '../../work/panel-slice' {
	interface Panels {
		readonly nudge: object;
	}
}

/** The nudges for a line as it stands, told one after another; a line that changes begins anew. */
function Told({ view, onTold }: { readonly view: DeskView; readonly onTold: () => void }) {
	const styles = useStyles();
	const { chain, exercise, facts } = view;
	const nudges = useMemo(() => nudgesFor(chain, exercise, facts), [chain, exercise, facts]);
	const [told, setTold] = useState(1);
	// The first step is told as the panel opens, each further one as it is asked for; each counts once.
	const counted = useRef(0);
	useEffect(() => {
		if (counted.current === told) return;
		counted.current = told;
		onTold();
	}, [told, onTold]);
	return (
		<>
			<Box role="list" style={styles.told}>
				{nudges.slice(0, told).map((nudge, i) => (
					<Box key={nudge} role="listitem" style={styles.nudge}>
						<Words strong tone="pine">
							{i + 1}
						</Words>
						<Box style={styles.words}>
							<Words role="status" aria-live="polite" testID={`nudge-${i + 1}`}>
								{nudge}
							</Words>
						</Box>
					</Box>
				))}
			</Box>
			<Box style={styles.more}>
				{told < nudges.length ? (
					<Button label={words.nextHint} kind="strong" onPress={() => setTold(told + 1)} testID="nudge-more" />
				) : (
					<Words size="small" tone="soft">
						{words.thatWasTheLastHintForThis}
					</Words>
				)}
			</Box>
		</>
	);
}

/** Help for a student who is stuck: one step at a time, and the block itself last. */
export function NudgePanel({ view, acts }: PanelProps<'nudge'>) {
	const line = JSON.stringify(view.chain.factors);
	return (
		<PanelFrame>
			<Told key={line} view={view} onTold={acts.onTold} />
		</PanelFrame>
	);
}

const useStyles = makeStyles(() => ({
	told: { gap: GAP.m },
	nudge: { flexDirection: 'row', gap: GAP.m },
	words: { flexShrink: 1 },
	more: { flexDirection: 'row' },
}));
