import { type ClipboardEvent, type DragEvent, memo, useEffect, useMemo, useRef, useState } from 'react';
import { TextInput } from 'react-native';
import createElement from 'react-native-web/dist/exports/createElement';
import { CORNER, FONT, GAP, SIZE } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Words } from '../ui/words';
import { type Place, type Token, tokensBefore } from './tokens';
import * as words from './words';

type Props = {
	/** The text it begins with, and how often it came from elsewhere. */
	readonly text: string;
	readonly turn: number;
	readonly onText: (text: string) => void;
	/** Called with files that were dropped or pasted. */
	readonly onFiles: (files: readonly File[]) => void;
	/** The marks, in the text as it was read; empty if the text is too long to be marked. */
	readonly tokens: readonly Token[];
	readonly read: string;
	/** Whether the field keeps to a part of the page, as for a whole sheet; it grows with its text otherwise. */
	readonly low: boolean;
	/** Told what was touched or chosen in the text: a place, or a stretch of it. */
	readonly onTouch: (from: number, to: number) => void;
};

type Piece = { readonly text: string; readonly from: number; readonly place: Place | undefined };

/** The text cut at its tokens. No piece is empty, so each begins at another place. */
function piecesOf(text: string, tokens: readonly Token[]): readonly Piece[] {
	const pieces: Piece[] = [];
	let from = 0;
	for (const { at, place } of tokens) {
		if (at[0] < from || at[1] > text.length) continue;
		pieces.push({ text: text.slice(from, at[0]), from, place: undefined });
		pieces.push({ text: text.slice(at[0], at[1]), from: at[0], place });
		from = at[1];
	}
	return [...pieces, { text: text.slice(from), from, place: undefined }].filter((piece) => piece.text !== '');
}

/** Up to how many characters the marks go along with every key. */
const LIVE_LIMIT = 1200;

/** A piece of the text behind the field, drawn again only when it changes: a key changes one of them. */
const Mark = memo(function Mark({ text, place }: Piece) {
	const styles = useStyles();
	return createElement('span', { style: place === undefined ? null : styles[place ?? 'open'], children: text });
});

/**
 * One field to type or paste into. What was read of the text is marked behind it: a firm line under the start, a
 * broken one under a fact, one through what is not needed, a double one under what is wanted.
 */
export function MarkedField(props: Props) {
	const { turn, onText, onFiles, tokens, read, low, onTouch } = props;
	const styles = useStyles();
	const palette = usePalette();
	const field = useRef<TextInput>(null);
	// The field itself holds what is typed; a text from elsewhere replaces it.
	const [text, setText] = useState(props.text);
	const marks = useRef<HTMLElement>(null);
	const isLong = props.text.length > LIVE_LIMIT;
	const type = (next: string) => {
		// In a long text the marks wait for a pause, so that no key is slowed; until then they are not shown.
		if (isLong || next.length > LIVE_LIMIT) marks.current?.style.setProperty('opacity', '0');
		else setText(next);
		onText(next);
	};
	useEffect(() => {
		if (!isLong) setText(props.text);
	}, [props.text, isLong]);
	const touched = () => {
		const { selectionStart = 0, selectionEnd = 0 } = (field.current as unknown as HTMLTextAreaElement | null) ?? {};
		onTouch(selectionStart, selectionEnd);
	};
	const behind = isLong ? read : text;
	const pieces = useMemo(
		() =>
			low
				? []
				: piecesOf(behind, tokensBefore(tokens, read, behind)).map((piece) => <Mark key={piece.from} {...piece} />),
		[low, behind, tokens, read],
	);
	// The marks are shown again as soon as they are redrawn.
	useEffect(() => {
		if (pieces) marks.current?.style.removeProperty('opacity');
	}, [pieces]);
	return (
		<Box>
			<Words size="small" tone="soft" aria-hidden>
				{words.aProblemAWholeSheetOrA}
			</Words>
			{createElement('div', {
				style: [styles.frame, low && styles.low],
				onClick: touched,
				onPaste: (event: ClipboardEvent) => {
					const files = [...event.clipboardData.files];
					if (event.clipboardData.getData('text') !== '' || !files.length) return;
					event.preventDefault();
					onFiles(files);
				},
				onDragOver: (event: DragEvent) => event.preventDefault(),
				onDrop: (event: DragEvent) => {
					const files = [...event.dataTransfer.files];
					if (!files.length) return;
					event.preventDefault();
					onFiles(files);
				},
				children: [
					createElement('div', {
						key: 'marks',
						ref: marks,
						'aria-hidden': true,
						style: [styles.text, styles.behind],
						testID: 'marks',
						// A last line that is empty is as tall as any.
						children: [...pieces, '\u200b'],
					}),
					<TextInput
						key={`field ${turn}`}
						ref={field}
						accessibilityLabel={words.aProblemAWholeSheetOrA}
						defaultValue={props.text}
						onChangeText={type}
						multiline
						autoCapitalize="none"
						autoCorrect={false}
						autoComplete="off"
						spellCheck={false}
						placeholder={words.aSledRunsAt}
						placeholderTextColor={palette.soft}
						style={[styles.text, styles.input, (low || isLong) && styles.scrolls]}
						testID="bring-text"
					/>,
				],
			})}
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	// Room for the ring of the focus, so that it does not cross the label.
	frame: { position: 'relative', minHeight: 110, marginTop: GAP.s },
	low: { height: 220 },
	scrolls: { ...({ overflow: 'auto' } as object) },
	text: {
		fontFamily: FONT.regular,
		fontSize: SIZE.body,
		lineHeight: 26,
		padding: GAP.m,
		borderWidth: 2,
		borderStyle: 'solid',
		borderRadius: CORNER,
		color: palette.ink,
		...({ whiteSpace: 'pre-wrap', overflowWrap: 'break-word', wordBreak: 'normal', boxSizing: 'border-box' } as object),
	},
	behind: { minHeight: 110, borderColor: 'transparent', ...({ color: 'transparent', userSelect: 'none' } as object) },
	input: {
		position: 'absolute',
		top: 0,
		left: 0,
		width: '100%',
		height: '100%',
		borderColor: palette.edge,
		backgroundColor: 'transparent',
		...({ overflow: 'hidden', resize: 'none' } as object),
	},
	start: {
		backgroundColor: palette.pineWash,
		textDecorationLine: 'underline',
		textDecorationColor: palette.pine,
		textDecorationStyle: 'solid',
	},
	fact: {
		backgroundColor: palette.panel,
		textDecorationLine: 'underline',
		textDecorationColor: palette.edge,
		textDecorationStyle: 'dashed',
	},
	spare: { textDecorationLine: 'line-through', textDecorationColor: palette.edge, textDecorationStyle: 'solid' },
	open: {
		backgroundColor: palette.apricot,
		textDecorationLine: 'underline',
		textDecorationColor: palette.apricotEdge,
		textDecorationStyle: 'dotted',
	},
	wanted: {
		backgroundColor: palette.pineWash,
		textDecorationLine: 'underline',
		textDecorationColor: palette.pine,
		textDecorationStyle: 'double',
	},
	rounding: {
		textDecorationLine: 'underline',
		textDecorationColor: palette.edge,
		textDecorationStyle: 'dotted',
	},
}));
