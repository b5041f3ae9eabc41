import type { ReactNode } from 'react';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Words } from '../ui/words';

/** A list of rows. */
export function Rows({ children }: { readonly children: ReactNode }) {
	const styles = useStyles();
	return (
		<Box role="list" style={styles.rows}>
			{children}
		</Box>
	);
}

type Props = {
	readonly title: string;
	readonly says: string;
	/** What can be done with it; nothing where it is left out. */
	readonly act?: ReactNode;
	readonly testID: string;
};

/** A row of a list: what it is, what is to be said of it, and what you can do with it. */
export function Row({ title, says, act, testID }: Props) {
	const styles = useStyles();
	return (
		<Box role="listitem" style={styles.row} testID={testID}>
			<Box style={styles.words}>
				<Words strong>{title}</Words>
				<Words size="small" tone="soft">
					{says}
				</Words>
			</Box>
			{act}
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	rows: { gap: GAP.s },
	row: {
		flexDirection: 'row',
		flexWrap: 'wrap',
		alignItems: 'center',
		gap: GAP.s,
		paddingVertical: GAP.s,
		borderBottomWidth: 1,
		borderBottomColor: palette.rule,
	},
	words: { flexGrow: 1, flexShrink: 1, minWidth: 180 },
}));
