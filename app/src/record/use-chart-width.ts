import { GAP, RAIL } from '../theme/tokens';
import { useRoom } from '../ui/use-room';

/** The widest a chart is drawn, in pixels. */
const WIDEST = 640;

/** How wide a chart is drawn here. */
export function useChartWidth(): number {
	const { width, wide } = useRoom();
	return Math.max(200, Math.min(WIDEST, width - 2 * GAP.l - (wide ? RAIL : 0)));
}
