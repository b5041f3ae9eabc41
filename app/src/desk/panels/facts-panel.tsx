import {
	type Fact,
	type Factor,
	factsHolding,
	printUnitText,
	quoted,
	sayFactor,
	sayQuantity,
	type TableFact,
} from '@tidy-sum/core';
import { memo, useState } from 'react';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box, Touch } from '../../ui/box';
import { Fraction } from '../../ui/fraction';
import { Panel } from '../../ui/panel';
import { Said } from '../../ui/said';
import { Words } from '../../ui/words';
import { printQuantity } from '../describe';

type Props = {
	/** What the problem itself states. */
	readonly stated: readonly Fact[];
	readonly unit: string;
	readonly onPlace: (factor: Factor) => void;
	readonly onClose?: () => void;
};

function keyOf(fact: TableFact): string {
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

/** The Shelf opened on one unit: the facts that hold it. Taking one asks which side goes on the bottom. */
export const FactsPanel = memo(function FactsPanel({ stated, unit, onPlace, onClose }: Props) {
	const styles = useStyles();
	const [open, setOpen] = useState<string | null>(null);
	const facts = factsHolding(unit, stated);
	return (
		<Panel title={`Facts that hold ${quoted(printUnitText(unit))}`} testID="facts" {...(onClose ? { onClose } : {})}>
			<Box role="list">
				{facts.map((fact) => {
					const key = keyOf(fact);
					const opened = open === key;
					const says = `${printQuantity(fact.left)} = ${printQuantity(fact.right)}`;
					const from = [fact.exact ? 'exact' : 'measured', fact.note, fact.source].filter(Boolean).join(' · ');
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
									{from}
								</Words>
								<Said>{`${sayQuantity(fact.left)} is ${sayQuantity(fact.right)}`}</Said>
							</Touch>
							{opened ? <Ways fact={fact} onPlace={onPlace} /> : null}
						</Box>
					);
				})}
			</Box>
			{facts.length ? null : (
				<Words>No table here holds {quoted(printUnitText(unit))}. Try one of the other units on the line.</Words>
			)}
		</Panel>
	);
});

const useStyles = makeStyles((palette) => ({
	item: { borderBottomWidth: 1, borderBottomColor: palette.rule },
	fact: { minHeight: 48, paddingVertical: GAP.s, justifyContent: 'center' },
	says: { fontVariant: ['tabular-nums'] },
	ways: { gap: GAP.s, paddingBottom: GAP.m },
	choices: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.m },
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
