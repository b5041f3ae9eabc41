import { __iconData as Out } from 'lucide-react-native/icons/arrow-left';
import { __iconData as Shelf } from 'lucide-react-native/icons/library';
import { __iconData as Line } from 'lucide-react-native/icons/list-ordered';
import { __iconData as Pen } from 'lucide-react-native/icons/pen-line';
import { __iconData as Redo } from 'lucide-react-native/icons/redo-2';
import { __iconData as Undo } from 'lucide-react-native/icons/undo-2';
import { memo } from 'react';
import { View } from 'react-native';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Button } from '../ui/button';
import type { PanelKind } from '../work/panel-slice';
import { PANELS } from './panels';
import type { Acts } from './use-acts';
import * as words from './words';

type Props = {
	readonly acts: Acts;
	readonly canUndo: boolean;
	readonly canRedo: boolean;
	/** The panel that is open. */
	readonly open: PanelKind;
	readonly checked: boolean;
	/** The unit the Shelf opens on when none was touched. */
	readonly first: string;
	/** Whether there is something to start from, so that a block can follow. */
	readonly started: boolean;
	/** Where one leaves the Desk to: the Round or the sheet of the exercise, else all problems. */
	readonly out: { readonly says: string; readonly path: string };
};

/** The row under the thumb. */
export const Tools = memo(function Tools({ acts, canUndo, canRedo, open, checked, first, started, out }: Props) {
	const styles = useStyles();
	const { show, undo, redo, go } = acts;
	const tool = open === 'none' ? null : PANELS[open].tool;
	return (
		<View style={styles.tools} role="toolbar" aria-label={words.toolsOfTheDesk}>
			<Button kind="tool" label={words.back} say={out.says} icon={Out} onPress={() => go(out.path)} testID="way-out" />
			<Button kind="tool" label={words.undo} icon={Undo} disabled={!canUndo} onPress={undo} testID="undo" />
			<Button kind="tool" label={words.redo} icon={Redo} disabled={!canRedo} onPress={redo} testID="redo" />
			<Button
				kind="tool"
				label={words.facts}
				icon={Shelf}
				on={tool === 'facts'}
				disabled={!started}
				onPress={() => show({ kind: 'facts', unit: first })}
				testID="tool-facts"
			/>
			<Button
				kind="tool"
				label={words.answer}
				icon={Pen}
				on={tool === 'answer'}
				onPress={() => show({ kind: checked ? 'verdict' : 'answer' })}
				testID="tool-answer"
			/>
			<Button
				kind="tool"
				label={words.line}
				say={words.whatYouCanDoWithIt}
				icon={Line}
				on={tool === 'line'}
				onPress={() => show({ kind: 'line' })}
				testID="tool-line"
			/>
		</View>
	);
});

const useStyles = makeStyles((palette) => ({
	tools: {
		flexDirection: 'row',
		flexWrap: 'wrap',
		backgroundColor: palette.panel,
		borderTopWidth: 1,
		borderTopColor: palette.rule,
		padding: GAP.xs,
	},
}));
