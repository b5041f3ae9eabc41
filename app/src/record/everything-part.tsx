import {
	createColumnHelper,
	getCoreRowModel,
	getFilteredRowModel,
	getPaginationRowModel,
	getSortedRowModel,
	type SortingState,
	useReactTable,
} from '@tanstack/react-table';
import { WENT, type Went, wentOf } from '@tidy-sum/core/practice';
import { skillOfName } from '@tidy-sum/core/record';
import { useRouter } from 'expo-router';
import { memo, useCallback, useDeferredValue, useMemo, useState } from 'react';
import { allWorks } from '../store/all-works';
import { useAppSelector, useAppStore } from '../store/store';
import { type Piece, usePieces } from '../store/use-pieces';
import { TakeWith } from '../taking/take-with';
import { tryForms } from '../taking/tries-taken';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Choices } from '../ui/choices';
import { DataTable } from '../ui/data-table';
import { dateText } from '../ui/dates';
import { Field } from '../ui/field';
import { Words } from '../ui/words';
import { titleOfWork } from '../work/title-of-work';
import type { WorksState } from '../work/works-reducer';
import { skillTitle } from './skill-title';
import { clockText } from './spread-bar';
import { WAYS_IT_WENT } from './went-bar';
import * as words from './words';

/** A piece of work that was sent to the check. */
type Done = {
	readonly id: string;
	readonly exercise: string;
	readonly title: string;
	readonly skill: string;
	readonly when: number;
	readonly went: Went;
	readonly tries: number;
	readonly seconds: number;
};

/** Everything that was sent to the check, a row for each piece of work. */
function doneIn(works: WorksState, pieces: readonly Piece[]): Done[] {
	return pieces.flatMap(({ id, exercise, tries = [] }) => {
		const last = tries.at(-1);
		if (!last) return [];
		return [
			{
				id,
				exercise,
				title: titleOfWork(works, exercise),
				skill: skillTitle(skillOfName(exercise)),
				when: last.when,
				went: wentOf(tries),
				tries: tries.length,
				seconds: tries.reduce((sum, one) => sum + one.seconds, 0),
			},
		];
	});
}

function sayWentOne(went: Went): string {
	return WAYS_IT_WENT.find(([of]) => of === went)?.[1] ?? '';
}

const column = createColumnHelper<Done>();

/** The columns, each with how it is said; all of them can be put in order. */
const COLUMNS = [
	column.accessor('title', { id: 'title', header: words.exercise }),
	column.accessor('when', { id: 'when', header: words.lastWorked, enableGlobalFilter: false }),
	column.accessor('skill', { id: 'skill', header: words.kind }),
	column.accessor(({ went }) => sayWentOne(went), { id: 'went', header: words.howItWent }),
	column.accessor('tries', { id: 'tries', header: words.tries, enableGlobalFilter: false }),
	column.accessor('seconds', { id: 'seconds', header: words.time, enableGlobalFilter: false }),
];

/** How it went, as one can choose by it. */
const HOW = [
	{ value: 'any', label: 'all', holds: WENT },
	{ value: 'at-once', label: words.rightAtOnce, holds: ['at-once'] },
	{ value: 'helped', label: words.withHelp, holds: ['after-nudge', 'uncovered', 'shown'] },
	{ value: 'after-try', label: words.afterAnotherTry, holds: ['after-try'] },
	{ value: 'not-yet', label: words.notYet, holds: ['not-yet'] },
] as const satisfies readonly { readonly value: string; readonly label: string; readonly holds: readonly Went[] }[];

/** How many rows stand on a page of the table. */
const ON_A_PAGE = 25;

type TableProps = {
	readonly data: Done[];
	/** How many there are in all. */
	readonly of: number;
	readonly search: string;
	readonly sorting: SortingState;
	readonly onSort: (at: number) => void;
};

/** The table itself, page by page. */
const DoneTable = memo(function DoneTable({ data, of, search, sorting, onSort }: TableProps) {
	const styles = useStyles();
	const router = useRouter();
	const table = useReactTable({
		data,
		columns: COLUMNS,
		state: { sorting, globalFilter: search },
		getRowId: ({ id }) => id,
		getCoreRowModel: getCoreRowModel(),
		getSortedRowModel: getSortedRowModel(),
		getFilteredRowModel: getFilteredRowModel(),
		getPaginationRowModel: getPaginationRowModel(),
		initialState: { pagination: { pageIndex: 0, pageSize: ON_A_PAGE } },
	});
	const [order] = sorting;
	const found = table.getFilteredRowModel().rows.length;
	const page = table.getState().pagination.pageIndex;
	const pages = Math.max(1, table.getPageCount());
	const by = COLUMNS.findIndex(({ id }) => id === order?.id);
	return (
		<>
			<Words size="small" role="status" aria-live="polite" testID="everything-says">
				{words.ofPiecesOfWork(found, of, pages, page + 1)}
			</Words>
			<DataTable
				label={words.allWorkThatWasChecked}
				heads={COLUMNS.map(({ header }) => `${header}`)}
				sort={{ by, down: order?.desc ?? false, onSort }}
				rows={table.getRowModel().rows.map(({ id, original: one }) => ({
					key: id,
					cells: [
						one.title,
						dateText(one.when),
						one.skill,
						sayWentOne(one.went),
						`${one.tries}`,
						clockText(one.seconds),
					],
					onOpen: () => router.navigate(`/desk/${one.exercise}`),
				}))}
				testID="everything"
			/>
			{pages > 1 ? (
				<Box style={styles.row}>
					<Button
						label={words.pageBefore}
						disabled={!table.getCanPreviousPage()}
						onPress={() => table.previousPage()}
						testID="page-before"
					/>
					<Button
						label={words.nextPage}
						disabled={!table.getCanNextPage()}
						onPress={() => table.nextPage()}
						testID="page-after"
					/>
				</Box>
			) : null}
		</>
	);
});

/** All work that was sent to the check, as a table: put in order, searched, chosen by how it went, and taken along. */
export function EverythingPart() {
	const works = useAppSelector((state) => state.works);
	const [search, setSearch] = useState('');
	const [how, setHow] = useState<(typeof HOW)[number]['value']>('any');
	const [sorting, setSorting] = useState<SortingState>([{ id: 'when', desc: true }]);
	const pieces = usePieces();
	const all = useMemo(() => doneIn(works, pieces ?? []), [works, pieces]);
	const store = useAppStore();
	const forms = useMemo(() => tryForms(() => allWorks(store)), [store]);
	// What is typed and touched is answered at once; the table follows.
	const [asked, sorted, sought] = [useDeferredValue(how), useDeferredValue(sorting), useDeferredValue(search)];
	const data = useMemo(() => {
		const holds: readonly Went[] = HOW.find(({ value }) => value === asked)?.holds ?? WENT;
		return all.filter(({ went }) => holds.includes(went));
	}, [all, asked]);
	const sort = useCallback((at: number) => {
		const id = COLUMNS[at]?.id ?? 'when';
		setSorting(([order]) => [{ id, desc: order?.id === id ? !order.desc : id === 'when' }]);
	}, []);
	return (
		<>
			<Field
				label={words.searchAllWork}
				named
				value={search}
				onChange={setSearch}
				placeholder={words.honeyRates}
				testID="everything-search"
			/>
			<Choices label={words.howItWent} choices={HOW} chosen={how} onChoose={setHow} testID="everything-how" />
			<DoneTable data={data} of={all.length} search={sought} sorting={sorted} onSort={sort} />
			<TakeWith forms={forms} />
		</>
	);
}

const useStyles = makeStyles(() => ({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s } }));
