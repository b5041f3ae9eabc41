import { __iconData as Check } from 'lucide-react-native/icons/check';
import { Button } from '../../ui/button';
import { Words } from '../../ui/words';
import { answerOf } from '../../work/line-of-work';
import { PanelFrame } from '../panel-frame';
import type { PanelProps } from '../panel-row';
import * as words from './words';

/** Where only one factor is asked for, the block on the line is the answer. */
export function PlacedAnswer({ view, acts }: Pick<PanelProps<'answer'>, 'view' | 'acts'>) {
	const placed = view.blocks.length > 0;
	return (
		<PanelFrame title={words.yourFactor}>
			<Words testID="answer-says">
				{placed ? words.theFactorOnTheLineIsYour(answerOf(view.exercise, view.work)) : words.yourAnswerIsOneFactorOnThe}
			</Words>
			<Button label={words.check} kind="strong" icon={Check} disabled={!placed} onPress={acts.onCheck} testID="check" />
		</PanelFrame>
	);
}
