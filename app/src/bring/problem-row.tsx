import { type MissingFact, missingFact, startingText } from '@tidy-sum/core/help';
import type { Told } from '@tidy-sum/schema';
import { useMemo } from 'react';
import { Words } from '../ui/words';
import { ASKS, questionOf, sayTold } from './tokens';
import * as words from './words';

type Props = {
	readonly text: string;
	/** The instruction it shares with those behind it, and what it says itself; its whole text where they are left out. */
	readonly instruction?: string | null;
	readonly own?: string;
	/** What was read of it; nothing while it is being read. */
	readonly told: Told | undefined;
};

/** How much of a problem a list shows. */
const SHOWN = 220;

/** A problem in one line, from its start to the unit it asks for; an end that was not read is left out. */
function sayRead(told: Told): string {
	const { start, until, terms } = told;
	const from = start ? startingText({ start, ...(until ? { until } : {}), terms: terms ?? [] }) : '';
	const to = sayTold(told);
	return to === '' ? from : `${from} → ${to}`.trim();
}

/** What a problem that was read has no fact for; null where it is not read whole. */
function missingIn(told: Told | undefined): MissingFact | null {
	if (!told?.start || !told.want) return null;
	const { start, until, terms, times, facts, want } = told;
	return missingFact({
		prompt: '',
		start,
		...(until ? { until } : {}),
		...(terms ? { terms } : {}),
		...(times ? { times } : {}),
		facts,
		want,
		rounding: 'figures',
	});
}

/** A problem of a list: its text, what was read of it, and a sign where a question is open. */
export function ProblemRow({ text, instruction = null, own = text, told }: Props) {
	const missing = useMemo(() => missingIn(told), [told]);
	const question = told ? questionOf({ start: told.start, asked: told.want }) : null;
	return (
		<>
			{instruction ? (
				<Words size="small" tone="soft">
					{instruction}
				</Words>
			) : null}
			<Words>{own.length > SHOWN ? `${own.slice(0, SHOWN)}…` : own}</Words>
			<Words size="small" tone="soft">
				{told ? sayRead(told) || words.nothingWasFoundInItYet : words.beingRead}
			</Words>
			{question ? (
				<Words size="small" tone="look">
					? {ASKS[question]}
				</Words>
			) : missing ? (
				<Words size="small" tone="look">
					? {words.noFactLeads(missing.from, missing.to)}
				</Words>
			) : null}
		</>
	);
}
