import { nanoid } from '@reduxjs/toolkit';
import {
	type Fact,
	type Factor,
	factTable,
	ownFact,
	quoted,
	TABLE_NAMES,
	type TableFact,
	type TableName,
} from '@tidy-sum/core';
import { factsOfTable, findFacts } from '@tidy-sum/core/help';
import { turnedFact } from '@tidy-sum/core/shelf';
import type { Step } from '@tidy-sum/schema';
import { useMemo, useState } from 'react';
import { FactForm } from '../../fact/fact-form';
import { FactItem, keyOfFact } from '../../fact/fact-item';
import { TablesInUse } from '../../fact/tables-in-use';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useShelf } from '../../store/use-desk';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box, Touch } from '../../ui/box';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Words } from '../../ui/words';
import { canRedo, canUndo } from '../../work/history';
import { SHELF } from '../../work/list-names';
import type { OwnFact } from '../../work/my-shelf';
import { did, redid, undid } from '../../work/works-reducer';
import type { PartProps } from '../part-props';
import { ShelfPage } from '../shelf-page';
import { useFields } from '../use-fields';
import { useSend } from '../use-send';
import * as words from './words';

const EXAMPLE = { search: '', open: 'time' };

/** The most facts one search lists. */
const LISTED = 60;

type ListProps = {
	readonly facts: readonly TableFact[];
	readonly allowed: readonly TableName[];
	readonly children?: (fact: TableFact) => React.ReactNode;
};

/** Facts, each both ways round; the one that is touched can be taken to the line. */
function FactList({ facts, allowed, children }: ListProps) {
	const [open, setOpen] = useState<string | null>(null);
	const { toLine, toOwn, line } = useSend();
	const place = (fact: TableFact) => (factor: Factor) => {
		const blocks = [factor];
		if (line === null) toOwn({ blocks, facts: fact.tables.includes('own') ? [fact] : [] });
		else toLine({ blocks });
	};
	return (
		<Box role="list">
			{facts.map((fact) => {
				const key = keyOfFact(fact);
				const { text, decimals } = turnedFact(fact);
				const known = fact.tables.some((table) => table === 'own' || allowed.includes(table));
				return (
					<FactItem
						key={key}
						forms={[fact]}
						open={open === key}
						onOpen={() => setOpen(open === key ? null : key)}
						onPlace={place(fact)}
						more={`${text}${decimals === null ? '' : ` ${decimals}`}${known ? '' : words.notOnTheClassList}`}
					>
						{children?.(fact)}
					</FactItem>
				);
			})}
		</Box>
	);
}

type OwnProps = { readonly own: readonly OwnFact[]; readonly onShelf: (step: Step) => void };

/** Facts of one's own: added, changed, taken away; each change can be undone. */
function OwnFacts({ own, onShelf }: OwnProps) {
	const styles = useStyles();
	const dispatch = useAppDispatch();
	const body = useAppSelector(({ works }) => works.byId[works.open[SHELF] ?? '']?.body);
	const [changing, setChanging] = useState<string | null>(null);
	const ids = new Map(own.map(({ id, fact }) => [keyOfFact(fact), id]));
	const keep = (id: string) => (fact: Fact) => {
		onShelf({ do: 'keep', id, fact });
		setChanging(null);
	};
	return (
		<Box style={styles.part} role="group" aria-label={words.factsOfMyOwn} testID="own-facts">
			<Words strong size="title" role="heading" aria-level={2}>
				{words.factsOfMyOwn}
			</Words>
			{own.length ? (
				<FactList facts={own.map(({ fact }) => ownFact(fact))} allowed={[]}>
					{(fact) => {
						const id = ids.get(keyOfFact(fact)) ?? '';
						return (
							<Box style={styles.part}>
								<Box style={styles.row}>
									<Button
										label={words.change}
										say={keyOfFact(fact)}
										on={changing === id}
										onPress={() => setChanging(changing === id ? null : id)}
										testID="change"
									/>
									<Button
										label={words.remove}
										say={keyOfFact(fact)}
										onPress={() => onShelf({ do: 'drop', id })}
										testID="remove"
									/>
								</Box>
								{changing === id ? <FactForm key={id} fact={fact} onKeep={keep(id)} /> : null}
							</Box>
						);
					}}
				</FactList>
			) : (
				<Words tone="soft">{words.noneYetAddAFactFromYour}</Words>
			)}
			<FactForm onKeep={(fact) => onShelf({ do: 'keep', id: nanoid(8), fact })} />
			<Box style={styles.row}>
				<Button
					label={words.undo}
					say={words.onTheShelf}
					disabled={!body || !canUndo(body)}
					onPress={() => dispatch(undid(SHELF))}
					testID="shelf-undo"
				/>
				<Button
					label={words.redo}
					say={words.onTheShelf}
					disabled={!body || !canRedo(body)}
					onPress={() => dispatch(redid(SHELF))}
					testID="shelf-redo"
				/>
			</Box>
		</Box>
	);
}

/** Facts: all tables as classes learn them, found by name or symbol, and one's own; which tables count as known. */
export function FactsScreen({ title, link }: PartProps<typeof EXAMPLE>) {
	const styles = useStyles();
	const dispatch = useAppDispatch();
	const { own, allowed } = useShelf();
	const { fields, set, address } = useFields('facts', link, EXAMPLE);
	const onShelf = (step: Step) => dispatch(did(SHELF, step));
	const searching = fields.search.trim() !== '';
	const { facts, meant } = useMemo(
		() => findFacts(fields.search, { own: own.map(({ fact }) => fact) }),
		[fields.search, own],
	);
	const shown = facts.slice(0, LISTED);
	return (
		<ShelfPage
			title={title}
			part="facts"
			address={address}
			beside={
				<>
					<OwnFacts own={own} onShelf={onShelf} />
					<TablesInUse allowed={allowed} onShelf={onShelf} />
					<Words size="small" tone="soft">
						{words.theDeskAndItsHintsUseOnly}
					</Words>
				</>
			}
		>
			<Field
				label={words.searchByNameOrSymbol}
				named
				value={fields.search}
				onChange={(search) => set({ search })}
				placeholder={words.mileFtWater}
				testID="search"
			/>
			{searching ? (
				<>
					<Words size="small" tone="soft" role="status" aria-live="polite" testID="found">
						{shown.length === 0
							? words.nothingIsCalledTryThe(quoted(fields.search.trim()))
							: `${meant === null ? '' : words.readAs(quoted(meant))}${words.factCount(shown.length)}.`}
					</Words>
					<FactList key={fields.search} facts={shown} allowed={allowed} />
				</>
			) : (
				TABLE_NAMES.map((table) => (
					<Box key={table}>
						<Touch
							aria-expanded={fields.open === table}
							onTouch={() => set({ open: fields.open === table ? '' : table })}
							style={styles.group}
							testID={`group-${table}`}
						>
							<Words
								strong
							>{`${factTable(table).title.replace(/^./, (c) => c.toUpperCase())}${allowed.includes(table) ? '' : words.notOnTheClassList}`}</Words>
							<Words tone="soft">{fields.open === table ? '−' : '+'}</Words>
						</Touch>
						{fields.open === table ? <FactList facts={factsOfTable(table)} allowed={allowed} /> : null}
					</Box>
				))
			)}
		</ShelfPage>
	);
}

const useStyles = makeStyles((palette) => ({
	part: { gap: GAP.s },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	group: {
		minHeight: 48,
		flexDirection: 'row',
		alignItems: 'center',
		justifyContent: 'space-between',
		borderBottomWidth: 2,
		borderRadius: 0,
		borderBottomColor: palette.rule,
	},
}));
