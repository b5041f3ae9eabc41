import { type Fact, type Factor, type FactsFrom, factsHolding, findFacts, printUnitText, quoted } from '@tidy-sum/core';
import { memo, useState } from 'react';
import { FactForm } from '../../shelf/fact-form';
import { FactItem, keyOfFact } from '../../shelf/fact-item';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Panel } from '../../ui/panel';
import { Words } from '../../ui/words';

type Props = {
	/** Where facts are looked for. */
	readonly from: FactsFrom;
	/** The touched unit; '' where none is. */
	readonly unit: string;
	readonly onPlace: (factor: Factor) => void;
	/** A block is written by hand. */
	readonly onWrite: () => void;
	/** A step that adds or takes away; null where nothing is added. */
	readonly onAdd: (() => void) | null;
	/** A fact of one's own is kept. */
	readonly onKeep: (fact: Fact) => void;
	/** To the Shelf, with all its parts. */
	readonly onShelf?: () => void;
	readonly onClose?: () => void;
};

/** The most facts one search lists. */
const LISTED = 40;

/** The Shelf, opened on one unit or searched by name: taking a fact asks which side goes on the bottom. */
export const FactsPanel = memo(function FactsPanel({
	from,
	unit,
	onPlace,
	onWrite,
	onAdd,
	onKeep,
	onShelf,
	onClose,
}: Props) {
	const styles = useStyles();
	const [open, setOpen] = useState<string | null>(null);
	const [search, setSearch] = useState<string | null>(unit === '' ? '' : null);
	const [adding, setAdding] = useState(false);
	const searching = search !== null && search.trim() !== '';
	const { facts: found, meant } = searching
		? findFacts(search, from)
		: { facts: factsHolding(unit, from), meant: null };
	const facts = found.slice(0, LISTED);
	const title = unit === '' || searching ? 'Facts' : `Facts that hold ${quoted(printUnitText(unit))}`;
	return (
		<Panel title={title} testID="facts" {...(onClose ? { onClose } : {})}>
			{search === null ? null : (
				<Field
					label="Search by name or symbol"
					value={search}
					onChange={setSearch}
					onSubmit={() => facts[0] && setOpen(keyOfFact(facts[0]))}
					placeholder="mile, ft, water…"
					testID="search-facts"
				/>
			)}
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
							onPlace={onPlace}
						/>
					);
				})}
			</Box>
			{facts.length || (search !== null && !searching && unit === '') ? null : (
				<Words>
					{searching
						? `Nothing on your Shelf goes by ${quoted(search.trim())}. You can write the block yourself, or add the fact.`
						: `No table here holds ${quoted(printUnitText(unit))}. Try one of the other units on the line, or write the block yourself.`}
				</Words>
			)}
			<Box style={styles.choices}>
				{search === null ? <Button label="Search all" onPress={() => setSearch('')} testID="search-all" /> : null}
				<Button label="Write a block" onPress={onWrite} testID="write-block" />
				{onAdd ? <Button label="Add or take away" onPress={onAdd} testID="add-step" /> : null}
				{onShelf ? <Button label="The whole Shelf" onPress={onShelf} testID="whole-shelf" /> : null}
				<Button label="My own fact" on={adding} onPress={() => setAdding(!adding)} testID="add-fact" />
			</Box>
			{adding ? <FactForm onKeep={onKeep} /> : null}
		</Panel>
	);
});

const useStyles = makeStyles(() => ({
	choices: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
}));
