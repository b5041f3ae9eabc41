import { ProblemFields } from '../../problem/problem-fields';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { PanelFrame } from '../panel-frame';
import type { PanelProps } from '../panel-row';
import * as words from './words';

declare module '../../work/panel-slice' {
	interface Panels {
		/** A problem of one's own; `half` begins a fact with what was touched in the text. */
		readonly own: { readonly half?: string };
	}
}

/** A problem of one's own filled in directly; its text is changed where it was brought. */
export function OwnPanel({ view, panel: { half = '' }, acts, wide }: PanelProps<'own'>) {
	const styles = useStyles();
	const { work, exercise } = view;
	return (
		<PanelFrame>
			<Box style={styles.row}>
				<Button
					label={work.text === '' ? words.typeOrPasteItsText : words.changeItsText}
					onPress={() => acts.go(`/bring/${exercise.name}`)}
					testID="own-text"
				/>
			</Box>
			<ProblemFields own={work} onDo={acts.onOwnDo} wide={wide} half={half} />
			<Button
				label={words.toTheLine}
				kind="strong"
				disabled={!(view.started && view.wanted)}
				onPress={acts.close}
				testID="own-done"
			/>
		</PanelFrame>
	);
}

const useStyles = makeStyles(() => ({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s } }));
