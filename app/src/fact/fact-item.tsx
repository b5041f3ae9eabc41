import {
	type FactForms,
	type Factor,
	factFigures,
	factText,
	figuresText,
	printQuantity,
	sayFactor,
	type TableFact,
} from '@tidy-sum/core';
import { type ReactNode, useContext, useState } from 'react';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box, Touch } from '../ui/box';
import { Choices } from '../ui/choices';
import { Fraction } from '../ui/fraction';
import { Said } from '../ui/said';
import { Words } from '../ui/words';
import { WayHintContext } from './way-hint';
import { Way, Ways } from './ways';
import * as words from './words';

/** A name for a fact, by what it says. */
export function keyOfFact({ left, right }: Pick<TableFact, 'left' | 'right'>): string {
	return `${left.number}${left.unit}=${right.number}${right.unit}`;
}

/** The two ways up a fact can be laid; the student decides which. */
function waysOf({ left, right, exact, tables }: TableFact): readonly Factor[] {
	const rest = {
		...(tables.includes('problem') ? { given: true, ...(exact ? { exact } : {}) } : {}),
		...(tables.includes('own') ? { exact } : {}),
	};
	return [
		{ top: right, bottom: left, ...rest },
		{ top: left, bottom: right, ...rest },
	];
}

type WaysProps = { readonly forms: FactForms<TableFact>; readonly onPlace: (factor: Factor) => void };

/** The ways a fact can be laid on the line; where it can be written in other numbers, the student chooses which. */
function WaysOfFact({ forms, onPlace }: WaysProps) {
	const styles = useStyles();
	const hint = useContext(WayHintContext);
	const [chosen, setChosen] = useState(keyOfFact(forms[0]));
	const fact = forms.find((form) => keyOfFact(form) === chosen) ?? forms[0];
	return (
		<Ways question={words.whichGoesOnTheBottom} hint={hint(fact)}>
			{waysOf(fact).map((factor) => (
				<Way
					key={sayFactor(factor)}
					say={words.place(sayFactor(factor))}
					onTouch={() => onPlace(factor)}
					testID={`place-${factor.bottom.unit}-below`}
				>
					<Fraction
						top={<Words style={styles.side}>{printQuantity(factor.top)}</Words>}
						bottom={<Words style={styles.side}>{printQuantity(factor.bottom)}</Words>}
					/>
				</Way>
			))}
			{forms.length > 1 ? (
				<Choices
					label={words.writeTheFactAs}
					choices={forms.map((form) => ({ value: keyOfFact(form), label: factText(form).text }))}
					chosen={chosen}
					onChoose={setChosen}
					testID="form"
				/>
			) : null}
		</Ways>
	);
}

/** How well a fact is known: exact, or measured to so many figures. */
function known(fact: TableFact): string {
	const figures = factFigures(fact);
	return fact.exact ? 'exact' : `measured${figures === null ? '' : `, ${figuresText(figures)}`}`;
}

type Props = {
	/** The fact, in each way it can be written. */
	readonly forms: FactForms<TableFact>;
	readonly open: boolean;
	readonly onOpen: () => void;
	/** Called with the factor to lay; null when there is no line. */
	readonly onPlace: ((factor: Factor) => void) | null;
	/** More that is said of it: that no class table holds it, the other way round. */
	readonly more?: string | undefined;
	readonly children?: ReactNode;
};

/** One fact of the Shelf, with its kind and its source; touched, it asks which way up it is taken. */
export function FactItem({ forms, open, onOpen, onPlace, more, children }: Props) {
	const styles = useStyles();
	const [fact] = forms;
	const { text, say } = factText(fact);
	const about = [known(fact), fact.note, fact.source].filter(Boolean).join(' · ');
	return (
		<Box role="listitem" style={styles.item}>
			<Touch aria-expanded={open} onTouch={onOpen} testID={`fact-${keyOfFact(fact)}`} style={styles.fact}>
				<Words strong style={styles.says}>
					{text}
				</Words>
				{more ? (
					<Words size="small" style={styles.says}>
						{more}
					</Words>
				) : null}
				<Words size="small" tone="soft">
					{about}
				</Words>
				<Said>{say}</Said>
			</Touch>
			{open && onPlace ? <WaysOfFact forms={forms} onPlace={onPlace} /> : null}
			{open ? children : null}
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	item: { borderBottomWidth: 1, borderBottomColor: palette.rule },
	fact: { minHeight: 48, paddingVertical: GAP.s, justifyContent: 'center' },
	says: { fontVariant: ['tabular-nums'] },
	side: { paddingHorizontal: GAP.s, paddingVertical: 2 },
}));
