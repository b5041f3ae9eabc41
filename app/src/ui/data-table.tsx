import { __iconData as Down } from 'lucide-react-native/icons/arrow-down';
import { __iconData as Up } from 'lucide-react-native/icons/arrow-up';
import { GAP, TARGET } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { makeStyles } from '../theme/use-styles';
import { Box, Touch } from './box';
import { Icon } from './icon';
import { Words } from './words';

/** A row: its cells, and where a touch on its first leads. */
export type DataRow = {
	readonly key: string;
	readonly cells: readonly string[];
	readonly onOpen?: () => void;
};

/** How a table is put in order, and how another order is asked for, by the place of a column. */
export type DataSort = {
	readonly by: number;
	readonly down: boolean;
	readonly onSort: (by: number) => void;
};

type Props = {
	/** What the table is about, for whoever hears it. */
	readonly label: string;
	readonly heads: readonly string[];
	readonly rows: readonly DataRow[];
	readonly sort?: DataSort;
	readonly testID?: string;
};

type HeadProps = Pick<Props, 'sort'> & { readonly head: string; readonly at: number };

/** The head of a column; where a table can be put in order, a touch on it does. */
function Head({ head, at, sort }: HeadProps) {
	const styles = useStyles();
	const palette = usePalette();
	const words = (
		<Words size="small" strong {...(sort ? { tone: 'pine' as const } : {})}>
			{head}
		</Words>
	);
	if (!sort) return words;
	const arrow = sort.down ? Down : Up;
	return (
		<Touch onTouch={() => sort.onSort(at)} style={styles.head} testID={`sort-${at}`}>
			{words}
			{sort.by === at ? (
				<Box aria-hidden>
					<Icon icon={arrow} size={14} color={palette.pine} />
				</Box>
			) : null}
		</Touch>
	);
}

/** Rows and columns of words and numbers; a table that is too wide scrolls by itself, also by keyboard. */
export function DataTable({ label, heads, rows, sort, testID }: Props) {
	const styles = useStyles();
	const sorted = (at: number) => {
		if (!sort) return {};
		const way = sort.down ? ('descending' as const) : ('ascending' as const);
		return { 'aria-sort': sort.by === at ? way : ('none' as const) };
	};
	return (
		<Box role="region" aria-label={label} tabIndex={0} style={styles.frame}>
			<Box role="table" aria-label={label} style={styles.table} testID={testID}>
				<Box role="rowgroup" style={styles.group}>
					<Box role="row" style={styles.row}>
						{heads.map((head, at) => (
							<Box key={head} role="columnheader" style={styles.cell} {...sorted(at)}>
								<Head head={head} at={at} {...(sort ? { sort } : {})} />
							</Box>
						))}
					</Box>
				</Box>
				<Box role="rowgroup" style={styles.group}>
					{rows.map(({ key, cells, onOpen }) => (
						<Box key={key} role="row" style={styles.row}>
							{cells.map((cell, i) => (
								<Box key={heads[i]} role={i === 0 ? 'rowheader' : 'cell'} style={styles.cell}>
									{i === 0 && onOpen ? (
										<Touch role="link" onTouch={onOpen} style={styles.link}>
											<Words size="small" strong tone="pine">
												{cell}
											</Words>
										</Touch>
									) : (
										<Words size="small">{cell}</Words>
									)}
								</Box>
							))}
						</Box>
					))}
				</Box>
			</Box>
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	frame: { ...({ overflowX: 'auto' } as object) },
	table: { ...({ display: 'table', borderCollapse: 'collapse' } as object), minWidth: '100%' },
	group: { ...({ display: 'table-row-group' } as object) },
	row: { ...({ display: 'table-row' } as object) },
	cell: {
		...({ display: 'table-cell', verticalAlign: 'middle' } as object),
		paddingVertical: GAP.xs,
		paddingRight: GAP.m,
		borderBottomWidth: 1,
		borderBottomColor: palette.rule,
	},
	head: { minHeight: TARGET, minWidth: TARGET, flexDirection: 'row', alignItems: 'center', gap: 2 },
	link: { minHeight: TARGET, minWidth: 110, justifyContent: 'center' },
}));
