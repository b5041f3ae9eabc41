import { BAR, CORNER, FROM_TO } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from './box';
import { Words } from './words';

type Props = {
	/** The quantity a problem starts from, and the unit it is to end in, as they are printed; '' where that is open. */
	readonly from: string;
	readonly to: string;
	/** Whether it was worked to a right answer. */
	readonly isDone?: boolean;
};

/**
 * A problem as the line has it: what must go over what is wanted, as two small tokens on a bar. Of one that is solved the start is
 * struck with its letter and the socket is filled.
 */
export function FromTo({ from, to, isDone = false }: Props) {
	const styles = useStyles();
	return (
		<Box style={styles.both} aria-hidden>
			<Box style={styles.half}>
				<Words
					size="small"
					tone={from === '' ? 'ink' : isDone ? 'soft' : 'onApricot'}
					style={[styles.token, from === '' ? styles.wanted : isDone ? styles.struck : styles.start]}
				>
					{from || '?'}
				</Words>
				{isDone && from !== '' ? (
					<Words size="small" tone="soft">
						{' a'}
					</Words>
				) : null}
			</Box>
			<Box style={styles.bar} />
			<Box style={styles.half}>
				<Words
					size="small"
					tone={isDone ? 'pine' : 'ink'}
					style={[styles.token, isDone ? styles.filled : styles.wanted]}
				>
					{to || '?'}
				</Words>
			</Box>
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	both: { width: FROM_TO, alignItems: 'stretch', justifyContent: 'center' },
	half: { flexDirection: 'row', justifyContent: 'center', alignItems: 'center', minHeight: 28 },
	bar: { height: BAR, backgroundColor: palette.ink, marginVertical: 2 },
	token: {
		paddingHorizontal: 6,
		borderWidth: 2,
		borderStyle: 'solid',
		borderColor: 'transparent',
		borderRadius: CORNER,
		textAlign: 'center',
		maxWidth: '100%',
		fontVariant: ['tabular-nums'],
	},
	start: { backgroundColor: palette.apricot, borderColor: palette.apricotEdge },
	struck: { textDecorationLine: 'line-through' },
	wanted: { borderStyle: 'dashed', borderColor: palette.edge },
	filled: { borderColor: palette.pine, backgroundColor: palette.pineWash },
}));
