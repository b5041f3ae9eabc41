import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { dateText } from '../ui/dates';
import { Words } from '../ui/words';
import * as words from './words';

/** The head of a paper that is handed in: a line for the name, to be written by hand, and the day. */
export function NameAndDate() {
	const styles = useStyles();
	return (
		<Box style={styles.row} testID="name-and-date">
			<Words size="small">{words.name}</Words>
			<Box style={styles.line} />
			<Words size="small">{words.date(dateText(Date.now(), 0))}</Words>
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	row: { flexDirection: 'row', alignItems: 'flex-end', gap: GAP.s },
	line: { flexGrow: 1, minWidth: 120, borderBottomWidth: 1, borderBottomColor: palette.ink },
}));
