import { useEffect, useState } from 'react';
import type { DeskView } from '../work/desk-view';
import { nameSent } from '../work/name-sent';
import { sentOf } from '../work/sent';
import type { Naming } from '../worker/core-jobs';
import { stopWork } from '../worker/core-worker';

const NOTHING: Naming = { slips: [], rulesOut: null };

/** What is named behind what stands checked, and whether it is still being looked for. */
export function useNaming({ verdict, exercise, work: done, chain }: DeskView) {
	const [found, setFound] = useState<{ readonly of: unknown; readonly naming: Naming } | null>(null);
	useEffect(() => {
		if (!verdict || verdict.right) return;
		let gone = false;
		const say = (naming: Naming) => gone || setFound({ of: verdict, naming });
		nameSent(sentOf(exercise, done, chain)).then(say, () => say(NOTHING));
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
