import { type Chain, printQuantity, sidesOfStart } from '@tidy-sum/core';
import { __iconData as Check } from 'lucide-react-native/icons/check';
import { View } from 'react-native';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Touch } from '../../ui/box';
import { Button } from '../../ui/button';
import { Fraction } from '../../ui/fraction';
import { Words } from '../../ui/words';
import { PanelFrame } from '../panel-frame';
import type { PanelProps } from '../panel-row';
import * as words from './words';

type Props = Pick<PanelProps<'answer'>, 'view' | 'acts'> & {
	/** The line someone wrote. */
	readonly line: Chain;
};

/** Where the wrong block of someone's line is asked for: its blocks, to choose one. */
export function ChosenAnswer({ view, acts, line }: Props) {
	const styles = useStyles();
	const { answer } = view.work;
	const start = sidesOfStart(line.start).top;
	return (
		<PanelFrame title={words.whichFactorIsWrong}>
			<View style={styles.blocks} role="group" aria-label={words.theLineSomeoneWrote}>
				<Words>{printQuantity(start)}</Words>
				{line.factors.map((factor, i) => {
					const named = words.factorOfNumber(i + 1);
					return (
						// biome-ignore lint/suspicious/noArrayIndexKey: a block of a given line is its place.
						<View key={i} style={styles.times}>
							<Words aria-hidden>×</Words>
							<Touch
								aria-pressed={answer === named}
								onTouch={() => acts.onAnswerText(named)}
								style={[styles.block, answer === named && styles.chosen]}
								testID={`block-${i + 1}`}
							>
								<Words size="small" tone="soft">
									{i + 1}
								</Words>
								<Fraction
									top={<Words>{printQuantity(factor.top)}</Words>}
									bottom={<Words>{printQuantity(factor.bottom)}</Words>}
								/>
								{factor.power && factor.power > 1 ? <Words size="small">{words.toThePower(factor.power)}</Words> : null}
							</Touch>
						</View>
					);
				})}
			</View>
			<Words testID="answer-says">
				{answer ? words.factorIsYourAnswer(answer.replace(/\D/g, '')) : words.touchTheFactorThatIsWrong}
			</Words>
			<Button label={words.check} kind="strong" icon={Check} disabled={!answer} onPress={acts.onCheck} testID="check" />
		</PanelFrame>
	);
}

const useStyles = makeStyles((palette) => ({
	blocks: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.s },
	times: { flexDirection: 'row', alignItems: 'center', gap: GAP.s },
	block: {
		minHeight: 48,
		alignItems: 'center',
		padding: GAP.s,
		borderWidth: 1,
		borderColor: palette.edge,
	},
	chosen: { borderColor: palette.pine, backgroundColor: palette.pineWash },
}));
