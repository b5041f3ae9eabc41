import { type Chain, solutionOf, workChain } from '@tidy-sum/core';
import { compareLines } from '@tidy-sum/core/help';
import { useMemo, useState } from 'react';
import { LinesBeside } from '../../line/lines-beside';
import { useAppSelector } from '../../store/store';
import { useSaysComing, useSteps } from '../../store/use-exercise';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Words } from '../../ui/words';
import { exerciseOf } from '../../work/exercises';
import { chainOf } from '../../work/line-of-work';
import { withCovered } from '../../work/numbers';
import { workOf } from '../../work/work';
import { PanelFrame } from '../panel-frame';
import type { PanelProps } from '../panel-row';
import * as words from './words';

declare module '../../work/panel-slice' {
	interface Panels {
		readonly beside: object;
	}
}

/** The student's line next to the worked one, or next to a second try. */
export function BesidePanel({ view, acts }: PanelProps<'beside'>) {
	const styles = useStyles();
	const { exercise, chain, worked, beside, work } = view;
	const [chosen, setOther] = useState<string | null>(null);
	const other = chosen ?? (work.shown ? 'key' : (beside[0] ?? null));
	const isComing = useSteps(other ?? undefined);
	const saysComing = useSaysComing();
	const theirBody = useAppSelector(({ works }) => works.byId[other ?? '']?.body);
	const theirs = useMemo((): Chain | null => {
		if (other === null) return null;
		if (other === 'key') {
			const solved = solutionOf(exercise);
			return solved.ok ? solved.value.chain : null;
		}
		const work = theirBody && workOf(theirBody);
		const same = work && exerciseOf(exercise.name, work);
		return work && same ? chainOf(same, work) : null;
	}, [other, exercise, theirBody]);
	const second = theirs && workChain(theirs);
	const compared = second?.ok ? compareLines(worked, second.value) : null;
	const name = other === 'key' ? words.theWorkedLine : words.theOtherTry;
	return (
		<PanelFrame>
			<Box style={styles.row}>
				<Button
					label={words.withTheWorkedLine}
					say={work.shown ? '' : words.thisShowsItAndIsNotedInThe}
					on={other === 'key'}
					onPress={() => {
						acts.onDo({ do: 'show' });
						setOther('key');
					}}
					testID="beside-key"
				/>
				{beside.map((id, i) => (
					<Button
						key={id}
						label={words.withTry(i + 1)}
						on={other === id}
						onPress={() => setOther(id)}
						testID={`beside-${i + 1}`}
					/>
				))}
				<Button
					label={words.tryAgainFromTheStart}
					say={words.andKeepThisLine}
					onPress={acts.onAnew}
					testID="beside-anew"
				/>
			</Box>
			{compared && theirs && second?.ok ? (
				<>
					<LinesBeside
						mine={{ title: words.yours, chain, worked: view.shown, answer: '' }}
						theirs={{
							title: other === 'key' ? words.theWorkedLineTitle : words.theOtherTryTitle,
							chain: theirs,
							worked: other === 'key' ? second.value : withCovered(second.value, view.numbers, work.uncovered),
							answer: '',
						}}
						compared={compared}
						called={name}
					/>
					{other !== null && other !== 'key' ? (
						<Box style={styles.row}>
							<Button label={words.continueWithTheOtherOne} onPress={() => acts.onSwap(other)} testID="beside-swap" />
						</Box>
					) : null}
				</>
			) : (
				<Words size="small" tone="soft" role="status">
					{words.compareYourLineWithThe(isComing ? `${saysComing} ` : '')}
				</Words>
			)}
		</PanelFrame>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
}));
