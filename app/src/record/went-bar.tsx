import type { Went } from '@tidy-sum/core/practice';
import type { WentCounts } from '@tidy-sum/core/record';
import { stackedBars } from '@tidy-sum/exchange/charts';
import Svg, { Rect } from 'react-native-svg';
import type { Palette } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Box } from '../ui/box';

/** The ways an exercise can go, in the order they are drawn and said. */
export const SHOWN: readonly (readonly [Exclude<Went, 'untouched'>, string])[] = [
	['at-once', 'right at once'],
	['after-nudge', 'right after a nudge'],
	['uncovered', 'right with numbers uncovered'],
	['after-try', 'right after another try'],
	['shown', 'right once the line was shown'],
	['not-yet', 'not yet right'],
];

/** Counts in words: "8 right at once, 2 after another try"; none that is nothing. */
export function sayWent(counts: WentCounts): string {
	return SHOWN.flatMap(([went, says]) => (counts[went] ? [`${counts[went]} ${says}`] : [])).join(', ');
}

function coloursOf(palette: Palette): readonly string[] {
	return [palette.pine, palette.edge, palette.edge, palette.apricotEdge, palette.look, palette.look];
}

const WIDTH = 280;
/** What keeps the parts of a bar apart where their colours are close, in pixels. */
const GAP_BETWEEN = 1.5;
const HEIGHT = 16;

/** How exercises went as a bar; the same stands beside it in words. */
export function WentBar({ counts, most }: { readonly counts: WentCounts; readonly most: number }) {
	const palette = usePalette();
	const colours = coloursOf(palette);
	const each = SHOWN.map(([went]) => counts[went]);
	const width = (WIDTH * each.reduce((sum, count) => sum + count, 0)) / Math.max(1, most);
	const [bar] = stackedBars([{ label: '', counts: each }], { width, row: HEIGHT }).bars;
	return (
		<Box role="img" aria-label={sayWent(counts) || 'nothing'} style={{ maxWidth: '100%' }}>
			<Svg width={WIDTH} height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} style={{ maxWidth: '100%' }}>
				{bar?.parts.map(({ x, width: wide, count }, i) =>
					count ? (
						<Rect
							key={SHOWN[i]?.[0]}
							x={x}
							y={bar.y}
							width={Math.max(1, wide - GAP_BETWEEN)}
							height={bar.height}
							fill={colours[i] ?? palette.edge}
						/>
					) : null,
				)}
			</Svg>
		</Box>
	);
}
