import type { ReactNode } from 'react';
import { CORNER, GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box, Touch } from '../ui/box';
import { IntoView } from '../ui/into-view';
import { Said } from '../ui/said';
import { Words } from '../ui/words';

type WaysProps = { readonly question: string; readonly hint?: ReactNode; readonly children: ReactNode };

/** The ways something can lie on the line, under a question: which one, the student decides. */
export function Ways({ question, hint, children }: WaysProps) {
	const styles = useStyles();
	return (
		<IntoView style={styles.ways}>
			{hint}
			<Words size="small">{question}</Words>
			<Box style={styles.choices}>{children}</Box>
		</IntoView>
	);
}

type WayProps = {
	readonly say: string;
	readonly onTouch: () => void;
	readonly testID: string;
	readonly children: ReactNode;
};

/** One of the ways, as it would lie there. */
export function Way({ say, onTouch, testID, children }: WayProps) {
	const styles = useStyles();
	return (
		<Touch onTouch={onTouch} testID={testID} style={styles.way}>
			{children}
			<Said>{say}</Said>
		</Touch>
	);
}

const useStyles = makeStyles((palette) => ({
	ways: { gap: GAP.s, paddingBottom: GAP.m },
	choices: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	way: {
		minWidth: 120,
		minHeight: 56,
		flexGrow: 1,
		maxWidth: 220,
		alignItems: 'center',
		justifyContent: 'center',
		padding: GAP.s,
		borderWidth: 2,
		borderColor: palette.pine,
		borderRadius: CORNER,
		backgroundColor: palette.page,
	},
}));
