import { __iconData as Take } from 'lucide-react-native/icons/download';
import { useAppDispatch, useAppSelector } from '../store/store';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { saveFile } from '../ui/save-file';
import { Words } from '../ui/words';
import { QUERIES } from '../work/list-names';
import { queriesIn, queriesText } from '../work/queries';
import { did } from '../work/works-reducer';
import * as words from './words';

const FILE = 'answers-i-think-are-right.jsonl';

/** The answers that the check did not find right and the student thinks are, as a list and as a file; nothing where there are none. */
export function QueriesPart() {
	const styles = useStyles();
	const dispatch = useAppDispatch();
	const queries = useAppSelector(({ works }) => queriesIn(works));
	if (!queries.length) return null;
	return (
		<Box style={styles.part} role="group" aria-label={words.answersIThinkAreRight}>
			<Words strong size="title" role="heading" aria-level={2}>
				{words.answersIThinkAreRight}
			</Words>
			<Box role="list" style={styles.part}>
				{queries.map(({ id, queried: { title, answer } }) => (
					<Box key={id} role="listitem" style={styles.row}>
						<Words style={styles.words}>{`${title}: ${answer}`}</Words>
						<Button
							label={words.remove}
							say={`${title}, ${answer}`}
							onPress={() => dispatch(did(QUERIES, { do: 'unquery', id }))}
						/>
					</Box>
				))}
			</Box>
			<Box style={styles.row}>
				<Button
					label={words.saveThemAsAFile}
					icon={Take}
					onPress={() => saveFile(queriesText(queries), FILE, 'application/jsonl')}
				/>
			</Box>
			<Words size="small" tone="soft">
				{words.forYourTeacherOrForThe}
			</Words>
		</Box>
	);
}

const useStyles = makeStyles(() => ({
	part: { gap: GAP.m },
	row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.s },
	words: { flex: 1, minWidth: 160 },
}));
