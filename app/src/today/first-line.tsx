import type { ReactNode } from 'react';
import { BAR, CORNER, GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Fraction } from '../ui/fraction';
import { useRoom } from '../ui/use-room';
import { Words } from '../ui/words';
import * as words from './words';

/** A number with its unit, which is struck when its pair comes. */
type Size = 'title' | 'large';

function Struck({ number, unit, size }: { readonly number: string; readonly unit: string; readonly size: Size }) {
	const styles = useStyles();
	return (
		<Box style={styles.quantity}>
			<Words size={size}>{`${number}\u00a0`}</Words>
			<Box style={styles.unit}>
				<Words size={size}>{unit}</Words>
				<Box style={styles.strike} data-built="strike" />
			</Box>
			<Box data-built="strike">
				<Words size="small" tone="soft">
					{' a'}
				</Words>
			</Box>
		</Box>
	);
}

/** A unit in a lane, and the token it replaces. */
function Cell({ children, before }: { readonly children: ReactNode; readonly before?: ReactNode }) {
	const styles = useStyles();
	return (
		<Box style={styles.cell}>
			{children}
			{before ? <Box style={styles.before}>{before}</Box> : null}
		</Box>
	);
}

/** What one does here, shown once: a line that builds itself, with the balance under it. */
export function FirstLine() {
	const styles = useStyles();
	const size = useRoom().wide ? 'large' : 'title';
	return (
		<Box role="img" aria-label={words.aLineThatBuildsItself} style={styles.whole} testID="first-line">
			<Box style={styles.line}>
				<Box data-built="start">
					<Struck number="1.254" unit="km" size={size} />
				</Box>
				<Box style={styles.block} data-built="block">
					<Words size={size}>×</Words>
					<Fraction
						top={<Words size={size}>{'1000\u00a0m'}</Words>}
						bottom={<Struck number="1" unit="km" size={size} />}
					/>
				</Box>
				<Box data-built="answer">
					<Words size={size} strong tone="pine">
						{'= 1254\u00a0m'}
					</Words>
				</Box>
			</Box>
			<Box style={styles.lanes}>
				<Box style={styles.column}>
					<Words size="small">{words.wanted}</Words>
					<Cell
						before={
							<Box data-built="block">
								<Words size="title" style={[styles.token, styles.filled]}>
									m
								</Words>
							</Box>
						}
					>
						<Words size="title" tone="soft" style={[styles.token, styles.socket]}>
							m
						</Words>
					</Cell>
					<Box style={styles.rail} />
					<Cell>{null}</Cell>
				</Box>
				<Box style={styles.column}>
					<Box data-built="strike">
						<Words size="small" tone="soft">
							{words.cancelled}
						</Words>
					</Box>
					<Cell
						before={
							<Box style={styles.goes} data-built="goes">
								<Words size="title" tone="onApricot" style={[styles.token, styles.mustGo]}>
									{words.km}
								</Words>
							</Box>
						}
					>
						<Box data-built="strike">
							<Words size="title" tone="soft" style={styles.struck}>
								{words.km}
							</Words>
						</Box>
					</Cell>
					<Box style={styles.tie} data-built="strike">
						<Box style={styles.tieLine} />
						<Words size="small" tone="soft">
							a
						</Words>
						<Box style={styles.tieLine} />
					</Box>
					<Cell>
						<Box data-built="block">
							<Words size="title" tone="soft" style={styles.struck}>
								{words.km}
							</Words>
						</Box>
					</Cell>
				</Box>
				<Box style={styles.says} data-built="answer">
					<Words size="small" strong tone="pine">
						{words.onlyMIsLeft}
					</Words>
				</Box>
			</Box>
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	whole: { gap: GAP.l, paddingVertical: GAP.s },
	line: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.s },
	block: { flexDirection: 'row', alignItems: 'center', gap: GAP.s },
	quantity: { flexDirection: 'row', alignItems: 'center' },
	unit: { position: 'relative' },
	strike: {
		position: 'absolute',
		left: -2,
		right: -2,
		top: '50%',
		height: BAR,
		backgroundColor: palette.ink,
	},
	lanes: { flexDirection: 'row', gap: GAP.l, alignItems: 'center' },
	column: { alignItems: 'center', minWidth: 48 },
	cell: { position: 'relative', height: 40, minWidth: 48, alignItems: 'center', justifyContent: 'center' },
	before: {
		position: 'absolute',
		top: 0,
		bottom: 0,
		left: 0,
		right: 0,
		alignItems: 'center',
		justifyContent: 'center',
	},
	goes: { opacity: 0 },
	token: { paddingHorizontal: 6, borderRadius: CORNER, borderWidth: 2, borderStyle: 'solid' },
	mustGo: { backgroundColor: palette.apricot, borderColor: palette.apricotEdge },
	filled: { backgroundColor: palette.pineWash, borderColor: palette.pine },
	socket: { borderStyle: 'dashed', borderColor: palette.edge },
	struck: { textDecorationLine: 'line-through' },
	tie: { height: 32, alignItems: 'center' },
	tieLine: { width: BAR, flex: 1, backgroundColor: palette.edge },
	rail: { height: BAR, alignSelf: 'stretch', marginVertical: 15, backgroundColor: palette.rule },
	says: { flex: 1 },
}));
