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
			? { title: 'Your line', chain: view.chain, worked: view.shown, answer: answerOf(view.exercise, view.work) }
			: key && keyWorked?.ok
				? { title: 'The worked line', chain: key.chain, worked: keyWorked.value, answer: key.answer }
				: null;
	return (
		<>
			<Choices
				label="Lay it beside"
				choices={[
					{ value: 'none' as const, label: 'nothing' },
					...(hasMine ? [{ value: 'mine' as const, label: 'my line' }] : []),
					{ value: 'key' as const, label: 'the worked line' },
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
					mine={{ title: 'The working', ...line, answer: answerText(working) }}
					theirs={other}
					compared={compareLines(line.worked, other.worked)}
					calledMine="the working"
					called={beside === 'mine' ? 'your line' : 'the worked line'}
				/>
			) : null}
			{beside === 'key' && solved && !other ? (
				<Words>No worked line can be made for it: {solved.ok ? 'none is needed here' : solved.fault.message}</Words>
			) : null}
		</>
	);
}
