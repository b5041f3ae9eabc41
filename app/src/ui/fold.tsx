import { __iconData as Closed } from 'lucide-react-native/icons/chevron-down';
import { __iconData as Open } from 'lucide-react-native/icons/chevron-up';
import { type ReactNode, useState } from 'react';
import { GAP } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { makeStyles } from '../theme/use-styles';
import { Box, Touch } from './box';
import { Icon } from './icon';
import { Words } from './words';

type Props = {
	readonly title: string;
	/** What it holds, in a few words. */
	readonly says?: string | undefined;
	/** Whether it is open at first. */
	readonly open?: boolean;
	readonly children: ReactNode;
	readonly testID: string;
};

/** A part of a page behind one touch: its heading opens and closes it. */
export function Fold({ title, says, open: atFirst = false, children, testID }: Props) {
	const styles = useStyles();
	const palette = usePalette();
	const [open, setOpen] = useState(atFirst);
	return (
		<Box style={styles.fold}>
			<Box role="heading" aria-level={2}>
				<Touch aria-expanded={open} onTouch={() => setOpen(!open)} style={styles.head} testID={testID}>
					<Box style={styles.words}>
						<Words strong tone="pine">
							{title}
						</Words>
						{says ? (
							<Words size="small" tone="soft">
								{says}
							</Words>
						) : null}
					</Box>
					<Box aria-hidden>
						<Icon icon={open ? Open : Closed} size={20} color={palette.pine} />
					</Box>
				</Touch>
			</Box>
			{open ? <Box style={styles.held}>{children}</Box> : null}
		</Box>
	);
}

const useStyles = makeStyles(() => ({
	fold: { gap: GAP.s },
	head: { minHeight: 52, flexDirection: 'row', alignItems: 'center', gap: GAP.m, paddingVertical: GAP.xs },
	words: { flex: 1, gap: 2 },
	held: { gap: GAP.m, paddingBottom: GAP.m },
}));
