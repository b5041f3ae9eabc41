import { type ReactNode, useDeferredValue, useEffect } from 'react';
import createElement from 'react-native-web/dist/exports/createElement';
import { useHydrated } from '../device/use-hydrated';
import { BAR, BROAD, COLUMN, GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from './box';
import { takeLostFocus } from './by-keyboard';
import * as words from './ui-words';
import { useKeptScroll } from './use-kept-scroll';
import { useRoom } from './use-room';
import { useTitle } from './use-title';
import { Words } from './words';

type Props = {
	readonly title: string;
	/** What it is for, in a sentence under its title. */
	readonly says?: string | undefined;
	/** Ways to elsewhere, beside the title. */
	readonly ways?: ReactNode | undefined;
	readonly children: ReactNode;
	/** The second column on a wide screen; under the first on a narrow one. */
	readonly beside?: ReactNode | undefined;
	/** Whether what it holds fills a wide screen. */
	readonly full?: boolean;
	/** What is worked with on this page, under the thumb; left out where nothing is. */
	readonly tools?: ReactNode | undefined;
	/** The one thing to do here, in reach of the thumb however far the page is scrolled. */
	readonly action?: ReactNode | undefined;
	/** The bar under it on a narrow screen, in place of tools. */
	readonly bar?: ReactNode | undefined;
	readonly testID: string;
};

/** A page beside the Desk: a title, what it holds, and a row of tools at its foot. */
export function Page({ title, says, ways, children, beside, full = false, tools, action, bar, testID }: Props) {
	const styles = useStyles();
	const room = useRoom();
	const { scroll, content } = useKeptScroll();
	// The frame answers the touch that opened the page; what it holds follows as soon as that is painted.
	const isPainted = useDeferredValue(true, !useHydrated());
	useTitle(title);
	useEffect(() => {
		takeLostFocus(scroll.current);
	}, [scroll]);
	const wide = room.wide && (full || beside !== undefined);
	// With little height (a phone on its side, or 200 % text) the foot is at the end of the page.
	const { short } = room;
	const toolbar = tools ? (
		<Box style={styles.tools} role="toolbar" aria-label={words.toolsOf(title)} data-noprint>
			<Box style={[styles.row, wide && styles.broad]}>{tools}</Box>
		</Box>
	) : room.wide ? null : (
		bar
	);
	const foot = (
		<>
			{action && isPainted ? (
				<Box style={styles.action}>
					<Box style={styles.acts}>{action}</Box>
				</Box>
			) : null}
			{toolbar}
		</>
	);
	return (
		<Box style={styles.screen} role="main" testID={testID}>
			{createElement('div', {
				ref: scroll,
				tabIndex: -1,
				style: styles.scroll,
				children: createElement('div', {
					ref: content,
					style: [styles.page, wide && styles.broad],
					children: (
						<>
							<Box style={styles.head}>
								<Box style={styles.titled}>
									<Words size="page" strong role="heading" aria-level={1} style={styles.title}>
										{title}
									</Words>
									{ways && isPainted ? <Box style={styles.ways}>{ways}</Box> : null}
								</Box>
								{says ? <Words tone="soft">{says}</Words> : null}
							</Box>
							<Box style={[styles.columns, wide && beside !== undefined && styles.sideBySide]}>
								<Box style={[styles.column, wide && beside !== undefined && styles.half]}>
									{isPainted ? children : null}
								</Box>
								{beside && isPainted ? <Box style={[styles.column, wide && styles.half]}>{beside}</Box> : null}
							</Box>
							{short ? foot : null}
						</>
					),
				}),
			})}
			{short ? null : foot}
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	screen: { flex: 1, backgroundColor: palette.page },
	scroll: {
		display: 'flex',
		flexDirection: 'column',
		flex: 1,
		minHeight: 0,
		outlineWidth: 0,
		...({ overflowX: 'hidden', overflowY: 'auto' } as object),
	},
	page: {
		display: 'flex',
		flexDirection: 'column',
		boxSizing: 'border-box',
		flexGrow: 1,
		flexShrink: 0,
		padding: GAP.l,
		gap: GAP.l,
		width: '100%',
		maxWidth: COLUMN,
		alignSelf: 'center',
	},
	broad: { maxWidth: BROAD },
	// Above the bar: what this page is. Below it: what you do here.
	head: { gap: GAP.xs, borderBottomWidth: BAR, borderBottomColor: palette.ink, paddingBottom: GAP.s },
	titled: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', columnGap: GAP.s },
	title: { flexGrow: 1 },
	ways: { flexDirection: 'row', marginRight: -GAP.s },
	columns: { flexGrow: 1, gap: GAP.l },
	sideBySide: { flexDirection: 'row', gap: GAP.xl * 2, alignItems: 'flex-start' },
	column: { flexGrow: 1, gap: GAP.l },
	half: { flex: 1 },
	action: { backgroundColor: palette.panel, paddingHorizontal: GAP.l, paddingVertical: GAP.s },
	acts: { width: '100%', maxWidth: COLUMN, alignSelf: 'center' },
	tools: {
		backgroundColor: palette.panel,
		borderTopWidth: 1,
		borderTopColor: palette.rule,
		padding: GAP.s,
	},
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s, width: '100%', maxWidth: COLUMN, alignSelf: 'center' },
}));
