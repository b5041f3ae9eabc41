import { type BookExercise, solutionOf, workChain } from '@tidy-sum/core';
import { compareLines } from '@tidy-sum/core/help';
import type { Working } from '@tidy-sum/core/problem';
import { useMemo, useState } from 'react';
import { LinesBeside } from '../line/lines-beside';
import { useAppDispatch } from '../store/store';
import { Choices } from '../ui/choices';
import { Words } from '../ui/words';
import type { DeskView } from '../work/desk-view';
import { answerOf } from '../work/line-of-work';
import { did } from '../work/works-reducer';
import { answerText, lineOf } from './line-of-working';
import * as words from './words';

type Beside = 'none' | 'mine' | 'key';

/** The working beside one's own line, or beside the worked one. */
export function WorkingBeside({
	view,
	working,
	exercise,
}: {
	readonly view: DeskView;
	readonly working: Working;
	readonly exercise: BookExercise;
}) {
	const [beside, setBeside] = useState<Beside>('none');
	const dispatch = useAppDispatch();
	const line = lineOf(working);
	const solved = useMemo(() => (beside === 'key' ? solutionOf(exercise) : null), [beside, exercise]);
	if (!line) return null;
	const hasMine = view.blocks.length > 0;
	const key = solved?.ok && solved.value.chain ? { chain: solved.value.chain, answer: solved.value.answer } : null;
	const keyWorked = key && workChain(key.chain);
	const other =
		beside === 'mine'
			? { title: words.yourLine, chain: view.chain, worked: view.shown, answer: answerOf(view.exercise, view.work) }
			: key && keyWorked?.ok
				? { title: words.theWorkedLine, chain: key.chain, worked: keyWorked.value, answer: key.answer }
				: null;
	return (
		<>
			<Choices
				label={words.compareItWith}
				choices={[
					{ value: 'none' as const, label: 'nothing' },
					...(hasMine ? [{ value: 'mine' as const, label: words.myLine }] : []),
					{ value: 'key' as const, label: words.theWorkedLineLabel },
				]}
				chosen={beside}
				onChoose={(next) => {
					// That the worked line was shown is kept, as on the Desk.
					if (next === 'key' && !view.work.shown) dispatch(did(view.exercise.name, { do: 'show' }));
					setBeside(next);
				}}
				testID="beside"
			/>
			{beside !== 'none' && other ? (
				<LinesBeside
					mine={{ title: words.theWorking, ...line, answer: answerText(working) }}
					theirs={other}
					compared={compareLines(line.worked, other.worked)}
					calledMine={words.theWorkingLabel}
					called={beside === 'mine' ? words.yourLineLabel : words.theWorkedLineLabel}
				/>
			) : null}
			{beside === 'key' && solved && !other ? (
				<Words>{words.noWorkedLine(solved.ok ? null : solved.fault.message)}</Words>
			) : null}
		</>
	);
}
