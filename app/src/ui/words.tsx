import { Children, type ReactNode } from 'react';
import { type Role, Text, type TextProps } from 'react-native';
import { FONT, type Palette, SIZE } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';

type Tone = 'ink' | 'soft' | 'pine' | 'onPine' | 'onApricot' | 'look';

type Props = TextProps & {
	readonly children: ReactNode;
	readonly size?: keyof typeof SIZE;
	readonly tone?: Tone;
	readonly strong?: boolean;
	/** Digits of one width, for columns and for what is typed. */
	readonly mono?: boolean;
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
function raised(children: ReactNode, fontSize: number): ReactNode {
	return Children.map(children, (child) => {
		if (typeof child !== 'string' || !SUPERSCRIPT.test(child)) return child;
		return child.split(SUPERSCRIPT).map((piece, i) =>
			i % 2 === 0 ? (
				piece
			) : (
				<Text
					// biome-ignore lint/suspicious/noArrayIndexKey: the pieces of a fixed text never move.
					key={i}
					role={'superscript' as Role}
					style={{
						fontSize: Math.round(fontSize * 0.7),
						lineHeight: fontSize,
						position: 'relative',
						top: -fontSize * 0.35,
					}}
				>
					{[...piece].map((c) => PLAIN[c] ?? c).join('')}
				</Text>
			),
		);
	});
}

/** All text of the app: the shipped faces, a size and a tone of the theme. */
export function Words({ children, size = 'body', tone = 'ink', strong, mono, style, ...rest }: Props) {
	const palette: Palette = usePalette();
	const fontSize = SIZE[size];
	return (
		<Text
			{...rest}
			style={[
				{
					color: palette[tone],
					fontFamily: mono ? FONT.mono : strong ? FONT.strong : FONT.regular,
					fontSize,
					lineHeight: Math.round(fontSize * LINE_HEIGHT),
				},
				style,
			]}
		>
			{raised(children, fontSize)}
		</Text>
	);
}
