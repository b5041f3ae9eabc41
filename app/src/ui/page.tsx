import type { ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from './box';
import { Words } from './words';

type Props = {
	readonly title: string;
	readonly children: ReactNode;
	/** What is worked with on this page, under the thumb. */
	readonly tools: ReactNode;
	readonly testID: string;
};

/** A page beside the Desk: a title, what it holds, and a row of tools at its foot. */
export function Page({ title, children, tools, testID }: Props) {
	const styles = useStyles();
	return (
		<View style={styles.screen} testID={testID}>
			<ScrollView style={styles.scroll} contentContainerStyle={styles.page} role="main">
				<Words size="title" strong role="heading" aria-level={1}>
					{title}
				</Words>
				{children}
			</ScrollView>
			<Box style={styles.tools} role="toolbar" aria-label={`Tools of ${title}`}>
				<Box style={styles.row}>{tools}</Box>
			</Box>
		</View>
	);
}

const useStyles = makeStyles((palette) => ({
	screen: { flex: 1, backgroundColor: palette.page },
	scroll: { flex: 1 },
	page: { padding: GAP.l, gap: GAP.l, width: '100%', maxWidth: 720, alignSelf: 'center' },
	tools: {
		backgroundColor: palette.panel,
		borderTopWidth: 1,
		borderTopColor: palette.rule,
		padding: GAP.s,
	},
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s, width: '100%', maxWidth: 720, alignSelf: 'center' },
}));
