import { type BookExercise, plainCode } from '@tidy-sum/core';
import {
	EDITION,
	type RoundPlan,
	roundCode,
	seedFrom,
	skillAt,
	skillNamed,
	slipNamed,
	slipsIn,
	type Went,
	wentOf,
} from '@tidy-sum/core/practice';
import type { KeptTry } from '@tidy-sum/schema';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box, Touch } from '../ui/box';
import { Button } from '../ui/button';
import { Words } from '../ui/words';
import { tryText } from '../work/try-lines';
import * as words from './words';

const SAYS: Readonly<Record<Went, string>> = {
	'at-once': words.rightAtOnce,
	'after-nudge': words.rightAfterAHint,
	uncovered: words.rightWithNumbersUncovered,
	'after-try': words.rightAfterAnotherTry,
	shown: words.rightAfterSeeingTheLine,
	'not-yet': words.notRightYet,
	untouched: words.notStarted,
};

/** A sign beside the words, so that the list can be looked over. */
const SIGNS: Readonly<Record<Went, string>> = {
	'at-once': '●',
	'after-nudge': '◐',
	uncovered: '◐',
	'after-try': '◐',
	shown: '○',
	'not-yet': '○',
	untouched: '',
};

/** An exercise of a Round with how it went so far. */
export type Done = {
	readonly name: string;
	readonly prompt: string;
	readonly skill: string;
	readonly tries: readonly KeptTry[];
	readonly went: Went;
};

/** The exercises of a Round with how each went, by the tries at it. */
export function doneIn(
	exercises: readonly BookExercise[],
	plan: RoundPlan,
	tries: ReadonlyMap<string, readonly KeptTry[]>,
): readonly Done[] {
	return exercises.map(({ name, prompt }, place) => {
		const of = tries.get(name) ?? [];
		return { name, prompt, skill: skillAt(plan, place), tries: of, went: wentOf(of) };
	});
}

/** The code of another Round like one: the same level, other numbers, and the skills that are asked for. */
export function anotherRound(plan: RoundPlan, by: Partial<RoundPlan>, id: string): string {
	return plainCode(roundCode({ ...plan, edition: EDITION, ...by, seed: seedFrom(id) }));
}

type ListProps = { readonly done: readonly Done[]; readonly onOpen: (name: string) => void };

/** The exercises, one under another, each with how it went. */
export function RoundExercises({ done, onOpen }: ListProps) {
	const styles = useStyles();
	return (
		<Box role="list">
			{done.map(({ name, prompt, skill, went }, i) => (
				<Box key={name} role="listitem" style={styles.item}>
					<Touch role="link" onTouch={() => onOpen(name)} style={styles.exercise} testID={`round-${i + 1}`}>
						<Words aria-hidden tone="pine" style={styles.sign}>
							{SIGNS[went]}
						</Words>
						<Box style={styles.words}>
							<Words size="small" tone="soft">
								{i + 1}. {skillNamed(skill)?.title}: {SAYS[went]}
							</Words>
							<Words>{prompt}</Words>
						</Box>
					</Touch>
				</Box>
			))}
		</Box>
	);
}

/** How many exercises went how. */
export function Counts({ done }: Pick<ListProps, 'done'>) {
	const styles = useStyles();
	const counts = (Object.keys(SAYS) as Went[])
		.map((one) => ({ one, count: done.filter(({ went }) => went === one).length }))
		.filter(({ count }) => count > 0);
	return (
		<Box style={styles.part} role="group" aria-label={words.howItWent}>
			{counts.map(({ one, count }) => (
				<Box key={one} style={styles.count}>
					<Words strong mono style={styles.number}>
						{count}
					</Words>
					<Words testID={`went-${one}`}>{SAYS[one]}</Words>
				</Box>
			))}
		</Box>
	);
}

/** Where a slip was made: the exercise, its place, and the try. */
function madeIn(done: readonly Done[], code: string) {
	const isIt = (one: KeptTry) => !one.right && one.slips[0] === code;
	const at = done.findIndex(({ tries }) => tries.some(isIt));
	const exercise = done[at];
	return exercise ? { at, exercise, made: exercise.tries.find(isIt) } : null;
}

/** The slips by name, with the very line they were in, and what helps against each. */
export function Slips({ done, onOpen }: ListProps) {
	const styles = useStyles();
	const slips = slipsIn(done.flatMap(({ tries }) => tries));
	if (!slips.length) return null;
	return (
		<Box style={styles.part} testID="round-slips">
			<Words strong size="title" role="heading" aria-level={2}>
				{words.slips}
			</Words>
			{slips.map(({ code, times }) => {
				const where = madeIn(done, code);
				return (
					<Box key={code} style={styles.slip}>
						<Words strong>
							{slipNamed(code)?.title}
							{times > 1 ? words.times(times) : ''}
						</Words>
						{where?.made ? <Words style={styles.line}>{tryText(where.made)}</Words> : null}
						<Words size="small">{slipNamed(code)?.nudge}</Words>
						{where ? (
							<Box style={styles.row}>
								<Button
									label={words.lookAtExercise(where.at + 1)}
									onPress={() => onOpen(where.exercise.name)}
									testID={`look-${code}`}
								/>
							</Box>
						) : null}
					</Box>
				);
			})}
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	part: { gap: GAP.s },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	count: { flexDirection: 'row', gap: GAP.s },
	number: { minWidth: 28, textAlign: 'right' },
	slip: { gap: GAP.xs, paddingLeft: GAP.m, borderLeftWidth: 4, borderLeftColor: palette.look },
	line: { fontVariant: ['tabular-nums'] },
	item: { borderBottomWidth: 1, borderBottomColor: palette.rule },
	exercise: { minHeight: 52, flexDirection: 'row', gap: GAP.s, paddingVertical: GAP.s },
	sign: { width: 20 },
	words: { flex: 1 },
}));
