import { __iconData as Before } from 'lucide-react-native/icons/chevron-left';
import { __iconData as After } from 'lucide-react-native/icons/chevron-right';
import { type KeyboardEvent, type MouseEvent, type ReactNode, useState } from 'react';
import createElement from 'react-native-web/dist/exports/createElement';
import { CORNER, GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { DataTable } from '../ui/data-table';
import { Words } from '../ui/words';
import * as words from './words';

type Props = {
	/** What the chart shows. */
	readonly label: string;
	/** What it comes to, in words. */
	readonly says: string;
	/** Each of its points in words, in the order one steps through them. */
	readonly points: readonly string[];
	/** Which point a touch is meant for, by its place in the picture as shares of its width and height. */
	readonly touched: (x: number, y: number) => number;
	/** The picture, with the point one stands at set apart. */
	readonly children: (at: number) => ReactNode;
	/** Whether the picture says the point one stands at by itself, so that it is not said under it as well. */
	readonly saysItself?: boolean;
	/** The point one stands at first; the last where it is left out. */
	readonly first?: number;
	/** What can be done at a point. */
	readonly acts?: (at: number) => ReactNode;
	/** All of it as a table, made when it is asked for. */
	readonly table: () => { readonly heads: readonly string[]; readonly rows: readonly (readonly string[])[] };
	readonly testID: string;
};

/** How far a key goes among so many points; null where it does not move. */
function stepBy(key: string, at: number, last: number): number | null {
	switch (key) {
		case 'ArrowRight':
		case 'ArrowDown':
			return Math.min(last, at + 1);
		case 'ArrowLeft':
		case 'ArrowUp':
			return Math.max(0, at - 1);
		case 'Home':
			return 0;
		case 'End':
			return last;
		default:
			return null;
	}
}

/** All of a chart as a table, which comes when it is asked for. */
export function AsTable({ label, table, testID }: Pick<Props, 'label' | 'table' | 'testID'>) {
	const styles = useStyles();
	const [open, setOpen] = useState(false);
	const { heads, rows } = open ? table() : { heads: [], rows: [] };
	return (
		<>
			<Box style={styles.row}>
				<Button
					label={words.asATable}
					say={label}
					on={open}
					onPress={() => setOpen(!open)}
					testID={`${testID}-as-table`}
				/>
			</Box>
			{open ? (
				<DataTable
					label={label}
					heads={heads}
					rows={rows.map((cells, i) => ({ key: `${i}`, cells }))}
					testID={`${testID}-table`}
				/>
			) : null}
		</>
	);
}

/**
 * A chart one can step through, by keys, by touch and by hearing: each point is said in words, what can be done at it
 * stands under it, and all of it is there as a table.
 */
export function Chart({
	label,
	says,
	points,
	touched,
	children,
	saysItself = false,
	first = points.length - 1,
	acts,
	table,
	testID,
}: Props) {
	const styles = useStyles();
	const [chosen, go] = useState(first);
	const last = points.length - 1;
	const at = Math.max(0, Math.min(last, chosen));
	const onKeyDown = (event: KeyboardEvent) => {
		const to = stepBy(event.key, at, last);
		if (to === null) return;
		event.preventDefault();
		go(to);
	};
	const onClick = ({ currentTarget, clientX, clientY }: MouseEvent<HTMLElement>) => {
		const { left, top, width, height } = currentTarget.getBoundingClientRect();
		go(Math.max(0, Math.min(last, touched((clientX - left) / width, (clientY - top) / height))));
	};
	return (
		<Box style={styles.chart} role="group" aria-label={label} testID={testID}>
			<Words size="small">{says}</Words>
			{createElement('div', {
				role: 'slider',
				tabIndex: 0,
				'aria-label': label,
				'aria-valuemin': 1,
				'aria-valuemax': points.length,
				'aria-valuenow': at + 1,
				'aria-valuetext': points[at],
				onKeyDown,
				onClick,
				style: styles.picture,
				testID: `${testID}-points`,
				children: children(at),
			})}
			<Box style={[styles.row, last === 0 && styles.none]}>
				<Button
					label={words.before}
					say={words.onePointOf(label)}
					icon={Before}
					disabled={at === 0}
					onPress={() => go(at - 1)}
					testID={`${testID}-before`}
				/>
				<Button
					label={words.after}
					say={words.onePointOf(label)}
					icon={After}
					disabled={at === last}
					onPress={() => go(at + 1)}
					testID={`${testID}-after`}
				/>
			</Box>
			{saysItself ? null : (
				<Words strong role="status" aria-live="polite" testID={`${testID}-point`}>
					{points[at] ?? ''}
				</Words>
			)}
			{acts?.(at)}
			<AsTable label={label} table={table} testID={testID} />
		</Box>
	);
}

const useStyles = makeStyles(() => ({
	// A point that stands alone has none before or after it.
	none: { display: 'none' },
	chart: { gap: GAP.s },
	picture: { display: 'flex', maxWidth: '100%', ...({ cursor: 'pointer' } as object), borderRadius: CORNER },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
}));
