import { type ClipboardEvent, type DragEvent, useRef, useState } from 'react';
import { TextInput } from 'react-native';
import createElement from 'react-native-web/dist/exports/createElement';
import { FONT, GAP, SIZE } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Words } from '../ui/words';
import type { Place, Token } from './tokens';

type Props = {
	readonly text: string;
	readonly onText: (text: string) => void;
	/** What is marked in it; none where it is too long to be marked. */
	readonly tokens: readonly Token[];
	/** Whether the field keeps to a part of the page, as for a whole sheet; it grows with its text otherwise. */
	readonly low: boolean;
	/** Told what was touched or chosen in the text: a place, or a stretch of it. */
	readonly onTouch: (from: number, to: number) => void;
};

type Piece = { readonly text: string; readonly from: number; readonly place: Place | undefined };

/** The text cut at its tokens. */
function piecesOf(text: string, tokens: readonly Token[]): readonly Piece[] {
	const pieces: Piece[] = [];
	let from = 0;
	for (const { at, place } of tokens) {
		if (at[0] < from || at[1] > text.length) continue;
		pieces.push({ text: text.slice(from, at[0]), from, place: undefined });
		pieces.push({ text: text.slice(at[0], at[1]), from: at[0], place });
		from = at[1];
	}
	return [...pieces, { text: text.slice(from), from, place: undefined }];
}

/** Reads a text file that was dropped or chosen. */
export async function textOfFile(file: File): Promise<string | null> {
	const isText =
		file.type.startsWith('text/') || file.type === 'application/json' || /\.(?:txt|json|md)$/i.test(file.name);
	return isText ? file.text() : null;
}

const NO_TEXT = 'A picture cannot be read here. Type the problem, or paste its words.';

/**
 * One field to type or paste into. What was read of the text lies behind it as marks: a firm line under the start, a
 * broken one under a fact, one through what is not needed, a double one under what is wanted.
 */
export function MarkedField({ text, onText, tokens, low, onTouch }: Props) {
	const styles = useStyles();
	const palette = usePalette();
	const field = useRef<TextInput>(null);
	const [said, setSaid] = useState('');
	const touched = () => {
		const { selectionStart = 0, selectionEnd = 0 } = (field.current as unknown as HTMLTextAreaElement | null) ?? {};
		onTouch(selectionStart, selectionEnd);
	};
	const takeFile = async (file: File) => {
		const read = await textOfFile(file);
		if (read === null) setSaid(NO_TEXT);
		else onText(read);
	};
	const pieces = piecesOf(text, tokens).map(({ text: piece, from, place }) =>
		createElement('span', {
			key: `${from} ${place}`,
			style: place === undefined ? null : styles[place ?? 'open'],
			children: piece,
		}),
	);
	return (
		<Box>
			<Words size="small" tone="soft" aria-hidden>
				A problem, a whole sheet, or a written working
			</Words>
			{createElement('div', {
				style: [styles.frame, low && styles.low],
				onClick: touched,
				onPaste: (event: ClipboardEvent) => {
					const hasText = event.clipboardData.getData('text') !== '';
					setSaid(!hasText && event.clipboardData.files.length ? NO_TEXT : '');
				},
				onDragOver: (event: DragEvent) => event.preventDefault(),
				onDrop: (event: DragEvent) => {
					const [file] = event.dataTransfer.files;
					if (!file) return;
					event.preventDefault();
					void takeFile(file);
				},
				children: [
					createElement('div', {
						key: 'marks',
						'aria-hidden': true,
						style: [styles.text, styles.behind],
						testID: 'marks',
						// A last line that is empty is as tall as any.
						children: low ? '\u200b' : [...pieces, '\u200b'],
					}),
					<TextInput
						key="field"
						ref={field}
						accessibilityLabel="A problem, a whole sheet, or a written working"
						value={text}
						onChangeText={onText}
						multiline
						autoCapitalize="none"
						autoCorrect={false}
						autoComplete="off"
						spellCheck={false}
						placeholder="A sled with 44.0 kg on it runs at 3.6 m/s. What is that in km/h?"
						placeholderTextColor={palette.soft}
						style={[styles.text, styles.input, low && styles.scrolls]}
						testID="bring-text"
					/>,
				],
			})}
			{said ? (
				<Words tone="look" role="status" aria-live="polite">
					{said}
				</Words>
			) : null}
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	frame: { position: 'relative', minHeight: 110 },
	low: { height: 220 },
	scrolls: { ...({ overflow: 'auto' } as object) },
	text: {
		fontFamily: FONT.regular,
		fontSize: SIZE.body,
		lineHeight: 26,
		padding: GAP.m,
		borderWidth: 2,
		borderStyle: 'solid',
		borderRadius: 8,
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
