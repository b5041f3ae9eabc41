import {
	type BookExercise,
	goalOf,
	printUnitText,
	type Quantity,
	type Role,
	readQuantityText,
	type Start,
} from '@tidy-sum/core';
import type { SingleStep } from '@tidy-sum/schema';
import { useState } from 'react';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Words } from '../../ui/words';
import { isOwn } from '../../work/exercises';
import { PanelFrame } from '../panel-frame';
import type { PanelProps } from '../panel-row';
import * as words from './words';

declare module '../../work/panel-slice' {
	interface Panels {
		/** The places of the problem's quantities; from the one at this place in the text, else the first without one. */
		readonly places: { readonly from?: number };
	}
}

type Mark = NonNullable<BookExercise['marks']>[number];

/** A quantity as written in the text. */
function quantityIn(text: string): Quantity {
	const read = readQuantityText(text);
	return read.ok ? read.value : { number: text, unit: '' };
}

function textAt({ prompt }: BookExercise, { at }: Mark): string {
	return prompt.slice(at[0], at[1]);
}

/** The start a quantity of the text makes: the whole pair where the problem means one. */
function startFrom(exercise: BookExercise, mark: Mark): Start {
	if (mark.role === 'start' && !isOwn(exercise.name)) return exercise.start;
	return quantityIn(textAt(exercise, mark));
}

/** The other half of a fact: the marks of both follow each other in the text. */
function partnerOf({ marks = [] }: BookExercise, mark: Mark): Mark | undefined {
	const facts = marks.filter(({ role }) => role === 'fact');
	const at = facts.indexOf(mark);
	return at < 0 ? undefined : facts[at % 2 === 0 ? at + 1 : at - 1];
}

const ROLES: readonly { readonly role: Role; readonly label: string }[] = [
	{ role: 'start', label: words.startFromIt },
	{ role: 'fact', label: words.itIsPartOfAFact },
	{ role: 'spare', label: words.notNeeded },
];

/** What is said of a place that is not the right one, where the support allows it. */
function doubtOf(mark: Mark, role: Role | undefined): string | null {
	if (!role || role === mark.role) return null;
	if (role === 'start') return mark.role === 'fact' ? words.itLinksTwoUnitsSoItIsA : words.youCanAnswerTheQuestion;
	if (mark.role === 'start') return words.theQuestionAsksAboutThis;
	return role === 'fact' ? words.itIsNotLinkedToAnything : words.itLinksTwoUnitsAndYouMay;
}

/** The units one may take for the wanted one: those the question names, among those of the text. */
function unitsToChoose(exercise: BookExercise): readonly string[] {
	const units = (exercise.marks ?? []).map((mark) => quantityIn(textAt(exercise, mark)).unit);
	const lines = (exercise.line ?? []).flatMap(({ top, bottom }) => [top.unit, bottom.unit]);
	const printed = [...units, ...lines, goalOf(exercise) ?? ''].map(printUnitText);
	return [...new Set(printed)].filter((unit) => unit !== '').sort((a, b) => a.localeCompare(b));
}

/** Each quantity of the problem gets its place, one after another; then what is wanted is said. */
export function PlacesPanel({ view, panel: { from }, acts }: PanelProps<'places'>) {
	const styles = useStyles();
	const { exercise, work, support } = view;
	const { marks = [] } = exercise;
	const [chosen, setChosen] = useState(from);
	const roleOf = (mark: Mark) => work.placed.find(({ at }) => at[0] === mark.at[0])?.role;
	const open = marks.find((mark) => !roleOf(mark));
	const own = isOwn(exercise.name);
	const mark = marks.find(({ at }) => at[0] === chosen) ?? (view.wanted || own ? undefined : open);
	const tells = support !== 'none' && !own;
	const { onDo, close: onDone } = acts;

	const give = (of: Mark, role: Role) => {
		const steps: SingleStep[] = [{ do: 'mark', at: [...of.at], role }];
		const partner = own ? undefined : partnerOf(exercise, of);
		if (partner && role === 'fact') steps.push({ do: 'mark', at: [...partner.at], role });
		if (role === 'start') steps.push({ do: 'start', start: startFrom(exercise, of) });
		onDo(...steps);
		setChosen(tells && doubtOf(of, role) ? of.at[0] : undefined);
		if (own && role === 'fact') acts.show({ kind: 'own', half: textAt(exercise, of) });
		else if (own) onDone();
	};

	if (mark) {
		const doubt = tells ? doubtOf(mark, roleOf(mark)) : null;
		return (
			<PanelFrame title={words.whatIsHereFor(textAt(exercise, mark).replace(/ /g, '\u00a0'))}>
				<Box style={styles.row}>
					{ROLES.map(({ role, label }) => (
						<Button
							key={role}
							label={label}
							on={roleOf(mark) === role}
							onPress={() => give(mark, role)}
							testID={`role-${role}`}
						/>
					))}
				</Box>
				{doubt ? (
					<Words tone="look" role="status" aria-live="polite" testID="place-says">
						{doubt}
					</Words>
				) : (
					<Words size="small" tone="soft">
						{words.startFromWhatTheQuestion}
					</Words>
				)}
				{open && mark !== open ? (
					<Box style={styles.row}>
						<Button label={words.nextQuantity} onPress={() => setChosen(open.at[0])} testID="next-quantity" />
					</Box>
				) : null}
			</PanelFrame>
		);
	}
	const goal = printUnitText(goalOf(exercise) ?? '');
	const doubt = tells && work.want !== null && printUnitText(work.want) !== goal;
	return (
		<PanelFrame>
			<Box style={styles.row}>
				{unitsToChoose(exercise).map((unit) => (
					<Button
						key={unit}
						label={unit}
						on={work.want === unit}
						onPress={() => {
							onDo({ do: 'want', unit });
							if (tells && unit !== goal) acts.show({ kind: 'places' });
							else onDone();
						}}
						testID={`want-${unit}`}
					/>
				))}
			</Box>
			<Words size={doubt ? 'body' : 'small'} tone={doubt ? 'look' : 'soft'} aria-live="polite" testID="place-says">
				{doubt ? words.theQuestionAsksForAnother : words.thisIsTheUnitOfTheAnswerIt}
			</Words>
		</PanelFrame>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
}));
