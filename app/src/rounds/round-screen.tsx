import { nanoid } from '@reduxjs/toolkit';
import { placeInRound, plainCode, roundTitle, shownCode } from '@tidy-sum/core';
import { type RoundPlan, readRoundCode, skillNamed, triesByExercise } from '@tidy-sum/core/practice';
import { useRouter } from 'expo-router';
import { __iconData as Back } from 'lucide-react-native/icons/arrow-left';
import { useCallback, useMemo, useState } from 'react';
import { useAppSelector } from '../store/store';
import { useAllHere } from '../store/use-all-here';
import { useRound } from '../store/use-round';
import { ShowLink } from '../taking/show-link';
import { roundForms } from '../taking/take-form';
import { TakeWith } from '../taking/take-with';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { copied } from '../ui/copied';
import { Page } from '../ui/page';
import { Words } from '../ui/words';
import { bodiesIn } from '../work/bodies-in';
import type { MadeRound } from '../work/made-rounds';
import { anotherRound, Counts, type Done, doneIn, RoundExercises, Slips } from './how-it-went';
import { RoundAhead } from './round-ahead';
import * as words from './words';

/** The most skills of a short Round of what slipped. */
const SHORT = 5;

/** The next exercise of a Round: the first not started, else the first that is not right yet. */
function nextIn(done: readonly Done[]): Done | undefined {
	return done.find(({ went }) => went === 'untouched') ?? done.find(({ went }) => went === 'not-yet');
}

/** The skills in which something went wrong or needed help, each once. */
function slippedIn(done: readonly Done[]): readonly string[] {
	const slipped = done.filter(({ went }) => went !== 'at-once' && went !== 'untouched');
	return [...new Set(slipped.map(({ skill }) => skill))];
}

/** The link of a Round to copy, and its code. */
function Share({ code }: { readonly code: string }) {
	const styles = useStyles();
	const router = useRouter();
	const [said, setSaid] = useState('');
	const share = async () => {
		const link = `${globalThis.location.origin}/round/${code}`;
		setSaid((await copied(link)) ? words.theLinkIsCopiedWhoever : link);
	};
	return (
		<>
			<Box style={styles.row}>
				<Button label={words.copyTheLink} onPress={share} testID="share" />
				<Button
					label={words.handIn}
					say={words.theWholeRoundOnPaper}
					onPress={() => router.navigate(`/hand-in/round-${code}`)}
					testID="round-hand-in"
				/>
			</Box>
			<Words size="small" role="status" aria-live="polite" testID="share-says">
				{said || words.withTheCodeAnyoneGetsThe(shownCode(code))}
			</Words>
		</>
	);
}

