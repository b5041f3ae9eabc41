import { type ReactNode, useEffect, useRef } from 'react';
import { ScrollView, View } from 'react-native';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Button } from './button';
import { takeLostFocus } from './by-keyboard';
import * as words from './ui-words';
import { Words } from './words';

type Props = {
	readonly title: string;
	/** Whether its title is only heard, where there is little height; its content then has the way to close it. */
	readonly isBare?: boolean;
	readonly onClose?: () => void;
	/** What else can be pressed in its head. */
	readonly aside?: ReactNode;
	readonly children: ReactNode;
	/** What is pressed next: it stays below what scrolls, so nothing that comes later moves it from under a finger. */
	readonly foot?: ReactNode;
	readonly testID?: string;
};

/** A sheet in the lower part of the screen: a title, what it holds, and a way to close it. It scrolls by itself. */
export function Panel({ title, isBare = false, onClose, aside, children, foot, testID }: Props) {
	const styles = useStyles();
	const panel = useRef<View>(null);
	useEffect(() => {
		takeLostFocus(panel.current);
	}, []);
	return (
		<View ref={panel} tabIndex={-1} style={styles.panel} role="region" aria-label={title} testID={testID}>
			{isBare ? null : (
				<View style={styles.head}>
					<Words strong role="heading" aria-level={2} style={styles.title}>
						{title}
					</Words>
					<View style={styles.ends}>
						{aside}
						{onClose ? <Button label={words.close} onPress={onClose} /> : null}
					</View>
				</View>
			)}
			<ScrollView
				// A panel that only tells something is scrolled from the keyboard as well.
				tabIndex={0}
				style={styles.scroll}
				contentContainerStyle={styles.body}
				keyboardShouldPersistTaps="handled"
			>
				{children}
			</ScrollView>
			{foot ? <View style={styles.foot}>{foot}</View> : null}
		</View>
	);
}

const useStyles = makeStyles((palette) => ({
	panel: {
		outlineWidth: 0,
		flexGrow: 1,
		flexShrink: 1,
		backgroundColor: palette.panel,
		borderTopWidth: 1,
		borderTopColor: palette.rule,
	},
	head: {
		flexDirection: 'row',
		alignItems: 'center',
		justifyContent: 'space-between',
		gap: GAP.m,
		paddingLeft: GAP.l,
		paddingRight: GAP.s,
		paddingTop: GAP.s,
	},
	title: { flexShrink: 1 },
	ends: { flexDirection: 'row', gap: GAP.s },
	scroll: { flexGrow: 1, flexShrink: 1 },
	body: { padding: GAP.l, paddingTop: GAP.s, gap: GAP.m },
	foot: {
		flexDirection: 'row',
		flexWrap: 'wrap',
		gap: GAP.s,
		paddingHorizontal: GAP.l,
		paddingVertical: GAP.s,
		borderTopWidth: 1,
		borderTopColor: palette.rule,
	},
}));
