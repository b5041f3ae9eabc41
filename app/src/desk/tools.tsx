import Book from 'lucide-react-native/icons/book-open';
import More from 'lucide-react-native/icons/ellipsis';
import Shelf from 'lucide-react-native/icons/library';
import Pen from 'lucide-react-native/icons/pen-line';
import Redo from 'lucide-react-native/icons/redo-2';
import Undo from 'lucide-react-native/icons/undo-2';
import { memo } from 'react';
import { View } from 'react-native';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Button } from '../ui/button';
import type { PanelKind } from '../work/panel-slice';
import { PANELS } from './panels';
import type { Acts } from './use-acts';

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
};

/** The row under the thumb. */
export const Tools = memo(function Tools({ acts, canUndo, canRedo, open, checked, first, started }: Props) {
	const styles = useStyles();
	const { show, undo, redo } = acts;
	const tool = open === 'none' ? null : PANELS[open].tool;
	return (
		<View style={styles.tools} role="toolbar" aria-label="Tools of the Desk">
			<Button kind="tool" label="Undo" icon={Undo} disabled={!canUndo} onPress={undo} testID="undo" />
			<Button kind="tool" label="Redo" icon={Redo} disabled={!canRedo} onPress={redo} testID="redo" />
			<Button
				kind="tool"
				label="Facts"
				icon={Shelf}
				on={tool === 'facts'}
				disabled={!started}
				onPress={() => show({ kind: 'facts', unit: first })}
				testID="tool-facts"
			/>
			<Button
				kind="tool"
				label="Answer"
				icon={Pen}
				on={tool === 'answer'}
				onPress={() => show({ kind: checked ? 'verdict' : 'answer' })}
				testID="tool-answer"
			/>
			<Button
				kind="tool"
				label="Book"
				say="of exercises"
				icon={Book}
				on={tool === 'book'}
				onPress={() => show({ kind: 'book' })}
				testID="tool-book"
			/>
			<Button
				kind="tool"
				label="More"
				icon={More}
				on={tool === 'more'}
				onPress={() => show({ kind: 'more' })}
				testID="tool-more"
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
