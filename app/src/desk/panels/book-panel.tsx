import { BOOK, type BookExercise, CHAPTERS } from '@tidy-sum/core';
import { useAppSelector } from '../../store/store';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box, Touch } from '../../ui/box';
import { Button } from '../../ui/button';
import { Words } from '../../ui/words';
import { isOwn, ownExercise } from '../../work/exercises';
import { followingOf } from '../../work/following';
import { chainOf } from '../../work/line-of-work';
import { verdictOf } from '../../work/sent';
import { type Work, workOf } from '../../work/work';
import type { WorksState } from '../../work/works-slice';
import { PanelFrame } from '../panel-frame';
import type { PanelProps } from '../panel-row';

declare module '../../work/panel-slice' {
	interface Panels {
		readonly book: object;
	}
}

function workIn(works: WorksState, name: string): Work | null {
	const entry = works.byId[works.open[name] ?? ''];
	return entry ? workOf(entry.body) : null;
}

function isBegun(work: Work | null): work is Work {
	return work !== null && (work.blocks.length > 0 || work.answer !== '' || work.start !== null || work.text !== '');
}

/** How far an exercise is, in a word. */
function stateOf(exercise: BookExercise, work: Work | null): string {
	if (!isBegun(work)) return 'not begun';
	if (!work.checked) return 'begun';
	const judged = verdictOf(exercise, work, chainOf(exercise, work));
	const right = judged?.ok === true && judged.value.right;
	if (!right) return work.shown ? 'line was shown' : 'checked, not right yet';
	return work.shown ? 'right, line was shown' : 'right';
}

/** The exercises to choose from, kind by kind, each with how far it is; what is open on the Desk comes first. */
export function BookPanel({ view, acts }: PanelProps<'book'>) {
	const current = view.exercise.name;
	const { round } = followingOf(current);
	const onOpen = acts.open;
	const styles = useStyles();
	const works = useAppSelector((state) => state.works);
	const row = (exercise: BookExercise, about: string) => (
		<Box key={exercise.name} role="listitem" style={styles.item}>
			<Touch
				role="link"
				aria-current={exercise.name === current ? 'page' : undefined}
				onTouch={() => onOpen(exercise.name)}
				testID={`open-${exercise.name}`}
				style={[styles.exercise, exercise.name === current && styles.current]}
			>
				<Box style={styles.words}>
					<Words strong>{exercise.title}</Words>
					<Words size="small" tone="soft">
						{about}
					</Words>
				</Box>
				<Words size="small" style={styles.state}>
					{stateOf(exercise, workIn(works, exercise.name))}
				</Words>
			</Touch>
		</Box>
	);
	const own = Object.keys(works.open)
		.filter(isOwn)
		.flatMap((name) => {
			const work = workIn(works, name);
			return work ? ownExercise(name, work) : [];
		});
	const begun = BOOK.filter((exercise) => {
		const work = workIn(works, exercise.name);
		return isBegun(work) && !work.checked;
	});
	const onDesk = begun.length + own.length;
	return (
		<PanelFrame>
			<Box style={styles.row}>
				{round ? (
					<Button
						label="How this Round goes"
						kind="strong"
						onPress={() => acts.go(`/round/${round}`)}
						testID="to-round"
					/>
				) : null}
				<Button label="Rounds" say="of fresh exercises" onPress={() => acts.go('/rounds')} testID="to-rounds" />
				<Button label="A problem of my own" onPress={acts.onOwn} testID="new-own" />
			</Box>
			{onDesk ? (
				<Box style={styles.chapter}>
					<Words size="small" tone="soft" role="heading" aria-level={3}>
						Open on the Desk
					</Words>
					<Box style={styles.row} testID="on-desk">
						{[...own, ...begun].map((exercise) => (
							<Button
								key={exercise.name}
								label={isOwn(exercise.name) ? exercise.prompt.slice(0, 24) || 'My own' : exercise.title}
								on={exercise.name === current}
								onPress={() => onOpen(exercise.name)}
								testID={`go-on-${exercise.name}`}
							/>
						))}
					</Box>
				</Box>
			) : null}
			{CHAPTERS.map(({ title, exercises }) => (
				<Box key={title} style={styles.chapter}>
					<Words size="small" tone="soft" role="heading" aria-level={3}>
						{title}
					</Words>
					<Box role="list">{exercises.map((exercise) => row(exercise, exercise.trains))}</Box>
				</Box>
			))}
		</PanelFrame>
	);
}

const useStyles = makeStyles((palette) => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	chapter: { gap: GAP.xs },
	item: { borderBottomWidth: 1, borderBottomColor: palette.rule },
	exercise: {
		minHeight: 52,
		flexDirection: 'row',
		alignItems: 'center',
		gap: GAP.m,
		paddingVertical: GAP.s,
		paddingHorizontal: GAP.s,
	},
	current: { backgroundColor: palette.pineWash },
	words: { flex: 1 },
	state: { maxWidth: 110, textAlign: 'right' },
}));
