import { type BookExercise, goalOf, judge, type Outcome, VERDICT_LINES } from '@tidy-sum/core';
import type { Working } from '@tidy-sum/core/problem';
import { useEffect, useMemo, useState } from 'react';
import { FourLinesShown, SlipShown } from '../line/four-lines';
import { Words } from '../ui/words';
import { nameSent } from '../work/name-sent';
import type { Naming } from '../worker/core-jobs';
import { answerText, lineOf } from './line-of-working';

/** The answer of a working, checked with its line: the four lines, and what may have happened. */
export function WorkingChecked({ exercise, working }: { readonly exercise: BookExercise; readonly working: Working }) {
	const line = lineOf(working);
	const answer = answerText(working);
	const sent = useMemo(() => {
		const goal = goalOf(exercise);
		return line?.chain.factors.length ? { ...line.chain, ...(goal === null ? {} : { want: goal }) } : undefined;
	}, [line, exercise]);
	const judged = useMemo((): Outcome<ReturnType<typeof linesOf>> => {
		const made = judge(exercise, answer, sent);
		return made.ok ? { ok: true, value: linesOf(made.value) } : made;
	}, [exercise, answer, sent]);
	const [naming, setNaming] = useState<Naming | null>(null);
	const isRight = judged.ok && judged.value.right;
	useEffect(() => {
		let gone = false;
		if (!isRight)
			nameSent({ exercise, answer, line: sent }).then(
				(named) => gone || setNaming(named),
				() => {},
			);
		return () => {
			gone = true;
		};
	}, [isRight, exercise, answer, sent]);
	if (!judged.ok) return <Words tone="look">{judged.fault.message}</Words>;
	const [slip, other] = isRight ? [] : (naming?.slips ?? []);
	return (
		<>
			<FourLinesShown lines={judged.value} />
			{slip ? (
				<SlipShown slip={slip} other={other} isTold={VERDICT_LINES.some((one) => judged.value[one].why === slip.why)} />
			) : null}
		</>
	);
}

function linesOf({ lines }: Extract<ReturnType<typeof judge>, { ok: true }>['value']) {
	return lines;
}
