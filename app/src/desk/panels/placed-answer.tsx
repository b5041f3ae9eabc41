import { __iconData as Check } from 'lucide-react-native/icons/check';
import { Button } from '../../ui/button';
import { Words } from '../../ui/words';
import { answerOf } from '../../work/line-of-work';
import { PanelFrame } from '../panel-frame';
import type { PanelProps } from '../panel-row';

/** Where only one factor is asked for, the block on the line is the answer. */
export function PlacedAnswer({ view, acts }: Pick<PanelProps<'answer'>, 'view' | 'acts'>) {
	const placed = view.blocks.length > 0;
	return (
		<PanelFrame title="Your factor">
			<Words testID="answer-says">
				{placed
					? `The block on the line is your answer: ${answerOf(view.exercise, view.work)}.`
					: 'The answer here is one block on the line. Touch the unit that must go, or write the block yourself.'}
			</Words>
			<Button label="Check" kind="strong" icon={Check} disabled={!placed} onPress={acts.onCheck} testID="check" />
		</PanelFrame>
	);
}
