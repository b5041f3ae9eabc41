import type { Outcome } from '@tidy-sum/core';
import { useEffect, useState } from 'react';
import { type MadeRound, madeRound, makeRound } from '../work/made-rounds';

/** The Round of a code: null while it is being made, then the Round or why there is none. */
export function useRound(code: string | undefined): Outcome<MadeRound> | null {
	const known = code ? madeRound(code) : undefined;
	const [made, setMade] = useState<{ readonly code: string; readonly outcome: Outcome<MadeRound> } | null>(null);
	useEffect(() => {
		if (known || !code) return;
		let gone = false;
		void makeRound(code).then((outcome) => gone || setMade({ code, outcome }));
		return () => {
			gone = true;
		};
	}, [code, known]);
	if (known) return { ok: true, value: known };
	return made && made.code === code ? made.outcome : null;
}
