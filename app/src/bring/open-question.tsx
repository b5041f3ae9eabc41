import { parseUnit, printUnitText } from '@tidy-sum/core';
import { readStarting, readWanted } from '@tidy-sum/core/help';
import type { SingleStep } from '@tidy-sum/schema';
import { useState } from 'react';
import { startStep } from '../problem/starting';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import { Words } from '../ui/words';
import type { Work } from '../work/work';
import { shownToken } from './places';
import { ASKS, type Question, quantityOf, stepsFor, type Token } from './tokens';
import * as words from './words';

type Props = {
	readonly question: Exclude<Question, null>;
	readonly work: Work;
	readonly tokens: readonly Token[];
	readonly onDo: (...steps: readonly SingleStep[]) => void;
};

const READS = {
	start: { placeholder: '3.6 m/s', fault: (text: string) => readStarting(text) },
	want: { placeholder: words.kmHOrFtAndIn, fault: (text: string) => readWanted(text) },
} as const;

/** What an answer to the question does; nothing while it cannot be read. */
function stepOf(question: Props['question'], text: string): SingleStep | null {
	if (question === 'start') {
		const read = readStarting(text);
		return read.ok ? startStep(read.value) : null;
	}
	const read = readWanted(text);
	if (!read.ok) return null;
	const { unit, parts } = read.value;
	return { do: 'ask', want: parts.length ? { mixed: [...parts] } : { unit: unit.trim() } };
}

function isUnit(text: string): boolean {
	return text !== '' && parseUnit(text).ok;
}

/** Units the answer may be in: those of the text and of its facts, but for the one it starts from. */
function unitsToChoose({ start, stated }: Work, quantities: readonly Token[]): readonly string[] {
	const told = quantities.map((token) => quantityOf(token).unit);
	const inFacts = stated.flatMap(({ left, right }) => [left.unit, right.unit]);
	const from = start && !('top' in start) ? printUnitText(start.unit) : '';
	const printed = [...told, ...inFacts].filter(isUnit).map(printUnitText);
	return [...new Set(printed)].filter((unit) => unit !== from);
}

/** The one thing that could not be told of a problem, asked: a quantity or a unit of the text at a touch, or typed. */
export function OpenQuestion({ question, work, tokens, onDo }: Props) {
	const styles = useStyles();
	const [text, setText] = useState('');
	const { placeholder, fault } = READS[question];
	const read = text.trim() === '' ? null : fault(text);
	const step = read?.ok ? stepOf(question, text) : null;
	const quantities = tokens.filter(({ place }) => place !== 'wanted' && place !== 'rounding');
	const units = unitsToChoose(work, quantities);
	const take = () => {
		if (!step) return;
		onDo(step);
		setText('');
	};
	return (
		<Box style={styles.asked} role="group" aria-label={ASKS[question]} testID="question">
			<Words strong role="status" aria-live="polite">
				{ASKS[question]}
			</Words>
			<Box style={styles.row}>
				{question === 'start'
					? quantities
							.filter((token) => quantityOf(token).unit !== '')
							.map((token) => (
								<Button
									key={`${token.at}`}
									label={shownToken(token)}
									onPress={() => onDo(...stepsFor(token, 'start', work))}
									testID={`start-${token.at[0]}`}
								/>
							))
					: units.map((unit) => (
							<Button
								key={unit}
								label={unit}
								onPress={() => onDo({ do: 'ask', want: { unit } })}
								testID={`in-${unit}`}
							/>
						))}
			</Box>
			<Field
				label={question === 'start' ? words.aQuantityToStartFrom : words.theUnitOfTheAnswer}
				named
				value={text}
				onChange={setText}
				onSubmit={take}
				placeholder={placeholder}
				fault={read && !read.ok ? read.fault : null}
				testID="question-field"
			/>
			<Box style={styles.row}>
				<Button label={words.useThis} disabled={!step} onPress={take} testID="question-take" />
			</Box>
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	asked: {
		gap: GAP.s,
		padding: GAP.m,
		borderLeftWidth: 4,
		borderLeftColor: palette.apricotEdge,
		backgroundColor: palette.panel,
	},
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
}));
