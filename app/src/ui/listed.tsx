import { __iconData as Down } from 'lucide-react-native/icons/arrow-down';
import { __iconData as Up } from 'lucide-react-native/icons/arrow-up';
import { __iconData as Dots } from 'lucide-react-native/icons/ellipsis-vertical';
import { type ReactNode, useState } from 'react';
import { CORNER, GAP, TARGET } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { makeStyles } from '../theme/use-styles';
import { Box, Touch } from './box';
import { Button } from './button';
import { Field } from './field';
import { Icon } from './icon';
import * as words from './ui-words';

type Props = {
	/** Its name, read out with its actions. */
	readonly title: string;
	readonly onOpen: () => void;
	readonly children: ReactNode;
	/** Gives it another name; left out if it cannot be renamed. */
	readonly onRename?: (title: string) => void;
	/** Moves it among the others; left out if it is the first or the last. */
	readonly onUp?: (() => void) | undefined;
	readonly onDown?: (() => void) | undefined;
	readonly onRemove: () => void;
	readonly testID: string;
};

/** One of a list that can be opened, named, put in order and taken out. */
export function Listed({ title, onOpen, children, onRename, onUp, onDown, onRemove, testID }: Props) {
	const styles = useStyles();
	const palette = usePalette();
	const [open, setOpen] = useState(false);
	return (
		<Box role="listitem">
			<Box style={styles.row}>
				<Touch role="link" onTouch={onOpen} style={styles.link} testID={testID}>
					{children}
				</Touch>
				<Touch
					aria-label={words.moreOf(title)}
					aria-expanded={open}
					onTouch={() => setOpen(!open)}
					style={styles.more}
					testID={`${testID}-more`}
				>
					<Box aria-hidden>
						<Icon icon={Dots} size={20} color={palette.pine} />
					</Box>
				</Touch>
			</Box>
			{open ? (
				<Box style={styles.acts} role="group" aria-label={words.whatYouCanDoWith(title)}>
					{onRename ? (
						<Field label={words.itsTitle} named value={title} onChange={onRename} testID={`${testID}-title`} />
					) : null}
					<Box style={styles.buttons}>
						<Button
							label={words.up}
							say={title}
							icon={Up}
							disabled={!onUp}
							onPress={() => onUp?.()}
							testID={`${testID}-up`}
						/>
						<Button
							label={words.down}
							say={title}
							icon={Down}
							disabled={!onDown}
							onPress={() => onDown?.()}
							testID={`${testID}-down`}
						/>
						<Button label={words.remove} say={title} onPress={onRemove} testID={`${testID}-remove`} />
					</Box>
				</Box>
			) : null}
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	row: { flexDirection: 'row', alignItems: 'center' },
	link: { flex: 1, minHeight: 52, justifyContent: 'center', gap: 2, paddingVertical: GAP.s, paddingHorizontal: GAP.xs },
	more: { minWidth: TARGET, minHeight: TARGET, alignItems: 'center', justifyContent: 'center' },
	acts: { gap: GAP.s, padding: GAP.s, backgroundColor: palette.panel, borderRadius: CORNER, marginBottom: GAP.s },
	buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
}));
