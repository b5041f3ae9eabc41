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
/** How much of its height a bar leaves free above and below. */
const PADDING = 0.2;
/** What keeps the parts of a bar apart where their colours are close, in pixels. */
const GAP_BETWEEN = 1.5;

/** Counts as a bar of parts, one behind the other; a screen reader has it in words. */
export function PartsBar({ parts, most, height, says }: Props) {
	// One count is so many pixels wide: no scale is needed, and none of its script where a bar is all there is to draw.
	const unit = WIDTH / Math.max(1, most);
	let from = 0;
	return (
		<Box role="img" aria-label={says} style={{ maxWidth: '100%' }}>
			<Svg width={WIDTH} height={height} viewBox={`0 0 ${WIDTH} ${height}`} style={{ maxWidth: '100%' }}>
				{parts.map(({ name, count, colour }) => {
					const x = from;
					from += count * unit;
					return count ? (
						<Rect
							key={name}
							x={x}
							y={PADDING * height}
							width={Math.max(1, count * unit - GAP_BETWEEN)}
							height={(1 - 2 * PADDING) * height}
							fill={colour}
						/>
					) : null;
				})}
			</Svg>
		</Box>
	);
}
