import { useState } from 'react';
import createElement from 'react-native-web/dist/exports/createElement';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import { Notice } from '../ui/notice';
import { Words } from '../ui/words';
import type { Doubt } from './doubts';
import type { Pages } from './use-pages';
import * as words from './words';

/** A word that was hard to read: the piece of the picture, what it was read as, and a field to change it. */
function DoubtRow({
	read,
	strip,
	onRight,
	onChange,
}: {
	readonly read: string;
	readonly strip: string | null;
	readonly onRight: () => void;
	readonly onChange: (text: string) => void;
}) {
	const styles = useStyles();
	const [typed, setTyped] = useState(read);
	const isChanged = typed.trim() !== '' && typed.trim() !== read;
	const done = () => (isChanged ? onChange(typed.trim()) : onRight());
	return (
		<Box role="listitem" style={styles.doubt}>
			{strip ? createElement('img', { src: strip, alt: words.onThePicture, style: styles.strip }) : null}
			<Box style={styles.row}>
				<Box style={styles.field}>
					<Field
						label={words.readAs(read)}
						named
						value={typed}
						onChange={setTyped}
						onSubmit={done}
						testID={`doubt-${read}`}
					/>
				</Box>
				<Button label={isChanged ? words.change : words.itIsRight} say={read} onPress={done} />
			</Box>
		</Box>
	);
}

type Props = {
	readonly pages: Pages;
	readonly text: string;
	/** Puts another text into the field. */
	readonly onText: (text: string) => void;
};

/** How far a picture, a PDF or a Word file is read; then the words of it that were hard to read, to be looked at. */
export function PagesDraft({ pages: { soFar, said, doubts, stop, settle }, text, onText }: Props) {
	const styles = useStyles();
	const change = ({ at: [from, to] }: Doubt, typed: string) => onText(text.slice(0, from) + typed + text.slice(to));
	return (
		<>
			{soFar ? (
				<Box style={styles.reading} role="group" aria-label={words.readingThePage} testID="pages-reading">
					<Words strong role="status" aria-live="polite">
						{soFar.files > 1
							? words.readingFile(soFar.file + 1, soFar.files)
							: words.readingPage(Math.min(soFar.done + 1, soFar.of), soFar.of)}
					</Words>
					<Words size="small" tone="soft">
						{words.firstTimeItFetches}
					</Words>
					{soFar.text ? <Words size="small">{soFar.text.slice(-160)}</Words> : null}
					<Box style={styles.row}>
						<Button label={words.stop} say={words.readingThePage} onPress={stop} testID="pages-stop" />
					</Box>
				</Box>
			) : null}
			{said ? <Notice testID="pages-notice">{said}</Notice> : null}
			{doubts.length ? (
				<Box style={styles.reading} role="group" aria-label={words.checkAgainstThePicture} testID="doubts">
					<Words strong role="status" aria-live="polite">
						{words.checkAgainstThePicture}
					</Words>
					<Words size="small">{words.wordsToCheck(doubts.length)}</Words>
					<Box role="list" style={styles.list}>
						{doubts.map((doubt) => (
							<DoubtRow
								key={doubt.id}
								read={text.slice(...doubt.at)}
								strip={doubt.strip}
								onRight={() => settle(doubt)}
								onChange={(typed) => change(doubt, typed)}
							/>
						))}
					</Box>
					{doubts.length > 1 ? (
						<Box style={styles.row}>
							<Button label={words.allAreRight} onPress={() => settle()} testID="doubts-right" />
						</Box>
					) : null}
				</Box>
			) : null}
		</>
	);
}

const useStyles = makeStyles((palette) => ({
	reading: {
		gap: GAP.s,
		padding: GAP.m,
		borderLeftWidth: 4,
		borderLeftColor: palette.pine,
		backgroundColor: palette.panel,
	},
	list: { gap: GAP.m },
	doubt: { gap: GAP.s },
	row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: GAP.s },
	// At a large size of text it is as wide as the page and no wider.
	field: { flexGrow: 1, flexShrink: 1, flexBasis: 160, minWidth: 0, maxWidth: '100%' },
	strip: {
		...({ maxWidth: '100%', height: 56, objectFit: 'contain', objectPosition: 'left' } as object),
		alignSelf: 'flex-start',
	},
}));
