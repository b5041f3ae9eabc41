import { type FactsFrom, factsHolding, findFacts, printUnitText, quoted } from '@tidy-sum/core';
import { memo, useState } from 'react';
import { FactForm } from '../../fact/fact-form';
import { FactItem, keyOfFact } from '../../fact/fact-item';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Words } from '../../ui/words';
import { mayAdd } from '../may-add';
import { PanelFrame } from '../panel-frame';
import type { PanelProps } from '../panel-row';
import type { Acts } from '../use-acts';

declare module '../../work/panel-slice' {
	interface Panels {
		/** The facts that hold a unit; with none touched, or all asked for, to search among them. */
		readonly facts: { readonly unit: string; readonly all?: boolean };
	}
}

/** The most facts one search lists. */
const LISTED = 40;

type FactsProps = {
	/** Where facts are looked for. */
	readonly from: FactsFrom;
	/** The touched unit; '' where none is. */
	readonly unit: string;
	/** Whether all facts are searched, and not only those that hold the unit. */
	readonly all: boolean;
	/** Whether a step that adds or takes away is offered. */
	readonly adds: boolean;
	readonly acts: Acts;
};

/** What the panel holds; drawn anew only when the facts there are have changed, not at each step on the line. */
const Facts = memo(function Facts({ from, unit, all, adds, acts }: FactsProps) {
	const styles = useStyles();
	const [open, setOpen] = useState<string | null>(null);
	const [search, setSearch] = useState('');
	const [adding, setAdding] = useState(false);
	const searching = search.trim() !== '';
	const { facts: found, meant } = searching
		? findFacts(search, from)
		: { facts: factsHolding(unit, from), meant: null };
	const facts = found.slice(0, LISTED);
	return (
		<PanelFrame {...(all ? {} : { title: `Facts that hold ${quoted(printUnitText(unit))}` })}>
			{all ? (
				<Field
					label="Search by name or symbol"
					value={search}
					onChange={setSearch}
					onSubmit={() => facts[0] && setOpen(keyOfFact(facts[0]))}
					placeholder="mile, ft, water…"
					testID="search-facts"
				/>
			) : null}
			{meant === null ? null : <Words size="small">{`Taken for ${quoted(meant)}.`}</Words>}
			<Box role="list">
				{facts.map((fact) => {
					const key = keyOfFact(fact);
					return (
						<FactItem
							key={key}
							fact={fact}
							open={open === key}
							onOpen={() => setOpen(open === key ? null : key)}
							onPlace={acts.onPlace}
						/>
					);
				})}
			</Box>
			{facts.length || (all && !searching && unit === '') ? null : (
				<Words>
					{searching
						? `Nothing on your Shelf goes by ${quoted(search.trim())}. You can write the block yourself, or add the fact.`
						: `No table here holds ${quoted(printUnitText(unit))}. Try one of the other units on the line, or write the block yourself.`}
				</Words>
			)}
			<Box style={styles.choices}>
				{all ? null : (
					<Button
						label="Search all"
						onPress={() => acts.show({ kind: 'facts', unit, all: true })}
						testID="search-all"
					/>
				)}
				<Button label="Write a block" onPress={acts.onWrite} testID="write-block" />
				{adds ? <Button label="Add or take away" onPress={acts.onAddStep} testID="add-step" /> : null}
				<Button label="The whole Shelf" onPress={acts.onWholeShelf} testID="whole-shelf" />
				<Button label="My own fact" on={adding} onPress={() => setAdding(!adding)} testID="add-fact" />
			</Box>
			{adding ? <FactForm onKeep={acts.onKeep} /> : null}
		</PanelFrame>
	);
});

/** The Shelf, opened on one unit or searched by name: taking a fact asks which side goes on the bottom. */
export function FactsPanel({ view, panel: { unit, all = unit === '' }, acts }: PanelProps<'facts'>) {
	return <Facts from={view.facts} unit={unit} all={all} adds={mayAdd(view)} acts={acts} />;
}

const useStyles = makeStyles(() => ({
	choices: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
}));
