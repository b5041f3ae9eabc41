import type { Columns } from '@tidy-sum/exchange/charts';
import { Rect } from 'react-native-svg';
import { usePalette } from '../theme/use-palette';
import { colourOf, WAYS_IT_WENT } from './went-bar';

/** Columns of how exercises went, each way in its colour. */
export function WentColumns({ columns }: Pick<Columns, 'columns'>) {
	const palette = usePalette();
	return columns.map(({ x, width, parts }, i) =>
		parts.map(({ y, height, count }, p) =>
			count ? (
				<Rect
					// biome-ignore lint/suspicious/noArrayIndexKey: weeks and ways are in a fixed order
					key={`${i} ${p}`}
					x={x}
					y={y + 1}
					width={width}
					height={Math.max(1, height - 1)}
					fill={colourOf(palette, WAYS_IT_WENT[p]?.[0] ?? 'not-yet')}
				/>
			) : null,
		),
	);
}
