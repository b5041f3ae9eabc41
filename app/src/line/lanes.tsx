import {
	type LaneColumn,
	printQuantity,
	type Quantity,
	type ShownCell,
	type ShownColumn,
	writtenQuantity,
} from '@tidy-sum/core';
import { memo } from 'react';
import { CORNER, GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { UnitToken } from '../ui/unit-token';
import { Words } from '../ui/words';
import * as words from './words';

type LaneProps = {
	readonly touched: string | null;
	readonly onUnit: (unit: string) => void;
};

/** The kinds of columns, in the order they stand. */
export const KINDS = ['wanted', 'to-share', 'must-go', 'aside', 'cancelled'] as const;

const CAPTION: Readonly<Record<LaneColumn['kind'], string>> = {
	wanted: 'wanted',
	'to-share': words.toSplit,
	'must-go': words.mustGoLabel,
	aside: words.setAside,
	cancelled: 'cancelled',
};

type CellProps = Pick<LaneProps, 'onUnit'> & {
	readonly on: boolean;
	readonly kind: LaneColumn['kind'];
	readonly side: 'top' | 'bottom';
	readonly symbol: string;
	/** The unit that stands here or was struck here; null for a socket that waits. */
	readonly base: string | null;
	/** How much of it is kept here; null where nothing is. */
	readonly kept: string | null;
	readonly say: string;
};

const Cell = memo(function Cell({ kind, side, symbol, base, kept, say, on, onUnit }: CellProps) {
	const styles = useStyles();
	if (kept !== null)
		return (
			<Box style={styles.cell}>
				<Box style={[styles.socket, styles.kept]} role="img" aria-label={say}>
					<Words strong>{`${kept}\u00a0${symbol}`}</Words>
				</Box>
			</Box>
		);
	if (base === null)
		return (
			<Box style={styles.cell}>
				<Box style={styles.socket} role="img" aria-label={say}>
					<Words tone="soft">{symbol}</Words>
				</Box>
			</Box>
		);
	if (kind === 'cancelled')
		return (
			<Box style={styles.cell}>
				<Words tone="soft" style={styles.struck} aria-label={say} role="img">
					{symbol}
				</Words>
			</Box>
		);
	return (
		<Box style={styles.cell}>
			<UnitToken
				symbol={symbol}
				state={kind === 'wanted' ? 'wanted' : 'must-go'}
				on={on}
				about={base}
				onTouch={onUnit}
				say={say}
				testID={`lane-${side}-${base}`}
			/>
		</Box>
	);
});

type ColumnProps = LaneProps & { readonly column: ShownColumn };

/** Whether a column has the touched unit standing: the others need not know. */
function touchedIn({ kind, top, bottom }: ShownColumn, touched: string | null): string | null {
	return kind !== 'cancelled' && (top?.base === touched || bottom?.base === touched) ? touched : null;
}

/** One column of the lanes, top, bottom and the tie of a pair that cancels; drawn anew only when something in it has changed. */
const Column = memo(function Column({ column: { kind, letter, top, bottom }, touched, onUnit }: ColumnProps) {
	const styles = useStyles();
	const half = (side: 'top' | 'bottom', cell: ShownCell | null) =>
		cell ? (
			<Cell
				onUnit={onUnit}
				on={touched !== null && cell.base === touched}
				kind={kind}
				side={side}
				symbol={cell.symbol}
				base={cell.base}
				kept={cell.kept}
				say={cell.say}
			/>
		) : (
			<Box style={styles.cell} />
		);
	return (
		<Box style={styles.column}>
			{half('top', top)}
			<Box style={[styles.rail, letter !== '' && styles.noRail]} />
			{letter === '' ? null : (
				<Box style={styles.tie}>
					<Box style={styles.tieLine} />
					<Words size="small" tone="soft" style={styles.tieLetter}>
						{letter}
					</Words>
					<Box style={styles.tieLine} />
				</Box>
			)}
			{half('bottom', bottom)}
		</Box>
	);
});

type GroupProps = LaneProps & {
	readonly kind: LaneColumn['kind'];
	readonly columns: readonly ShownColumn[];
};

/** The columns of one kind under their caption; left as it is when none of them has changed. */
export const Group = memo(function Group({ kind, columns, touched, onUnit }: GroupProps) {
	const styles = useStyles();
	if (!columns.length) return null;
	return (
		<Box style={styles.group}>
			<Words
				size="small"
				tone={kind === 'cancelled' ? 'soft' : 'ink'}
				strong={kind === 'must-go' || kind === 'to-share'}
			>
				{CAPTION[kind]}
			</Words>
			<Box style={styles.columns}>
				{columns.map((column, i) => (
					<Column
						key={`${kind}${column.letter || i}`}
						column={column}
						touched={touchedIn(column, touched)}
						onUnit={onUnit}
					/>
				))}
			</Box>
		</Box>
	);
});

/** The parts of a sum that are not on the line yet: a touch shows how one is added. */
export const ToAdd = memo(function ToAdd({
	parts,
	onUnit,
}: { readonly parts: readonly Quantity[] } & Pick<LaneProps, 'onUnit'>) {
	const styles = useStyles();
	if (!parts.length) return null;
	return (
		<Box style={styles.group}>
			<Words size="small" strong>
				{words.stillToAddLabel}
			</Words>
			<Box style={styles.columns}>
				{parts.map((part) => (
					<Box key={writtenQuantity(part)} style={styles.column}>
						<Box style={styles.cell}>
							<UnitToken
								symbol={printQuantity(part)}
								state="must-go"
								about={part.unit}
								onTouch={onUnit}
								say={words.stillHasToBeAddedShowHow}
								testID={`to-add-${part.unit}`}
							/>
						</Box>
						<Box style={styles.rail} />
						<Box style={styles.cell} />
					</Box>
				))}
			</Box>
		</Box>
	);
});

/** What the two lanes are called. */
export const LaneNames = memo(function LaneNames() {
	const styles = useStyles();
	return (
		<Box style={styles.names} aria-hidden>
			<Words size="small" tone="soft" style={styles.name}>
				{words.top}
			</Words>
			<Words size="small" tone="soft" style={styles.name}>
				{words.bottom}
			</Words>
		</Box>
	);
});

const useStyles = makeStyles((palette) => ({
	names: { justifyContent: 'space-between', height: 100 },
	name: { height: 46, lineHeight: 46 },
	group: { gap: 2 },
	columns: { flexDirection: 'row', gap: GAP.xs },
	column: { position: 'relative', alignItems: 'center', minWidth: 44 },
	cell: { height: 46, minWidth: 44, alignItems: 'center', justifyContent: 'center' },
	socket: {
		minWidth: 40,
		height: 34,
		paddingHorizontal: 6,
		borderRadius: CORNER,
		borderWidth: 2,
		borderStyle: 'dashed',
		borderColor: palette.edge,
		alignItems: 'center',
		justifyContent: 'center',
	},
	kept: { borderStyle: 'solid', borderColor: palette.pine, backgroundColor: palette.pineWash },
	rail: { height: 2, alignSelf: 'stretch', marginVertical: 3, backgroundColor: palette.rule },
	noRail: { backgroundColor: 'transparent' },
	tie: { position: 'absolute', top: 35, bottom: 35, alignItems: 'center' },
	tieLine: { width: 2, flex: 1, backgroundColor: palette.edge },
	tieLetter: { lineHeight: 16 },
	struck: { textDecorationLine: 'line-through' },
}));
