import Book from 'lucide-react-native/icons/book-open';
import More from 'lucide-react-native/icons/ellipsis';
import Shelf from 'lucide-react-native/icons/library';
import Pen from 'lucide-react-native/icons/pen-line';
import Redo from 'lucide-react-native/icons/redo-2';
import Undo from 'lucide-react-native/icons/undo-2';
import { memo } from 'react';
import { View } from 'react-native';
import { useAppDispatch } from '../store/store';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Button } from '../ui/button';
import { type Panel, showed } from './desk-slice';
import { redid, undid } from './works-slice';

type Props = {
	readonly exercise: string;
	readonly canUndo: boolean;
	readonly canRedo: boolean;
	/** The panel that is open. */
	readonly open: Panel['kind'];
	readonly checked: boolean;
	/** The unit the Shelf opens on when none was touched. */
	readonly first: string;
	/** Whether there is something to start from, so that a block can follow. */
	readonly started: boolean;
};

/** What is reached by way of More. */
const MORE: readonly Panel['kind'][] = ['more', 'calculator', 'beside', 'take', 'keys'];

/** The row under the thumb. */
export const Tools = memo(function Tools({ exercise, canUndo, canRedo, open, checked, first, started }: Props) {
	const styles = useStyles();
	const dispatch = useAppDispatch();
	const show = (panel: Panel) => dispatch(showed(panel));
	return (
		<View style={styles.tools} role="toolbar" aria-label="Tools of the Desk">
			<Button
				kind="tool"
				label="Undo"
				icon={Undo}
				disabled={!canUndo}
				onPress={() => dispatch(undid(exercise))}
				testID="undo"
			/>
			<Button
				kind="tool"
				label="Redo"
				icon={Redo}
				disabled={!canRedo}
				onPress={() => dispatch(redid(exercise))}
				testID="redo"
			/>
			<Button
				kind="tool"
				label="Facts"
				icon={Shelf}
				on={open === 'facts'}
				disabled={!started}
				onPress={() => show({ kind: 'facts', unit: first })}
				testID="tool-facts"
			/>
			<Button
				kind="tool"
				label="Answer"
				icon={Pen}
				on={open === 'answer' || open === 'verdict'}
				onPress={() => show({ kind: checked ? 'verdict' : 'answer' })}
				testID="tool-answer"
			/>
			<Button
				kind="tool"
				label="Book"
				say="of exercises"
				icon={Book}
				on={open === 'book'}
				onPress={() => show({ kind: 'book' })}
				testID="tool-book"
			/>
			<Button
				kind="tool"
				label="More"
				icon={More}
				on={MORE.includes(open)}
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
