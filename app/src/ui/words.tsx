import { type DecimalMark, inMark } from '@tidy-sum/core';
import { Children, createContext, type ReactNode, useContext } from 'react';
import { type Role, type StyleProp, StyleSheet, type TextStyle } from 'react-native';
import createElement from 'react-native-web/dist/exports/createElement';
import { FONT, SIZE } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { DecimalContext } from './decimal';

type Tone = 'ink' | 'soft' | 'pine' | 'onPine' | 'onApricot' | 'look';

type Props = {
	readonly children: ReactNode;
	readonly size?: keyof typeof SIZE;
	readonly tone?: Tone;
	readonly strong?: boolean;
	/** Digits of one width, for columns and for what is typed. */
	readonly mono?: boolean;
	readonly style?: StyleProp<TextStyle>;
	readonly role?: Role;
	readonly testID?: string;
	readonly 'aria-label'?: string;
	readonly 'aria-hidden'?: boolean;
	readonly 'aria-level'?: number;
	readonly 'aria-live'?: 'polite' | 'assertive' | 'off';
};

const LINE_HEIGHT = 1.4;

const SUPERSCRIPT = /([⁺⁻⁰¹²³⁴⁵⁶⁷⁸⁹ⁿ]+)/;
const PLAIN: Readonly<Record<string, string>> = {
	'⁻': '−',
	'⁺': '+',
	ⁿ: 'n',
	'⁰': '0',
	'¹': '1',
	'²': '2',
	'³': '3',
	'⁴': '4',
	'⁵': '5',
	'⁶': '6',
	'⁷': '7',
	'⁸': '8',
	'⁹': '9',
};

/** The shipped faces have few superscript characters, so raised figures are set as small figures, raised. */
function raised(children: ReactNode, size: keyof typeof SIZE): ReactNode {
	return Children.map(children, (child) => {
		if (typeof child !== 'string' || !SUPERSCRIPT.test(child)) return child;
		return child.split(SUPERSCRIPT).map((piece, i) =>
			i % 2 === 0
				? piece
				: createElement('span', {
						key: i,
						role: 'superscript',
						style: [plain.inside, plain[`${size}Raised`]],
						children: [...piece].map((c) => PLAIN[c] ?? c).join(''),
					}),
		);
	});
}

/** The same with numbers in the decimal mark that is in force. */
function marked(children: ReactNode, mark: DecimalMark): ReactNode {
	if (mark === 'point') return children;
	return Children.map(children, (child) => (typeof child === 'string' ? inMark(child, mark) : child));
}

/** Whether words stand inside other words, and so run on in their line. */
const Inside = createContext(false);

/**
 * All text of the app: the shipped faces, a size and a tone of the theme. Set as a plain element: text is
 * most of what a touch draws anew, and a Text brings each piece layout events and responders it never uses.
 */
export function Words({ children, size = 'body', tone = 'ink', strong, mono, style, ...rest }: Props) {
	const tones = useTones();
	const inside = useContext(Inside);
	const mark = useContext(DecimalContext);
	const element = createElement(inside ? 'span' : 'div', {
		...rest,
		style: [
			inside ? plain.inside : plain.words,
			plain[size],
			tones[tone],
			mono ? plain.mono : strong ? plain.strong : plain.regular,
			style,
		],
		children: raised(marked(children, mark), size),
	});
	const nests = !inside && Children.toArray(children).some((child) => typeof child === 'object');
	return nests ? <Inside value={true}>{element}</Inside> : element;
}

function sized(fontSize: number): TextStyle {
	return { fontSize, lineHeight: Math.round(fontSize * LINE_HEIGHT) };
}

function raisedIn(fontSize: number): TextStyle {
	return { fontSize: Math.round(fontSize * 0.7), lineHeight: fontSize, top: -fontSize * 0.35 };
}

const RUN = { margin: 0, padding: 0, borderWidth: 0, borderStyle: 'solid', boxSizing: 'border-box' } as const;

const plain = StyleSheet.create({
	words: {
		...RUN,
		...({ display: 'inline' } as object),
		textAlign: 'left',
		textDecorationLine: 'none',
		...({ whiteSpace: 'pre-wrap', wordWrap: 'break-word' } as object),
	},
	inside: { ...RUN, position: 'relative', ...({ display: 'inline' } as object) },
	regular: { fontFamily: FONT.regular, fontWeight: 'normal' },
	strong: { fontFamily: FONT.strong, fontWeight: '600' },
	mono: { fontFamily: FONT.mono, fontWeight: 'normal' },
	small: sized(SIZE.small),
	body: sized(SIZE.body),
	title: sized(SIZE.title),
	page: sized(SIZE.page),
	large: sized(SIZE.large),
	smallRaised: raisedIn(SIZE.small),
	bodyRaised: raisedIn(SIZE.body),
	titleRaised: raisedIn(SIZE.title),
	pageRaised: raisedIn(SIZE.page),
	largeRaised: raisedIn(SIZE.large),
});

const useTones = makeStyles((palette) => ({
	ink: { color: palette.ink },
	soft: { color: palette.soft },
	pine: { color: palette.pine },
	onPine: { color: palette.onPine },
	onApricot: { color: palette.onApricot },
	look: { color: palette.look },
}));
