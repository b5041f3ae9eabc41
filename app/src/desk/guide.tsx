import type { Fact } from '@tidy-sum/core';
import { createContext, useContext, useEffect, useMemo, useState } from 'react';
import { useSettings } from '../store/use-settings';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Words } from '../ui/words';
import type { DeskView } from '../work/desk-view';
import { type GuideAt, type GuideSays, guideAt, guideSays, guideSaysOfFact } from '../work/guided';
import { GUIDED } from '../work/list-names';
import type { PanelKind } from '../work/panel-slice';
import * as words from './words';

type Guide = {
	readonly at: GuideAt;
	readonly says: GuideSays;
	/** What is said of a fact that is open. */
	readonly saysOf: (fact: Fact) => string;
	readonly leave: () => void;
};

/** The line that is worked together, where one is on it; null where it is not asked for. */
export const GuideContext = createContext<Guide | null>(null);

/**
 * The guide of the Desk, while the guide through your first line is open.
 * @param open the panel that was opened; undefined when the Desk opened one by itself.
 * @param beside whether the facts are open beside the line already.
 */
export function useGuide(view: DeskView, open: PanelKind, beside: boolean): Guide | null {
	const [{ guide }, change] = useSettings();
	const isHere = view.exercise.name === GUIDED;
	const at = guideAt(view, open);
	// The last sentence stays until the student leaves, and does not come back by itself.
	const [isOver, setOver] = useState(false);
	useEffect(() => {
		if (!isHere || guide !== 'on' || at !== 'done') return;
		setOver(true);
		change({ guide: 'done' });
	}, [isHere, guide, at, change]);
	const isOn = isHere && (guide === 'on' || (isOver && at === 'done'));
	return useMemo(
		() =>
			isOn
				? {
						at,
						says: guideSays(view, beside),
						saysOf: (fact) => guideSaysOfFact(view, fact),
						leave: () => {
							setOver(false);
							change({ guide: at === 'done' ? 'done' : 'left' });
						},
					}
				: null,
		[isOn, at, view, beside, change],
	);
}

/** The places at which a block is looked at: it may be turned, removed, or is right. */
export const AT_BLOCK: readonly GuideAt[] = ['turn', 'away', 'stray', 'cancel'];

/** The hint of the guide: what to touch next, shown beside it. */
export function Guided({ at }: { readonly at: readonly GuideAt[] }) {
	const guide = useContext(GuideContext);
	return guide && at.includes(guide.at) ? <Saying guide={guide} says={guide.says[guide.at]} /> : null;
}

/** The same over the ways of a fact that is open, before a block is laid. */
export function GuidedWay({ fact }: { readonly fact: Fact }) {
	const guide = useContext(GuideContext);
	return guide && ['touch', 'take'].includes(guide.at) ? <Saying guide={guide} says={guide.saysOf(fact)} /> : null;
}

/** A sentence of the guide, and the way to leave it. */
function Saying({ guide, says }: { readonly guide: Guide; readonly says: string }) {
	const styles = useStyles();
	return (
		<Box style={styles.guide} role="group" aria-label={words.yourFirstLineWithAGuide}>
			<Words strong role="status" aria-live="polite" testID="guide-says">
				{says}
			</Words>
			<Box style={styles.row}>
				<Button
					label={guide.at === 'done' ? words.done : words.stopTheGuide}
					say={words.theGuideThroughYourFirst}
					onPress={guide.leave}
					testID="guide-leave"
				/>
			</Box>
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	guide: {
		gap: GAP.s,
		padding: GAP.m,
		borderLeftWidth: 4,
		borderLeftColor: palette.pine,
		backgroundColor: palette.pineWash,
	},
	row: { flexDirection: 'row' },
}));
