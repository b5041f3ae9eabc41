import { ScrollView, View } from 'react-native';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { UnitToken } from '../ui/unit-token';
import { Words } from '../ui/words';
import { type LaneCell, type LaneColumn, letterOf, sayPiece } from './describe';
import type { DeskView } from './use-desk';

type Props = {
	readonly view: DeskView;
	readonly touched: string | null;
	readonly onUnit: (unit: string) => void;
	/** Only what it says, where the numbers need the room. */
	readonly brief?: boolean;
};

const CAPTION: Readonly<Record<LaneColumn['kind'], string>> = {
	wanted: 'wanted',
	'must-go': 'must go',
	cancelled: 'cancelled',
};

type CellProps = Omit<Props, 'view' | 'brief'> & {
	readonly column: LaneColumn;
	readonly cell: LaneCell | null;
	readonly side: 'top' | 'bottom';
};

function Cell({ column, cell, side, touched, onUnit }: CellProps) {
	const styles = useStyles();
	if (!cell) return <View style={styles.cell} />;
	if (!cell.piece)
		return (
			<View style={styles.cell}>
				<View style={styles.socket} role="img" aria-label={`${cell.symbol} is wanted on the ${side} and not there yet`}>
					<Words size="body" tone="soft">
						{cell.symbol}
					</Words>
				</View>
			</View>
		);
	const { piece } = cell;
	if (column.kind === 'cancelled')
		return (
			<View style={styles.cell}>
				<Words
					size="body"
					tone="soft"
					style={styles.struck}
					aria-label={sayPiece(piece, 'cancelled', cell.symbol, letterOf(column.pair ?? 0))}
					role="img"
				>
					{cell.symbol}
				</Words>
			</View>
		);
	return (
		<View style={styles.cell}>
			<UnitToken
				symbol={cell.symbol}
				state={column.kind}
				on={touched === piece.base}
				onPress={() => onUnit(piece.base)}
				say={sayPiece(piece, column.kind, cell.symbol)}
				testID={`lane-${side}-${piece.base}`}
			/>
		</View>
	);
}

/**
 * Our balance: two lanes, top and bottom. The wanted units are sockets, what stands are tokens, and a pair
 * that cancels is tied together and fades. When every socket is filled and nothing else stands, the line
 * closes.
 */
export function Balance({ view, touched, onUnit, brief = false }: Props) {
	const styles = useStyles();
	const closed = view.worked.reached === true;
	const groups = (['wanted', 'must-go', 'cancelled'] as const).map((kind) => ({
		kind,
		columns: view.columns.filter((column) => column.kind === kind),
	}));
	return (
		<View
			style={[styles.balance, closed && styles.closed]}
			role="group"
			aria-label="The balance: what stands on top and on the bottom"
		>
			{brief ? null : (
				<ScrollView
					horizontal
					showsHorizontalScrollIndicator={false}
					contentContainerStyle={styles.groups}
					tabIndex={-1}
				>
					<View style={styles.names} aria-hidden>
						<Words size="small" tone="soft" style={styles.name}>
							top
						</Words>
						<Words size="small" tone="soft" style={styles.name}>
							bottom
						</Words>
					</View>
					{groups.map(({ kind, columns }) =>
						columns.length ? (
							<View key={kind} style={styles.group}>
								<Words size="small" tone={kind === 'cancelled' ? 'soft' : 'ink'} strong={kind === 'must-go'}>
									{CAPTION[kind]}
								</Words>
								<View style={styles.columns}>
									{columns.map((column, i) => (
										<View key={`${kind}${column.pair ?? i}`} style={styles.column}>
											<Cell column={column} cell={column.top} side="top" touched={touched} onUnit={onUnit} />
											<View style={[styles.rail, kind === 'cancelled' && styles.noRail]} />
											{kind === 'cancelled' ? (
												<View style={styles.tie}>
													<View style={styles.tieLine} />
													<Words size="small" tone="soft" style={styles.tieLetter}>
														{letterOf(column.pair ?? 0)}
													</Words>
													<View style={styles.tieLine} />
												</View>
											) : null}
											<Cell column={column} cell={column.bottom} side="bottom" touched={touched} onUnit={onUnit} />
										</View>
									))}
								</View>
							</View>
						) : null,
					)}
				</ScrollView>
			)}
			<Words
				size="small"
				tone={closed ? 'pine' : 'soft'}
				strong={closed}
				role="status"
				aria-live="polite"
				testID="balance-says"
			>
				{closed ? `The line closes: only ${view.worked.unit.text || 'a plain number'} stands.` : sayOpen(view.columns)}
			</Words>
		</View>
	);
}

function sayOpen(columns: readonly LaneColumn[]): string {
	const count = (kind: LaneColumn['kind'], filled: boolean) =>
		columns
			.filter((column) => column.kind === kind)
			.flatMap(({ top, bottom }) => [top, bottom])
			.filter((cell) => cell && (cell.piece !== null) === filled).length;
	const units = (n: number) => `${n} ${n === 1 ? 'unit' : 'units'}`;
	return `${units(count('must-go', true))} must go, ${units(count('wanted', false))} must come.`;
}

const useStyles = makeStyles((palette) => ({
	balance: {
		borderTopWidth: 2,
		borderTopColor: palette.rule,
		paddingVertical: GAP.s,
		paddingHorizontal: GAP.l,
		gap: GAP.xs,
	},
	closed: { borderTopColor: palette.pine },
	groups: { gap: GAP.l, alignItems: 'flex-end', minWidth: '100%' },
	names: { justifyContent: 'space-between', height: 100 },
	name: { height: 46, lineHeight: 46 },
	group: { gap: 2 },
	columns: { flexDirection: 'row', gap: GAP.xs },
	column: { alignItems: 'center', minWidth: 44 },
	cell: { height: 46, minWidth: 44, alignItems: 'center', justifyContent: 'center' },
	socket: {
		minWidth: 40,
		height: 34,
		paddingHorizontal: 6,
		borderRadius: 6,
		borderWidth: 2,
		borderStyle: 'dashed',
		borderColor: palette.edge,
		alignItems: 'center',
		justifyContent: 'center',
	},
	rail: { height: 2, alignSelf: 'stretch', marginVertical: 3, backgroundColor: palette.rule },
	noRail: { backgroundColor: 'transparent' },
	tie: { position: 'absolute', top: 35, bottom: 35, alignItems: 'center' },
	tieLine: { width: 2, flex: 1, backgroundColor: palette.edge },
	tieLetter: { lineHeight: 16 },
	struck: { textDecorationLine: 'line-through' },
}));