/** How a Round went so far: each exercise, the slips by name with the line they were in, and the next exercise. */
function HowItWent({ round, plan }: { readonly round: MadeRound; readonly plan: RoundPlan }) {
	const styles = useStyles();
	const router = useRouter();
	const works = useAppSelector((state) => state.works);
	const done = useMemo(() => doneIn(round.exercises, plan, triesByExercise(bodiesIn(works))), [works, round, plan]);
	const forms = useMemo(() => roundForms(round.code), [round.code]);
	const next = nextIn(done);
	const begun = done.some(({ went }) => went !== 'untouched');
	const over = begun && done.every(({ went }) => went !== 'untouched');
	const slipped = slippedIn(done);
	const open = (name: string) => router.navigate(`/desk/${name}`);
	const another = (by: Partial<RoundPlan>) => router.navigate(`/round/${anotherRound(plan, by, nanoid())}`);
	const anotherButton = (kind: 'plain' | 'strong') => (
		<Button label={words.anotherRound} kind={kind} onPress={() => another({})} testID="another" />
	);
	return (
		<Page
			title={roundTitle(round.code)}
			testID="round"
			beside={<RoundExercises done={done} onOpen={open} />}
			tools={
				<>
					<Button label={words.rounds} icon={Back} onPress={() => router.navigate('/rounds')} testID="to-rounds" />
					<Box style={styles.grow}>
						{next ? (
							<Button
								label={begun ? words.continueWith(done.indexOf(next) + 1) : words.start}
								kind="strong"
								onPress={() => open(next.name)}
								testID="go-on"
							/>
						) : (
							anotherButton('strong')
						)}
					</Box>
				</>
			}
		>
			<Words>
				{words.exercisesLevel(plan.count, plan.level, plan.skills.map((skill) => skillNamed(skill)?.title).join(', '))}
			</Words>
			{begun ? (
				<Counts done={done} />
			) : (
				<Words tone="soft">{plan.skills.map((skill) => skillNamed(skill)?.watch).join(' ')}</Words>
			)}
			<Slips done={done} onOpen={open} />
			<Box style={styles.row}>
				{slipped.length ? (
					<Button
						label={words.aShortRoundOnTheseSlips}
						{...(over ? {} : { say: words.fiveNewExercises })}
						onPress={() => another({ skills: slipped.slice(0, SHORT), count: 5 })}
						testID="short-round"
					/>
				) : null}
				{next && over ? anotherButton('plain') : null}
			</Box>
			<Share code={round.code} />
			{begun ? <ShowLink shows={{ is: 'round', code: plainCode(round.code) }} what={words.thisRound} /> : null}
			<TakeWith forms={forms} />
		</Page>
	);
}

/** What is left of a Round whose edition of the scenes is gone: the exercises worked of it, and another of the same skills. */
function OfGoneEdition({ plan, code }: { readonly plan: RoundPlan; readonly code: string }) {
	const styles = useStyles();
	const router = useRouter();
	const works = useAppSelector((state) => state.works);
	const worked = bodiesIn(works)
		.flatMap(({ exercise, posed }) => {
			const at = posed ? placeInRound(exercise) : null;
			return at?.code === plainCode(code) ? [{ exercise, number: at.place + 1 }] : [];
		})
		.sort((a, b) => a.number - b.number);
	return (
		<Box style={styles.row}>
			{worked.map(({ exercise, number }) => (
				<Button
					key={exercise}
					label={words.exerciseAsItWasWorked(number)}
					onPress={() => router.navigate(`/desk/${exercise}`)}
				/>
			))}
			<Button
				label={words.anotherRoundOfTheSame}
				kind="strong"
				onPress={() => router.navigate(`/round/${anotherRound(plan, {}, nanoid())}`)}
				testID="same-skills"
			/>
		</Box>
	);
}

/** Tells of an exercise whether it is of the Round with this code. */
function useIsOfRound(code = ''): (exercise: string) => boolean {
	return useCallback((exercise: string) => placeInRound(exercise)?.code === plainCode(code), [code]);
}

/** A Round opened by its code: before the start, while it runs, and when it is over. */
export function RoundScreen({ code }: { readonly code: string | undefined }) {
	const router = useRouter();
	const plan = useMemo(() => readRoundCode(code ?? ''), [code]);
	const made = useRound(plan.ok ? code : undefined);
	const isRead = useAllHere(useIsOfRound(code));
	if (plan.ok && made?.ok)
		return isRead ? <HowItWent round={made.value} plan={plan.value} /> : <RoundAhead code={code ?? ''} />;
	const fault = plan.ok ? (made && !made.ok ? made.fault : null) : plan.fault;
	const gone = plan.ok && fault ? plan.value : null;
	return (
		<Page
			title={words.aRound}
			testID="round-fault"
			tools={<Button label={words.rounds} icon={Back} onPress={() => router.navigate('/rounds')} testID="to-rounds" />}
		>
			<Words role="status" aria-live="polite">
				{fault ? fault.message : words.makingTheRound}
			</Words>
			{fault && !gone ? <Words>{words.checkItOrStartYourOwnRound(code)}</Words> : null}
			{gone && code ? <OfGoneEdition plan={gone} code={code} /> : null}
		</Page>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	grow: { flexGrow: 1 },
}));
