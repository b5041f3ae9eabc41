import {
	type Fact,
	type Factor,
	type FactsFrom,
	factsHolding,
	factsNamed,
	printQuantity,
	printUnitText,
	quoted,
	readFactText,
	sayFactor,
	sayQuantity,
	type TableFact,
} from '@tidy-sum/core';
import { memo, useState } from 'react';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box, Touch } from '../../ui/box';
import { Button } from '../../ui/button';
import { Choices } from '../../ui/choices';
import { Field } from '../../ui/field';
import { Fraction } from '../../ui/fraction';
import { Panel } from '../../ui/panel';
import { Said } from '../../ui/said';
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
	readonly onClose?: () => void;
};

/** The most facts one search lists. */
const LISTED = 40;

function keyOf(fact: Fact): string {
	return `${fact.left.number}${fact.left.unit}=${fact.right.number}${fact.right.unit}`;
}

/** The two ways a fact can stand on the line; which one, the student decides. */
function waysOf({ left, right, exact, tables }: TableFact): readonly Factor[] {
	const rest = { ...(tables.includes('problem') ? { given: true } : {}), ...(tables.includes('own') ? { exact } : {}) };
	return [
		{ top: right, bottom: left, ...rest },
		{ top: left, bottom: right, ...rest },
	];
}

function Ways({ fact, onPlace }: { readonly fact: TableFact; readonly onPlace: Props['onPlace'] }) {
	const styles = useStyles();
	return (
		<Box style={styles.ways}>
			<Words size="small">Which goes on the bottom?</Words>
			<Box style={styles.choices}>
				{waysOf(fact).map((factor) => (
					<Touch
						key={sayFactor(factor)}
						onTouch={() => onPlace(factor)}
						testID={`place-${factor.bottom.unit}-below`}
						style={styles.way}
					>
						<Fraction
							top={<Words style={styles.side}>{printQuantity(factor.top)}</Words>}
							bottom={<Words style={styles.side}>{printQuantity(factor.bottom)}</Words>}
						/>
						<Said>{`Place ${sayFactor(factor)}`}</Said>
					</Touch>
				))}
			</Box>
		</Box>
	);
}

/** Where a fact of one's own is written and kept. */
function Adding({ onKeep }: Pick<Props, 'onKeep'>) {
	const styles = useStyles();
	const [text, setText] = useState('');
	const [exact, setExact] = useState<'exact' | 'measured'>('exact');
	const read = readFactText(text);
	const keep = () => {
		if (!read.ok) return;
		onKeep({ ...read.value, exact: exact === 'exact' });
		setText('');
	};
	return (
		<Box style={styles.adding}>
			<Field
				label="A fact of my own, such as 1 bale = 9.5 kg"
				named
				value={text}
				onChange={setText}
				onSubmit={keep}
				fault={text.trim() === '' || read.ok ? null : read.fault}
				reads={read.ok ? `${sayQuantity(read.value.left)} is ${sayQuantity(read.value.right)}` : ''}
				testID="own-fact"
			/>
			<Choices
				label="It is"
				choices={[
					{ value: 'exact', label: 'exact' },
					{ value: 'measured', label: 'measured' },
				]}
				chosen={exact}
				onChoose={setExact}
				testID="own-fact"
			/>
			<Box style={styles.choices}>
				<Button label="Keep it" kind="strong" disabled={!read.ok} onPress={keep} testID="keep-fact" />
			</Box>
		</Box>
	);
}

/** The Shelf, opened on one unit or searched by name: taking a fact asks which side goes on the bottom. */
export const FactsPanel = memo(function FactsPanel({ from, unit, onPlace, onWrite, onAdd, onKeep, onClose }: Props) {
	const styles = useStyles();
	const [open, setOpen] = useState<string | null>(null);
	const [search, setSearch] = useState<string | null>(unit === '' ? '' : null);
	const [adding, setAdding] = useState(false);
	const searching = search !== null && search.trim() !== '';
	const facts = (searching ? factsNamed(search, from) : factsHolding(unit, from)).slice(0, LISTED);
	const title = unit === '' || searching ? 'Facts' : `Facts that hold ${quoted(printUnitText(unit))}`;
	return (
		<Panel title={title} testID="facts" {...(onClose ? { onClose } : {})}>
			{search === null ? null : (
				<Field
					label="Search by name or symbol"
					value={search}
					onChange={setSearch}
					onSubmit={() => facts[0] && setOpen(keyOf(facts[0]))}
					placeholder="mile, ft, water…"
					testID="search-facts"
				/>
			)}
			<Box role="list">
				{facts.map((fact) => {
					const key = keyOf(fact);
					const opened = open === key;
					const says = `${printQuantity(fact.left)} = ${printQuantity(fact.right)}`;
					const about = [fact.exact ? 'exact' : 'measured', fact.note, fact.source].filter(Boolean).join(' · ');
					return (
						<Box key={key} role="listitem" style={styles.item}>
							<Touch
								aria-expanded={opened}
								onTouch={() => setOpen(opened ? null : key)}
								testID={`fact-${key}`}
								style={styles.fact}
							>
								<Words strong style={styles.says}>
									{says}
								</Words>
								<Words size="small" tone="soft">
									{about}
								</Words>
								<Said>{`${sayQuantity(fact.left)} is ${sayQuantity(fact.right)}`}</Said>
							</Touch>
							{opened ? <Ways fact={fact} onPlace={onPlace} /> : null}
						</Box>
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
				<Button label="My own fact" on={adding} onPress={() => setAdding(!adding)} testID="add-fact" />
			</Box>
			{adding ? <Adding onKeep={onKeep} /> : null}
		</Panel>
	);
});

const useStyles = makeStyles((palette) => ({
	item: { borderBottomWidth: 1, borderBottomColor: palette.rule },
	fact: { minHeight: 48, paddingVertical: GAP.s, justifyContent: 'center' },
	says: { fontVariant: ['tabular-nums'] },
	ways: { gap: GAP.s, paddingBottom: GAP.m },
	choices: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	adding: { gap: GAP.s },
	way: {
		minWidth: 120,
		flexGrow: 1,
		maxWidth: 220,
		alignItems: 'center',
		justifyContent: 'center',
		padding: GAP.s,
		borderWidth: 2,
		borderColor: palette.pine,
		borderRadius: 8,
		backgroundColor: palette.page,
	},
	side: { paddingHorizontal: GAP.s, paddingVertical: 2 },
}));
