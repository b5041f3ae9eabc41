import { startingText } from '@tidy-sum/core/help';
import type { Told } from '@tidy-sum/schema';
import { Words } from '../ui/words';
import { ASKS, questionOf, sayTold } from './tokens';
import * as words from './words';

type Props = {
	readonly text: string;
	/** What was read of it; nothing while it is being read. */
	readonly told: Told | undefined;
};

/** How much of a problem a list shows. */
const SHOWN = 220;

/** What was read of a problem in a line: from where to where; nothing of what could not be told. */
function sayRead(told: Told): string {
	const { start, until, terms } = told;
	const from = start ? startingText({ start, ...(until ? { until } : {}), terms: terms ?? [] }) : '';
	const to = sayTold(told);
	return to === '' ? from : `${from} → ${to}`.trim();
}

/** A problem of a list: its text, what was read of it, and a sign where a question is open. */
export function ProblemRow({ text, told }: Props) {
	const question = told ? questionOf({ start: told.start, asked: told.want }) : null;
	return (
		<>
			<Words>{text.length > SHOWN ? `${text.slice(0, SHOWN)}…` : text}</Words>
			<Words size="small" tone="soft">
				{told ? sayRead(told) || words.nothingWasFoundInItYet : words.beingRead}
			</Words>
			{question ? (
				<Words size="small" tone="look">
					? {ASKS[question]}
				</Words>
			) : null}
		</>
	);
}
