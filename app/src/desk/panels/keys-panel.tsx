import { CORNER, GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Words } from '../../ui/words';
import { PanelFrame } from '../panel-frame';
import { SHORTCUTS } from '../shortcuts';
import * as words from './words';

declare module '../../work/panel-slice' {
	interface Panels {
		readonly keys: object;
	}
}

/** The sheet of keys: everything on the Desk can be done from a keyboard. */
export function KeysPanel() {
	const styles = useStyles();
	return (
		<PanelFrame>
			<Box role="list" style={styles.list}>
				{SHORTCUTS.map(({ shows, says }) => (
					<Box key={shows} role="listitem" style={styles.row}>
						<Box style={styles.key}>
							<Words mono>{shows}</Words>
						</Box>
						<Words>{says}</Words>
					</Box>
				))}
			</Box>
			<Words size="small" tone="soft">
				{words.onAMacPressCmdForCtrlTab}
			</Words>
		</PanelFrame>
	);
}

const useStyles = makeStyles((palette) => ({
	list: { gap: GAP.s },
	row: { flexDirection: 'row', alignItems: 'center', gap: GAP.m },
	key: {
		minWidth: 152,
		paddingHorizontal: GAP.s,
		paddingVertical: 2,
		borderWidth: 1,
		borderColor: palette.edge,
		borderRadius: CORNER,
		backgroundColor: palette.page,
	},
}));
