import { useAppDispatch, useAppSelector, useAppStore } from '../../store/store';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Confirm } from '../../ui/confirm';
import { Words } from '../../ui/words';
import { isOwn } from '../../work/exercises';
import { sayGoesBy } from '../../work/said-choices';
import { erased } from '../../work/works-reducer';
import { linesOn } from '../../work/works-state';
import { PanelFrame } from '../panel-frame';
import type { PanelProps } from '../panel-row';
import * as words from './words';

declare module '../../work/panel-slice' {
	interface Panels {
		readonly line: object;
	}
}

/** What can be done with the line as a whole: worked on a calculator, laid beside others, played back, handed in. */
export function LinePanel({ view, acts }: PanelProps<'line'>) {
	const { show, go } = acts;
	const styles = useStyles();
	const dispatch = useAppDispatch();
	const store = useAppStore();
	const { name } = view.exercise;
	const id = useAppSelector(({ works }) => works.open[name]);
	const byClass = sayGoesBy(view.exercise.goesBy);
	return (
		<PanelFrame>
			{byClass ? (
				<Words size="small" testID="goes-by">
					{byClass}
				</Words>
			) : null}
			<Box style={styles.row}>
				<Button label={words.calculator} onPress={() => show({ kind: 'calculator' })} testID="line-calculator" />
				<Button label={words.sideBySide} onPress={() => show({ kind: 'beside' })} testID="line-beside" />
				<Button label={words.useThisResult} onPress={() => show({ kind: 'take' })} testID="line-take" />
				<Button label={words.handIn} onPress={acts.onHandIn} testID="line-hand-in" />
				<Button
					label={words.replay}
					say={words.howYouBuiltThisLine}
					onPress={() => go(`/replay/${view.exercise.name}`)}
					testID="line-replay"
				/>
				<Button
					label={words.tryAgainFromTheStart}
					say={words.andKeepThisLineToo}
					onPress={acts.onAnew}
					testID="line-anew"
				/>
				<Button
					label={words.aWorking}
					say={words.toCompareWithThisLine}
					onPress={acts.onWorking}
					testID="line-working"
				/>
				<Button label={words.keysOfTheKeyboard} onPress={() => show({ kind: 'keys' })} testID="line-keys" />
			</Box>
			{id ? (
				<Confirm
					label={words.eraseThisLine}
					say={words.hereAndOnEveryDevice}
					question={isOwn(name) ? words.eraseThisProblemAndAllIts : words.eraseThisLineForGoodHere}
					yes={words.eraseItForGood}
					no={words.keepIt}
					onYes={() => {
						// A problem goes with every line on it; an exercise of the book stays, and so do its other lines.
						dispatch(erased(isOwn(name) ? linesOn(store.getState().works, name) : [id]));
						if (isOwn(name)) go('/problems');
						else acts.close();
					}}
					testID="erase-line"
				/>
			) : null}
			<Words size="small" tone="soft">
				{words.inSettingsYouChooseHowMuch}
			</Words>
			<Box style={styles.row}>
				<Button label={words.settings} onPress={() => go('/settings')} testID="line-settings" />
			</Box>
		</PanelFrame>
	);
}

const useStyles = makeStyles(() => ({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s } }));
