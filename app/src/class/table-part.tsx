import { slipNamed } from '@tidy-sum/core/practice';
import { type ClassCell, type ClassRow, classExercises, classTable } from '@tidy-sum/core/record';
import type { KeptTry } from '@tidy-sum/schema';
import type { ClassView } from '@tidy-sum/schema/class';
import type { Handed } from '@tidy-sum/schema/handed';
import { useMemo, useState } from 'react';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Choices } from '../ui/choices';
import { Fold } from '../ui/fold';
import { LinkRow } from '../ui/link-row';
import { Part } from '../ui/part';
import { type SocketState, Sockets } from '../ui/sockets';
import { Words } from '../ui/words';
import { firstWords } from '../work/first-words';
import { SeatView } from './seat-view';
import { type ClassHere, useProblems, useSeatNames } from './use-class';
import * as words from './words';

type Row = ClassRow<KeptTry>;
type Sort = (typeof words.SORTS)[number]['value'];

/** The socket of a cell of the table. */
function socketOfCell({ went }: ClassCell): SocketState {
	if (went === 'untouched') return 'to-come';
	return went === 'not-yet' ? 'look' : 'filled';
}

const ORDERS: { readonly [S in Sort]: (a: Row, b: Row, called: (seat: string) => string) => number } = {
	seat: () => 0,
	name: (a, b, called) => called(a.seat).localeCompare(called(b.seat)),
	lost: (a, b) => b.lost - a.lost || a.right - b.right,
};

/** Each exercise with how it went in the class, what was lost most first. */
function ByExercise({ rows, titles }: { readonly rows: readonly Row[]; readonly titles: readonly string[] }) {
	const styles = useStyles();
	return (
		<Fold title={words.byExercise} says={words.mostLostFirst} testID="class-by-exercise">
			<Box role="list" style={styles.list}>
				{classExercises(rows, titles.length).map(({ problem, right, lost, blank, slip }) => (
					<Box key={problem} role="listitem">
						<Words strong>{titles[problem]}</Words>
						<Words size="small">
							{words.exerciseSays(right, lost, blank, slip ? (slipNamed(slip)?.title ?? '') : '')}
						</Words>
					</Box>
				))}
			</Box>
		</Fold>
	);
}

/** What each exercise of a set is called. */
function titlesOf(problems: Handed['problems'], count: number): readonly string[] {
	return Array.from({ length: count }, (_, i) => {
		const { label, text } = problems[i] ?? { label: null, text: '' };
		return words.exerciseCalled(label ?? `${i + 1}`, firstWords(text));
	});
}

type Props = { readonly here: ClassHere; readonly view: ClassView; readonly id: string };

/** The table of a sheet that was handed out: a row of sockets for each seat, and behind it every answer with its line. */
export function TablePart({ here, view, id }: Props) {
	const [chosen, setHanded] = useState<string | null>(null);
	const [sort, setSort] = useState<Sort>('seat');
	const [seat, setSeat] = useState<string | null>(null);
	const [names, writeName] = useSeatNames(id);
	const { seats, handed } = view;
	const set = handed.find((one) => one.id === chosen) ?? handed.at(-1);
	const saysOf = new Map(seats.map(({ id: of, says }) => [of, says]));
	const called = (of: string) => words.seatWithName(saysOf.get(of) ?? '', names[of] ?? '');
	const rows = useMemo(
		() =>
			classTable(
				seats.map((one) => one.id),
				set?.count ?? 0,
				here.tries.filter((one) => one.handed === set?.id),
			),
		[seats, set, here.tries],
	);
	const problems = useProblems(here.server, set?.id);
	const titles = useMemo(() => titlesOf(problems, set?.count ?? 0), [problems, set]);
	if (!seats.length) return <Part title={words.theTable}>{<Words>{words.nobodyHasJoined}</Words>}</Part>;
	const open = rows.find((row) => row.seat === seat);
	if (open && set)
		return (
			<SeatView
				here={here}
				row={open}
				titles={titles}
				says={saysOf.get(open.seat) ?? ''}
				name={names[open.seat] ?? ''}
				onName={(text) => writeName(open.seat, text)}
				onClose={() => setSeat(null)}
			/>
		);
	const byName = (of: string) => names[of] || (saysOf.get(of) ?? '');
	const sorted = [...rows].sort((a, b) => ORDERS[sort](a, b, byName));
	return (
		<Part title={words.theTable} testID="class-table">
			{handed.length > 1 ? (
				<Choices
					label={words.handedOut}
					choices={handed.map(({ id: value, title }) => ({ value, label: title }))}
					chosen={set?.id ?? null}
					onChoose={setHanded}
					testID="class-set"
				/>
			) : null}
			{set ? null : <Words>{words.handOutFirst}</Words>}
			<Choices label={words.sortBy} choices={words.SORTS} chosen={sort} onChoose={setSort} testID="class-sort" />
			<Box role="list" testID="class-rows">
				{sorted.map((row) => {
					const says = set ? words.rowSays(row.right, row.atOnce, row.lost, set.count) : '';
					return (
						<LinkRow
							key={row.seat}
							title={called(row.seat)}
							says={says}
							onOpen={() => setSeat(row.seat)}
							testID={`row-${row.seat}`}
						>
							{set ? <Sockets states={row.cells.map(socketOfCell)} says={says} /> : null}
						</LinkRow>
					);
				})}
			</Box>
			{set ? <ByExercise rows={rows} titles={titles} /> : null}
		</Part>
	);
}

const useStyles = makeStyles(() => ({ list: { gap: GAP.m } }));
