import { nudgesFor } from '@tidy-sum/core';
import { useEffect, useMemo, useState } from 'react';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Panel } from '../../ui/panel';
import { Words } from '../../ui/words';
import type { DeskView } from '../use-desk';

type Props = {
	readonly view: DeskView;
	/** Told that one step was asked for. */
	readonly onTold: () => void;
	readonly onClose?: () => void;
};

/** The nudges for a line as it stands, told one after another; a line that changes begins anew. */
function Told({ view, onTold }: Pick<Props, 'view' | 'onTold'>) {
	const styles = useStyles();
	const { chain, exercise, facts } = view;
	const nudges = useMemo(() => nudgesFor(chain, exercise, facts), [chain, exercise, facts]);
	const [told, setTold] = useState(1);
	// biome-ignore lint/correctness/useExhaustiveDependencies: each step told is told once, whoever listens.
	useEffect(onTold, [told]);
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
					<Button label="One step more" kind="strong" onPress={() => setTold(told + 1)} testID="nudge-more" />
				) : (
					<Words size="small" tone="soft">
						That is all for this step.
					</Words>
				)}
			</Box>
		</>
	);
}

/** Help for a student who is stuck: one step at a time, and the block itself last. */
export function NudgePanel({ view, onTold, onClose }: Props) {
	const line = JSON.stringify(view.chain.factors);
	return (
		<Panel title="A nudge" testID="nudge" {...(onClose ? { onClose } : {})}>
			<Told key={line} view={view} onTold={onTold} />
		</Panel>
	);
}

const useStyles = makeStyles(() => ({
	told: { gap: GAP.m },
	nudge: { flexDirection: 'row', gap: GAP.m },
	words: { flexShrink: 1 },
	more: { flexDirection: 'row' },
}));
