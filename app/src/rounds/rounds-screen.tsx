import { nanoid } from '@reduxjs/toolkit';
import { type Fault, listed, plainCode, shownCode } from '@tidy-sum/core';
import {
	type BegunRound,
	begunRounds,
	type Level,
	levelFor,
	type Picked,
	pickSkills,
	practisedIn,
	ROUND_COUNTS,
	readRoundCode,
	roundCode,
	SKILLS,
	SKILLS_IN_ROUND,
	type SkillState,
	seedFrom,
	skillNamed,
	skillStates,
	wentOf,
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
import { Box, Touch } from '../ui/box';
import { Button } from '../ui/button';
import { Choices } from '../ui/choices';
import { Field } from '../ui/field';
import { Fold } from '../ui/fold';
import { LinkRow } from '../ui/link-row';
import { Part } from '../ui/part';
import { type SocketState, Sockets } from '../ui/sockets';
import { useRoom } from '../ui/use-room';
import { Words } from '../ui/words';
import { zoneAt } from '../worker/zone-now';
import { SkillExample, SkillTokens } from './skill-example';
import * as words from './words';

const LEVELS = [
	{ value: '1', label: words.plain },
	{ value: '2', label: '2' },
	{ value: '3', label: words.tricky },
] as const;

/** How many Rounds begun before are listed. */
const LISTED = 6;

/** How far a skill is, in a few words. */
function stateOf({ worked, atOnce, isDue }: SkillState): string {
	if (worked === 0) return words.notTriedYet;
	return words.ofRightAtOnce(atOnce, worked, isDue);
}

type SkillsProps = {
	readonly states: readonly SkillState[];
	readonly chosen: readonly string[];
	readonly onChoose: (chosen: readonly string[]) => void;
};

/** All skills to choose from, each with what it looks like and how far it is. */
function SkillList({ states, chosen, onChoose }: SkillsProps) {
	const styles = useStyles();
	const full = chosen.length >= SKILLS_IN_ROUND;
	const toggle = (skill: string) =>
		onChoose(chosen.includes(skill) ? chosen.filter((one) => one !== skill) : [...chosen, skill]);
	return (
		<>
			<Words size="small" tone="soft" role="status" aria-live="polite" testID="chosen-says">
				{sayChosen(chosen.length)}
			</Words>
			<Box role="list" style={styles.skills}>
				{SKILLS.map(({ skill, title, about }, i) => {
					const on = chosen.includes(skill);
					const state = states[i];
					return (
						<Box key={skill} role="listitem" style={styles.item}>
							<Touch
								aria-pressed={on}
								disabled={!on && full}
								onTouch={() => toggle(skill)}
								style={[styles.skill, on && styles.on]}
								testID={`skill-${skill}`}
							>
								<SkillTokens skill={skill} />
								<Box style={styles.words}>
									<Words strong>
										{on ? '✓ ' : ''}
										{title}
									</Words>
									<Words size="small" tone="soft">
										{about}
									</Words>
									<Words size="small">{state ? stateOf(state) : ''}</Words>
								</Box>
							</Touch>
						</Box>
					);
				})}
			</Box>
		</>
	);
}

/** How many skills are chosen, and how many more can be. */
function sayChosen(count: number): string {
	if (count === 0) return words.touchASkillToChooseIt;
	return count >= SKILLS_IN_ROUND
		? words.chosenWhichIsTheMostForOne(count)
		: words.chosenARoundCanMixUpTo(count, SKILLS_IN_ROUND);
}

type SuggestedProps = {
	readonly picked: readonly Picked[];
	readonly chosen: readonly string[];
	readonly onChoose: (chosen: readonly string[]) => void;
};

/** What is suggested, why, and what it looks like. */
function Suggested({ picked, chosen, onChoose }: SuggestedProps) {
	const styles = useStyles();
	const taken = picked.length === chosen.length && picked.every(({ skill }) => chosen.includes(skill));
	return (
		<Part title={words.whatToPractise}>
			<Box role="list" style={styles.suggested}>
				{picked.map(({ skill, why }) => (
					<Box key={skill} role="listitem" style={styles.example}>
						<Words testID={`picked-${skill}`}>
							<Words strong>{skillNamed(skill)?.title}</Words>: {why}
						</Words>
						<SkillExample skill={skill} />
					</Box>
				))}
			</Box>
			{taken ? null : (
				<Box style={styles.row}>
					<Button
						label={words.chooseThese}
						onPress={() => onChoose(picked.map(({ skill }) => skill))}
						testID="take-picked"
					/>
				</Box>
			)}
		</Part>
	);
}

/** A Round opened by its code, with what may be wrong with one that is none. */
function ByCode({ onOpen }: { readonly onOpen: (code: string) => void }) {
	const styles = useStyles();
	const [code, setCode] = useState('');
	const [fault, setFault] = useState<Fault | null>(null);
	const open = () => {
		const read = readRoundCode(code);
		if (read.ok) onOpen(code);
		else setFault(read.fault);
	};
	return (
		<>
			<Field
				label={words.codeOfARound}
				value={code}
				onChange={(text) => {
					setCode(text);
					setFault(null);
				}}
				onSubmit={open}
				fault={fault}
				placeholder={words.k7mAe}
				testID="round-code"
			/>
			<Box style={styles.row}>
				<Button label={words.openIt} onPress={open} testID="open-code" />
			</Box>
		</>
	);
}

/** The socket of an exercise of a Round, by its tries. */
function socketAt(tries: BegunRound['tries'], place: number): SocketState {
	const went = wentOf(tries.get(place) ?? []);
	if (went === 'untouched') return 'to-come';
	return went === 'not-yet' ? 'look' : 'filled';
}

/** The Rounds begun before, the latest first, each with how far it is. */
function Begun({ begun, onOpen }: { readonly begun: readonly BegunRound[]; readonly onOpen: (code: string) => void }) {
	return (
		<Box role="list">
			{begun.slice(0, LISTED).map(({ code, plan, tries }) => {
				const states = Array.from({ length: plan.count }, (_, place) => socketAt(tries, place));
				const says = words.ofDone(states.filter((state) => state === 'filled').length, plan.count);
				return (
					<LinkRow
						key={code}
						title={shownCode(code)}
						says={plan.skills.map((skill) => skillNamed(skill)?.title ?? skill).join(', ')}
						onOpen={() => onOpen(code)}
						testID={`begun-${code}`}
					>
						<Sockets states={states} says={says} />
					</LinkRow>
				);
			})}
		</Box>
	);
}

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

const useStyles = makeStyles((palette) => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	suggested: { gap: GAP.m },
	example: { gap: GAP.xs },
	shape: { flexDirection: 'row', flexWrap: 'wrap', columnGap: GAP.xl, rowGap: GAP.m },
	start: { gap: GAP.xs },
	skills: { flexDirection: 'row', flexWrap: 'wrap', columnGap: GAP.l },
	item: { flexGrow: 1, flexBasis: 320, maxWidth: '100%' },
	skill: { flexGrow: 1, minHeight: 72, flexDirection: 'row', alignItems: 'center', gap: GAP.m, padding: GAP.s },
	on: { backgroundColor: palette.pineWash },
	words: { flex: 1 },
}));
