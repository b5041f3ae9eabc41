import { __iconData as Saved } from 'lucide-react-native/icons/cloud-check';
import { useRef } from 'react';
import { useAppSelector } from '../store/store';
import { isKept, sayKeeping } from '../sync/said-keeping';
import { GAP } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Icon } from '../ui/icon';
import { Said } from '../ui/said';
import { Words } from '../ui/words';

/** A small sign that the work is kept; its words are there for whoever looks for them, and are not announced at each step. */
export function KeptSign() {
	const palette = usePalette();
	const says = useAppSelector(({ sync }) => (isKept(sync) ? sayKeeping(sync) : ''));
	if (says === '') return null;
	return (
		<Box testID="kept">
			<Box aria-hidden>
				<Icon icon={Saved} size={16} color={palette.soft} />
			</Box>
			<Said>{says}</Said>
		</Box>
	);
}

/** Where the work is kept, said aloud and shown over the tools only when it is not kept everywhere. */
export function NotKept() {
	const styles = useStyles();
	const sync = useAppSelector((state) => state.sync);
	const says = isKept(sync) ? '' : sayKeeping(sync);
	// While it is sent once more, nothing new is known: what was said stays, and is not said again.
	const last = useRef('');
	if (sync.keeping !== 'sending') last.current = says;
	const shown = last.current;
	return (
		<Box role="status" aria-live="polite" style={shown ? styles.strip : null} testID={shown ? 'kept' : undefined}>
			{shown ? <Words size="small">{shown}</Words> : null}
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	strip: {
		paddingHorizontal: GAP.l,
		paddingVertical: GAP.xs,
		borderTopWidth: 1,
		borderTopColor: palette.rule,
		backgroundColor: palette.lookWash,
	},
}));
