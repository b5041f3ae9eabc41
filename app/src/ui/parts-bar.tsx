import { stackedBars } from '@tidy-sum/exchange/charts';
import Svg, { Rect } from 'react-native-svg';
import { Box } from './box';

/** A part of a bar: how many, and in which colour. */
export type BarPart = { readonly name: string; readonly count: number; readonly colour: string };

type Props = {
	readonly parts: readonly BarPart[];
	/** How many fill the whole width. */
	readonly most: number;
	readonly height: number;
	/** The same in words. */
	readonly says: string;
};

const WIDTH = 280;
/** What keeps the parts of a bar apart where their colours are close, in pixels. */
const GAP_BETWEEN = 1.5;

/** Counts as a bar of parts, one behind the other; a screen reader has it in words. */
export function PartsBar({ parts, most, height, says }: Props) {
	const counts = parts.map(({ count }) => count);
	const width = (WIDTH * counts.reduce((sum, count) => sum + count, 0)) / Math.max(1, most);
	const [bar] = stackedBars([{ label: '', counts }], { width, row: height }).bars;
	return (
		<Box role="img" aria-label={says} style={{ maxWidth: '100%' }}>
			<Svg width={WIDTH} height={height} viewBox={`0 0 ${WIDTH} ${height}`} style={{ maxWidth: '100%' }}>
				{bar?.parts.map(({ x, width: wide, count }, i) =>
					count ? (
						<Rect
							key={parts[i]?.name}
							x={x}
							y={bar.y}
							width={Math.max(1, wide - GAP_BETWEEN)}
							height={bar.height}
							fill={parts[i]?.colour}
						/>
					) : null,
				)}
			</Svg>
		</Box>
	);
}
