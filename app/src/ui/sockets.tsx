import { __iconData as Look } from 'lucide-react-native/icons/eye';
import { BAR, CORNER, GAP } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { makeStyles } from '../theme/use-styles';
import { Box } from './box';
import { Icon } from './icon';

/** How far the one thing is that a socket stands for. */
export const SOCKET_STATES = ['to-come', 'begun', 'filled', 'look'] as const;
export type SocketState = (typeof SOCKET_STATES)[number];

type Props = {
	readonly states: readonly SocketState[];
	/** The same in words, for whoever hears it. */
	readonly says: string;
};

/** From so many on there is no room for a sign in a socket. */
const MANY = 14;

/**
 * Progress, drawn as the balance draws it: sockets on a bar. Dashed is to come, half full is begun, full is right, and the eye
 * of the check is in one that has something to look at.
 */
export function Sockets({ states, says }: Props) {
	const styles = useStyles();
	const palette = usePalette();
	return (
		<Box role="img" aria-label={says} style={styles.bar}>
			{states.map((state, at) => (
				// biome-ignore lint/suspicious/noArrayIndexKey: the sockets are in a fixed order
				<Box key={at} style={[styles.socket, styles[state]]}>
					{state === 'begun' ? <Box style={styles.half} /> : null}
					{state === 'look' && states.length < MANY ? <Icon icon={Look} size={14} color={palette.look} /> : null}
				</Box>
			))}
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	bar: {
		flexDirection: 'row',
		alignSelf: 'flex-start',
		maxWidth: '100%',
		gap: 3,
		paddingHorizontal: GAP.xs,
		paddingBottom: 3,
		borderBottomWidth: BAR,
		borderBottomColor: palette.ink,
	},
	socket: {
		flexShrink: 1,
		width: 26,
		height: 20,
		borderWidth: 2,
		borderRadius: CORNER,
		borderColor: palette.edge,
		alignItems: 'center',
		justifyContent: 'flex-end',
		...({ overflow: 'hidden' } as object),
	},
	'to-come': { borderStyle: 'dashed' },
	begun: { borderColor: palette.pine },
	filled: { borderColor: palette.pine, backgroundColor: palette.pine },
	look: { borderColor: palette.look, backgroundColor: palette.lookWash, justifyContent: 'center' },
	half: { height: '50%', alignSelf: 'stretch', backgroundColor: palette.pine },
}));
