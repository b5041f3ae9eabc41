import { stackedBars } from '@tidy-sum/exchange/charts';
import { type AnswerWent, type Counts, countsOf, sayCounts, totalOf, WENT } from '@tidy-sum/exchange/report';
import Svg, { Rect } from 'react-native-svg';
import type { Palette } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Box } from '../ui/box';

const WIDTH = 280;
/** What keeps the parts of a bar apart where their colours are close, in pixels. */
const GAP_BETWEEN = 1.5;
const HEIGHT = 18;

/** The colour of each way an answer went; each is said in words beside it as well. */
function colourOf(palette: Palette, went: AnswerWent): string {
	return { right: palette.pine, nearly: palette.apricotEdge, wrong: palette.look, unread: palette.edge }[went];
}

/** How answers went, as a bar; `most` is how many fill the whole width. */
export function CountsBar({ counts, most }: { readonly counts: Counts; readonly most: number }) {
	const palette = usePalette();
	const width = (WIDTH * totalOf(counts)) / Math.max(1, most);
	const [bar] = stackedBars([{ label: '', counts: countsOf(counts) }], { width, row: HEIGHT }).bars;
	return (
		<Box role="img" aria-label={sayCounts(counts)} style={{ maxWidth: '100%' }}>
			<Svg width={WIDTH} height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} style={{ maxWidth: '100%' }}>
				{bar?.parts.map(({ x, width: wide, count }, i) =>
					count ? (
						<Rect
							key={WENT[i]}
							x={x}
							y={bar.y}
							width={Math.max(1, wide - GAP_BETWEEN)}
							height={bar.height}
							fill={colourOf(palette, WENT[i] as AnswerWent)}
						/>
					) : null,
				)}
			</Svg>
		</Box>
	);
}
