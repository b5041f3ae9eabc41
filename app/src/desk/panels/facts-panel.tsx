import {
	type Fact,
	type Factor,
	type FactsFrom,
	type FactsToward,
	factsToward,
	mustGoOf,
	printUnitText,
	type TableFact,
	unitWord,
} from '@tidy-sum/core';
import { memo, type ReactNode, useMemo, useState } from 'react';
import { keyOfFact } from '../../fact/fact-item';
import { FactList, LISTED } from '../../fact/fact-list';
import { WayHintContext } from '../../fact/way-hint';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { later } from '../../ui/later';
import { Words } from '../../ui/words';
import { wantOf } from '../../work/line-of-work';
import { Guided, GuidedWay } from '../guide';
import { laterPanels } from '../later-panels';
import { mayAdd } from '../may-add';
import { PanelFrame } from '../panel-frame';
import type { PanelProps } from '../panel-row';
import type { Acts } from '../use-acts';
import * as words from './words';

/** Search results and the form for a student's own fact load with their first use. */
const FoundFacts = later(async () => (await laterPanels()).FoundFacts);
const FactForm = later(async () => (await laterPanels()).FactForm);
const Offers = later(async () => (await laterPanels()).Offers);

declare module '../../work/panel-slice' {
	interface Panels {
		/** The facts that hold a unit; with none touched, or all asked for, to search among them. */
		readonly facts: { readonly unit: string; readonly all?: boolean };
	}
}

const guidedWay = (fact: Fact) => <GuidedWay fact={fact} />;

/** The first fact that leads to what is wanted is open: one touch lays it, and the other facts stay in view. */
function firstToOpen({ facts: [first], leading }: FactsToward): string | null {
	return first && leading ? keyOfFact(first) : null;
}

const NO_FACTS: readonly TableFact[] = [];

type FactsProps = {
	/** Where facts are looked for. */
	readonly from: FactsFrom;
	/** The touched unit; '' when no unit was touched. */
	readonly unit: string;
	/** Whether all facts are searched, and not only those that hold the unit. */
	readonly all: boolean;
	/** Whether steps that are no factors are offered. */
	readonly adds: boolean;
	/** The unit that the line must end at; '' where nothing is said to lead there. */
	readonly wanted: string;
	/** A unit that must go, where the touched one need not; else ''. */
	readonly leads: string;
	readonly acts: Acts;
	readonly onPlace: Acts['onPlace'];
	/** The steps that are offered, before the facts. */
	readonly children?: ReactNode;
};

/** What the panel holds; drawn anew only when the facts there are have changed, not at each step on the line. */
const Facts = memo(function Facts({ from, unit, all, adds, wanted, leads, acts, onPlace, children }: FactsProps) {
	const styles = useStyles();
	const toward = useMemo(() => factsToward(unit, wanted, from), [unit, wanted, from]);
	const [open, setOpen] = useState<string | null>(() => firstToOpen(toward));
	const [search, setSearch] = useState('');
	const [submitted, setSubmitted] = useState('');
	const [adding, setAdding] = useState(false);
	const searching = search.trim() !== '';
	const facts = searching ? NO_FACTS : toward.facts.slice(0, LISTED);
	return (
		<WayHintContext value={guidedWay}>
			<PanelFrame {...(all ? {} : { title: words.factsWith(unitWord(printUnitText(unit))) })}>
				{open === null && unit !== '' ? <Guided at={['take']} /> : null}
				{all ? (
					<Field
						label={words.searchByNameOrSymbol}
						value={search}
						onChange={setSearch}
						onSubmit={() => setSubmitted(search)}
						placeholder={words.mileFtWater}
						testID="search-facts"
					/>
				) : null}
				{searching ? (
					<FoundFacts
						search={search}
						submitted={submitted}
						from={from}
						open={open}
						onOpen={setOpen}
						onPlace={onPlace}
					/>
				) : (
					children
				)}
				<FactList facts={facts} open={open} onOpen={setOpen} onPlace={onPlace} />
				{facts.length || searching || adds || (all && unit === '') ? null : (
					<Words>{words.noTableHasTryAnotherUnitOn(unitWord(printUnitText(unit)))}</Words>
				)}
				{searching || leads === '' ? null : (
					<>
						<Words strong role="heading" aria-level={3}>
							{words.mustGoFactsWithIt(unitWord(printUnitText(leads)))}
						</Words>
						<FactList facts={factsToward(leads, wanted, from).facts} open={open} onOpen={setOpen} onPlace={onPlace} />
					</>
				)}
				<Box style={styles.choices}>
					{all ? null : (
						<Button
							label={words.searchAll}
							onPress={() => acts.show({ kind: 'facts', unit, all: true })}
							testID="search-all"
						/>
					)}
					<Button label={words.writeAFactor} onPress={acts.onWrite} testID="write-block" />
					{adds ? <Button label={words.addOrSubtract} onPress={acts.onAddStep} testID="add-step" /> : null}
					<Button label={words.theWholeShelf} onPress={acts.onWholeShelf} testID="whole-shelf" />
					<Button label={words.myOwnFact} on={adding} onPress={() => setAdding(!adding)} testID="add-fact" />
				</Box>
				{adding ? <FactForm onKeep={acts.onKeep} /> : null}
			</PanelFrame>
		</WayHintContext>
	);
});

/** The Shelf, opened on one unit or searched by name: taking a fact asks which side goes on the bottom. */
export function FactsPanel({ view, panel: { unit, all = unit === '' }, acts }: PanelProps<'facts'>) {
	const { worked, columns, exercise, work, support } = view;
	const adds = mayAdd(view);
	const go = mustGoOf(columns).map(({ base }) => base);
	const leads = all || go.includes(unit) ? '' : (go[0] ?? '');
	// Of a sum each block goes behind the part it is for.
	const onPlace =
		worked.parts > 1
			? async (factor: Factor) => acts.onPlace(factor, (await laterPanels()).placeIn(worked, factor))
			: acts.onPlace;
	return (
		<Facts
			from={view.facts}
			unit={unit}
			all={all}
			adds={adds}
			wanted={support === 'none' ? '' : (wantOf(exercise, work) ?? '')}
			leads={leads}
			acts={acts}
			onPlace={onPlace}
		>
			{adds ? <Offers view={view} unit={unit} onPlace={acts.onPlace} /> : null}
		</Facts>
	);
}

const useStyles = makeStyles(() => ({
	choices: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
}));
