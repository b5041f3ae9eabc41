import { nanoid } from '@reduxjs/toolkit';
import { listed, plainCode } from '@tidy-sum/core';
import {
	begunRounds,
	type Level,
	levelFor,
	pickSkills,
	practisedIn,
	ROUND_COUNTS,
	roundCode,
	SKILLS,
	seedFrom,
	skillNamed,
	skillStates,
} from '@tidy-sum/core/practice';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { pageAhead } from '../places/page-ahead';
import { PlacePage } from '../places/place-page';
import { allWorks } from '../store/all-works';
import { useAppStore } from '../store/store';
import { type Piece, usePieces } from '../store/use-pieces';
import { TakeWith } from '../taking/take-with';
import { tryForms } from '../taking/tries-taken';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Choices } from '../ui/choices';
import { Fold } from '../ui/fold';
import { Part } from '../ui/part';
import { useRoom } from '../ui/use-room';
import { Words } from '../ui/words';
import { zoneAt } from '../worker/zone-now';
import { Begun } from './begun';
import { ByCode } from './by-code';
import { SkillList } from './skill-list';
import { Suggested } from './suggested';
import * as words from './words';

const LEVELS = [
	{ value: '1', label: words.plain },
	{ value: '2', label: '2' },
	{ value: '3', label: words.tricky },
] as const;

const Ahead = pageAhead(words.rounds, 'rounds');

/** Chooses what to practise, or lets it be picked, and opens a Round; or opens one by its code. */
export function RoundsScreen() {
	const pieces = usePieces();
	return pieces ? <Rounds pieces={pieces} /> : <Ahead />;
}

function Rounds({ pieces }: { readonly pieces: readonly Piece[] }) {
	const styles = useStyles();
	const router = useRouter();
	const store = useAppStore();
	const [now] = useState(() => Date.now());
	const begun = useMemo(() => begunRounds(pieces), [pieces]);
	const states = useMemo(() => skillStates(practisedIn(begun), now, zoneAt), [begun, now]);
	const picked = useMemo(() => pickSkills(states, now), [states, now]);
	const [chosen, setChosen] = useState<readonly string[]>(picked.map(({ skill }) => skill));
	const [count, setCount] = useState<(typeof ROUND_COUNTS)[number]>(10);
	const [asked, setAsked] = useState<Level | null>(null);
	const taken = useMemo(() => tryForms(() => allWorks(store)), [store]);
	const level = asked ?? levelFor(states, chosen);
	const open = (code: string) => router.navigate(`/round/${plainCode(code)}`);
	const begin = () => {
		const skills = SKILLS.map(({ skill }) => skill).filter((skill) => chosen.includes(skill));
		open(roundCode({ skills, level, count, seed: seedFrom(nanoid()) }));
	};
	const { wide } = useRoom();
	const start = (
		<Box style={styles.start}>
			<Words size="small" tone="soft" testID="chosen-names">
				{chosen.length
					? words.chosenNames(listed(chosen.map((skill) => skillNamed(skill)?.title ?? skill)))
					: words.touchASkillToChooseIt}
			</Words>
			<Button
				label={words.startNewExercises(count)}
				kind="strong"
				disabled={!chosen.length}
				onPress={begin}
				testID="begin-round"
			/>
		</Box>
	);
	const list = <SkillList states={states} chosen={chosen} onChoose={setChosen} />;
	return (
		<PlacePage
			title={words.rounds}
			says={words.aRoundIsASetOfExercises}
			place="rounds"
			testID="rounds"
			action={wide ? undefined : start}
			full
			beside={wide ? <Part title={words.orChooseWhatToPractise}>{list}</Part> : undefined}
		>
			<Suggested picked={picked} chosen={chosen} onChoose={setChosen} />
			{wide ? null : (
				<Fold title={words.orChooseWhatToPractise} says={words.skillsToMix(SKILLS.length)} testID="all-skills">
					{list}
				</Fold>
			)}
			<Box style={styles.shape}>
				<Choices
					label={words.howMany}
					choices={ROUND_COUNTS.map((one) => ({ value: `${one}`, label: `${one}`, say: 'exercises' }))}
					chosen={`${count}`}
					onChoose={(value) => setCount(ROUND_COUNTS.find((one) => `${one}` === value) ?? count)}
					testID="count"
				/>
				<Choices
					label={words.level}
					choices={LEVELS}
					chosen={`${level}`}
					onChoose={(value) => setAsked(Number(value) as Level)}
					testID="level"
				/>
			</Box>
			{wide ? start : null}
			<Box>
				<Fold title={words.openARoundByItsCode} says={words.fromATeacherOrAFriend} testID="by-code">
					<ByCode onOpen={open} />
				</Fold>
				{begun.length ? (
					<Fold title={words.startedBefore} says={words.roundsStarted(begun.length)} testID="begun">
						<Begun begun={begun} onOpen={open} />
					</Fold>
				) : null}
				<Fold title={words.yourPastWork} says={words.toSaveLookAtOrMark} testID="past-work">
					<TakeWith forms={taken} />
					<Box style={styles.row}>
						<Button
							label={words.theRecord}
							say={words.skillsSlipsTimes}
							onPress={() => router.navigate('/record' as '/')}
							testID="to-record"
						/>
						<Button
							label={words.markAClasssAnswers}
							onPress={() => router.navigate('/marking' as '/')}
							testID="to-marking"
						/>
					</Box>
				</Fold>
			</Box>
		</PlacePage>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	shape: { flexDirection: 'row', flexWrap: 'wrap', columnGap: GAP.xl, rowGap: GAP.m },
	start: { gap: GAP.xs },
}));
