import { BOOK, check } from '@tidy-sum/core';
import { useAppSelector } from '../../store/store';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box, Touch } from '../../ui/box';
import { Panel } from '../../ui/panel';
import { Words } from '../../ui/words';
import { chainOf, type Work, workOf } from '../work';
import type { WorksState } from '../works-slice';

type Props = { readonly current: string; readonly onOpen: (name: string) => void; readonly onClose?: () => void };

/** How far an exercise is, in a word. */
function stateOf(exercise: (typeof BOOK)[number], works: WorksState): string {
	const entry = works.byId[works.open[exercise.name] ?? ''];
	const work: Work | null = entry ? workOf(entry.body) : null;
	if (!work || (!work.blocks.length && !work.answer)) return 'not begun';
	if (!work.checked) return 'begun';
	const made = check(exercise, work.answer, chainOf(exercise, work.blocks));
	if (!made.ok || !made.value.right) return work.shown ? 'line was shown' : 'checked, not right yet';
	return work.shown ? 'right, line was shown' : 'right';
}

/** The exercises to choose from, each with how far it is. */
export function BookPanel({ current, onOpen, onClose }: Props) {
	const styles = useStyles();
	const works = useAppSelector((state) => state.works);
	return (
		<Panel title="Exercises" testID="book" {...(onClose ? { onClose } : {})}>
			<Box role="list">
				{BOOK.map((exercise) => (
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
									{exercise.trains}
								</Words>
							</Box>
							<Words size="small" style={styles.state}>
								{stateOf(exercise, works)}
							</Words>
						</Touch>
					</Box>
				))}
			</Box>
		</Panel>
	);
}

const useStyles = makeStyles((palette) => ({
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
