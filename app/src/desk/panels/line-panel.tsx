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
				<Button label="Calculator" onPress={() => show({ kind: 'calculator' })} testID="line-calculator" />
				<Button label="Side by side" onPress={() => show({ kind: 'beside' })} testID="line-beside" />
				<Button label="Take the result on" onPress={() => show({ kind: 'take' })} testID="line-take" />
				<Button label="Hand in" onPress={acts.onHandIn} testID="line-hand-in" />
				<Button
					label="Replay"
					say="how this line came about"
					onPress={() => go(`/replay/${view.exercise.name}`)}
					testID="line-replay"
				/>
				<Button label="Try it anew" say="and keep this line beside it" onPress={acts.onAnew} testID="line-anew" />
				<Button label="A working" say="laid beside this line" onPress={acts.onWorking} testID="line-working" />
				<Button label="Keys of the keyboard" onPress={() => show({ kind: 'keys' })} testID="line-keys" />
			</Box>
			{id ? (
				<Confirm
					label="Erase this line"
					say="here and on every device"
					question={
						isOwn(name)
							? 'Shall this problem and every line on it be erased for good, here and on every device?'
							: 'Shall this line be erased for good, here and on every device? The exercise stays, to be worked anew.'
					}
					yes="Erase it for good"
					no="Keep it"
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
				How much is said while you work, which tables count and how numbers are shown is chosen in the settings.
			</Words>
			<Box style={styles.row}>
				<Button label="Settings" onPress={() => go('/settings')} testID="line-settings" />
			</Box>
		</PanelFrame>
	);
}

const useStyles = makeStyles(() => ({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s } }));
