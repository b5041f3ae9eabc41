import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box, Touch } from './box';
import { Words } from './words';

type Props = {
	readonly title: string;
	readonly says: string;
	readonly onOpen: () => void;
	readonly testID: string;
};

/** A row of a list that leads somewhere: its title, and what is there. */
export function LinkRow({ title, says, onOpen, testID }: Props) {
	const styles = useStyles();
	return (
		<Box role="listitem">
			<Touch role="link" onTouch={onOpen} style={styles.row} testID={testID}>
				<Words strong tone="pine">
					{title}
				</Words>
				<Words size="small">{says}</Words>
			</Touch>
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	row: {
		minHeight: 60,
		justifyContent: 'center',
		gap: 2,
		paddingVertical: GAP.s,
		borderBottomWidth: 1,
		borderRadius: 0,
		borderBottomColor: palette.rule,
	},
}));
