import type { ReactNode } from 'react';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from './box';
import { Words } from './words';

type Props = {
	readonly title: string;
	readonly says: string;
	/** What can be done about it. */
	readonly children: ReactNode;
	readonly testID: string;
};

/** A strip over every page: something that is so, and what can be done about it. */
export function Strip({ title, says, children, testID }: Props) {
	const styles = useStyles();
	return (
		<Box style={styles.strip} role="status" aria-live="polite" testID={testID}>
			<Box style={styles.words}>
				<Words strong>{title}</Words>
				<Words size="small">{says}</Words>
			</Box>
			<Box style={styles.acts}>{children}</Box>
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	strip: {
		flexDirection: 'row',
		flexWrap: 'wrap',
		alignItems: 'center',
		gap: GAP.s,
		padding: GAP.s,
		paddingLeft: GAP.l,
		backgroundColor: palette.pineWash,
	},
	// On a line of its own where its buttons leave little room; never wider than the page, whatever the size of text.
	words: { flexGrow: 1, flexShrink: 1, flexBasis: 220, minWidth: 0 },
	acts: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s, maxWidth: '100%' },
}));
