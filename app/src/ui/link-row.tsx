import type { ReactNode } from 'react';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box, Touch } from './box';
import { Words } from './words';

type Props = {
	readonly title: string;
	readonly says: string;
	/** What it looks like, before its title. */
	readonly lead?: ReactNode;
	/** How far it is, under its words. */
	readonly children?: ReactNode;
	readonly onOpen: () => void;
	readonly testID: string;
};

/** A row of a list that leads somewhere: its title, and what is there. */
export function LinkRow({ title, says, lead, children, onOpen, testID }: Props) {
	const styles = useStyles();
	return (
		<Box role="listitem" style={styles.item}>
			<Touch role="link" onTouch={onOpen} style={styles.row} testID={testID}>
				{lead}
				<Box style={styles.words}>
					<Words strong tone="pine">
						{title}
					</Words>
					{says ? <Words size="small">{says}</Words> : null}
					{children}
				</Box>
			</Touch>
		</Box>
	);
}

const useStyles = makeStyles(() => ({
	item: { minWidth: 0 },
	row: { minHeight: 60, flexDirection: 'row', alignItems: 'center', gap: GAP.m, paddingVertical: GAP.s },
	words: { flex: 1, gap: GAP.xs },
}));
