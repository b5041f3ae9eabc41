import { askedBy } from '@tidy-sum/core';
import { View } from 'react-native';
import { PartsAlong } from '../line/parts-along';
import { ScalesAlong } from '../line/scales-along';
import { useAfterPaint } from '../quick/use-after-paint';
import { BESIDE, GAP, RAIL } from '../theme/tokens';
import { useRoom } from '../ui/use-room';
import type { DeskView } from '../work/desk-view';

/** The widest a picture is drawn. */
const WIDEST = 520;

type Props = {
	readonly view: DeskView;
	/** Told how tall the pictures are, so that they can be kept in view. */
	readonly onHeight: (height: number) => void;
};

/** The pictures beside a line whose steps are not all factors: the scales of a temperature, the parts of a measure. */
export function LinePictures({ view: now, onHeight }: Props) {
	const view = useAfterPaint(now);
	const { width, wide } = useRoom();
	const { exercise, worked, shown, high, support, verdict } = view;
	// Where silence is wanted until the check, the scales would tell.
	if (support === 'none' && !verdict) return null;
	const room = Math.min(wide ? width - RAIL - BESIDE - 4 * GAP.xl : width - 2 * GAP.l, WIDEST);
	return (
		<View onLayout={({ nativeEvent: { layout } }) => onHeight(layout.height)}>
			{exercise.difference ? null : <ScalesAlong worked={worked} shown={shown} high={high} width={room} />}
			<PartsAlong worked={shown} wanted={askedBy(exercise).units} width={room} />
		</View>
	);
}
