import { listed, sayQuantity, sayWanted } from '@tidy-sum/core';
import { missingFact } from '@tidy-sum/core/help';
import type { SingleStep } from '@tidy-sum/schema';
import { memo, useState } from 'react';
import { WorkedLine } from '../line/worked-line';
import { FactsStated } from '../problem/facts-stated';
import { ProblemFields } from '../problem/problem-fields';
import { startingOf } from '../problem/starting';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Words } from '../ui/words';
import { ownExercise } from '../work/exercises';
import { chainOf } from '../work/line-of-work';
import { sayPartsAsOne } from '../work/parts-as-one';
import type { Work } from '../work/work';
import { OpenQuestion } from './open-question';
import { Chooser, Places } from './places';
import { questionOf, type Token } from './tokens';
import * as words from './words';

type Props = {
	readonly name: string;
	readonly work: Work;
	readonly tokens: readonly Token[];
	readonly chosen: Token | null;
	readonly onChoose: (token: Token | null) => void;
	readonly onDo: (...steps: readonly SingleStep[]) => void;
	readonly wide: boolean;
};

/** The beginning of the line, and the unit it should end in. */
function Beginning({ name, work }: Pick<Props, 'name' | 'work'>) {
	const styles = useStyles();
	if (!startingOf(work) && !work.asked) return null;
	const exercise = ownExercise(name, work);
	const missing = work.asked && work.start ? missingFact(exercise) : null;
	return (
		<Box style={styles.part} role="group" aria-label={words.theStartOfTheLine} testID="beginning">
			{work.start ? (
				<WorkedLine chain={{ ...chainOf(exercise, work), factors: [] }} until={work.until ?? undefined} />
			) : null}
			{work.until ? <Words size="small">{words.thisIsARangeBothEndsAre}</Words> : null}
			{work.terms.length ? (
				<Words size="small">
					{work.start && 'top' in work.start
						? sayPartsAsOne(work, exercise)
						: words.onTheLineAdd(listed(work.terms.map(sayQuantity)))}
				</Words>
			) : null}
			<Words testID="beginning-wanted">
				{words.wanted(Boolean(work.asked), sayWanted(exercise, work.want), work.difference)}
			</Words>
			{missing ? (
				<Words size="small" tone="look" role="status" aria-live="polite">
					{words.noFactLeads(missing.from, missing.to)} {words.touchTheNumberOfTheFact}
				</Words>
			) : null}
		</Box>
	);
}

/** One problem as it was read: its tokens, the one open question, the line's beginning, its facts, and all of it to fill in. */
export const ProblemDraft = memo(function ProblemDraft({ name, work, tokens, chosen, onChoose, onDo, wide }: Props) {
	const styles = useStyles();
	const [filling, setFilling] = useState(work.text.trim() === '' && work.start !== null);
	const question = questionOf(work);
	const isRead = tokens.length > 0 || work.start !== null || work.asked !== null;
	return (
		<Box style={styles.all}>
			{chosen ? (
				<Chooser key={`${chosen.at}`} work={work} tokens={tokens} chosen={chosen} onChoose={onChoose} onDo={onDo} />
			) : null}
			{question && !chosen && work.text.trim() !== '' ? (
				<OpenQuestion key={question} question={question} work={work} tokens={tokens} onDo={onDo} />
			) : null}
			{isRead ? <Beginning name={name} work={work} /> : null}
			{work.stated.length && !filling ? <FactsStated facts={work.stated} onDo={onDo} /> : null}
			<Places tokens={tokens} chosen={chosen} onChoose={onChoose} />
			<Box style={styles.row}>
				<Button
					label={filling ? words.closeTheFields : words.fillItInYourself}
					say={words.startWantedRoundingAnd}
					on={filling}
					onPress={() => setFilling(!filling)}
					testID="fill-in"
				/>
			</Box>
			{filling ? <ProblemFields own={work} onDo={onDo} wide={wide} /> : null}
		</Box>
	);
});

const useStyles = makeStyles(() => ({
	all: { gap: GAP.l },
	part: { gap: GAP.s },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
}));
