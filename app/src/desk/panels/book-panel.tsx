import { BOOK, type BookExercise, CHAPTERS } from '@tidy-sum/core';
import { useAppSelector } from '../../store/store';
import { useFollowing } from '../../store/use-following';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box, Touch } from '../../ui/box';
import { Button } from '../../ui/button';
import { Words } from '../../ui/words';
import { broughtIn, pathOf, titleNamed } from '../../work/brought';
import { howFar, isBegun, SAYS_HOW_FAR, workNamed } from '../../work/how-far';
import { PanelFrame } from '../panel-frame';
import type { PanelProps } from '../panel-row';

declare module '../../work/panel-slice' {
	interface Panels {
		readonly book: object;
	}
}

/** How many of what was brought stand here; the rest is listed where problems are brought. */
const OWN_SHOWN = 6;

/** The exercises to choose from, kind by kind, each with how far it is; what is open on the Desk comes first. */
export function BookPanel({ view, acts }: PanelProps<'book'>) {
	const current = view.exercise.name;
	const { among } = useFollowing(current);
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
					{SAYS_HOW_FAR[howFar(exercise, workNamed(works, exercise.name))]}
				</Words>
			</Touch>
		</Box>
	);
	const own = broughtIn(works)
		.slice(0, OWN_SHOWN)
		.map((name) => ({ name, path: pathOf(name), title: titleNamed(works, name) }));
	const begun = BOOK.filter((exercise) => {
		const work = workNamed(works, exercise.name);
		return isBegun(exercise.name, work) && !work.checked;
	}).map(({ name, title }) => ({ name, path: `/desk/${name}`, title }));
	const onDesk = begun.length + own.length;
	return (
		<PanelFrame>
			<Box style={styles.row}>
				{among ? (
					<Button label={among.label} kind="strong" onPress={() => acts.go(among.path)} testID="to-round" />
				) : null}
				<Button label="Rounds" say="of fresh exercises" onPress={() => acts.go('/rounds')} testID="to-rounds" />
				<Button label="Bring a problem" onPress={acts.onBring} testID="new-own" />
			</Box>
			{onDesk ? (
				<Box style={styles.chapter}>
					<Words size="small" tone="soft" role="heading" aria-level={3}>
						Open on the Desk
					</Words>
					<Box style={styles.row} testID="on-desk">
						{[...own, ...begun].map(({ name, path, title }) => (
							<Button
								key={name}
								label={title}
								on={name === current}
								onPress={() => acts.go(path)}
								testID={`go-on-${name}`}
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
