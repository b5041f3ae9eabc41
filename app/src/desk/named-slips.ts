import type { BookExercise, Chain } from '@tidy-sum/core';
import { useEffect, useState } from 'react';
import type { Naming } from '../worker/core-jobs';
import { stopWork, work } from '../worker/core-worker';
import { type DeskView, sentOf } from './use-desk';

type Sent = { readonly exercise: BookExercise; readonly answer: string; readonly line: Chain | undefined };

let last: { readonly key: string; readonly naming: Promise<Naming> } | null = null;

/** Names in the worker what is behind a check that is not right; the same asked twice is one search. */
export function nameSent({ exercise, answer, line }: Sent): Promise<Naming> {
	const key = JSON.stringify([exercise.name, exercise.prompt, answer, line]);
	if (last?.key !== key) {
		const naming = work((jobs) => jobs.slips(exercise, answer, line));
		last = { key, naming };
		naming.catch(() => {
			if (last?.key === key) last = null;
		});
	}
	return last.naming;
}

const NOTHING: Naming = { slips: [], rulesOut: null };

/** What is named behind what stands checked, and whether it is still being looked for. */
export function useNaming({ verdict, exercise, work: done, chain }: DeskView) {
	const [found, setFound] = useState<{ readonly of: unknown; readonly naming: Naming } | null>(null);
	useEffect(() => {
		if (!verdict || verdict.right) return;
		let gone = false;
		const say = (naming: Naming) => gone || setFound({ of: verdict, naming });
		nameSent({ exercise, ...sentOf(exercise, done, chain) }).then(say, () => say(NOTHING));
		return () => {
			gone = true;
		};
	}, [verdict, exercise, done, chain]);
	const known = found !== null && found.of === verdict;
	return {
		...(known ? found.naming : NOTHING),
		looking: verdict !== null && !verdict.right && !known,
		stop: stopWork,
	};
}
