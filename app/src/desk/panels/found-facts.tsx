import { type FactsFrom, quoted } from '@tidy-sum/core';
import { findFacts } from '@tidy-sum/core/help';
import { useEffect } from 'react';
import { keyOfFact } from '../../fact/fact-item';
import { FactList, type FactListProps, LISTED } from '../../fact/fact-list';
import { Words } from '../../ui/words';
import * as words from './words';

type Props = Omit<FactListProps, 'facts'> & {
	readonly search: string;
	/** The search as it was last sent off: the first fact it finds is opened. */
	readonly submitted: string;
	readonly from: FactsFrom;
};

/** The facts that go by a name, and what a word was taken for. */
export function FoundFacts({ search, submitted, from, ...list }: Props) {
	const { facts: found, meant } = findFacts(search, from);
	const facts = found.slice(0, LISTED);
	const [first] = facts;
	const opens = submitted !== '' && submitted === search && first ? keyOfFact(first) : null;
	const { onOpen } = list;
	useEffect(() => {
		if (opens !== null) onOpen(opens);
	}, [opens, onOpen]);
	return (
		<>
			{meant === null ? null : <Words size="small">{words.readAs(quoted(meant))}</Words>}
			<FactList facts={facts} {...list} />
			{facts.length ? null : <Words>{words.yourShelfHasNothingCalled(quoted(search.trim()))}</Words>}
		</>
	);
}
