import { nanoid } from '@reduxjs/toolkit';
import { type Fault, plainCode, shownCode } from '@tidy-sum/core';
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
import { Words } from '../ui/words';
import { zoneAt } from '../worker/zone-now';
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

/** All skills to choose from, each with how far it is. */
function SkillList({ states, chosen, onChoose }: SkillsProps) {
	const styles = useStyles();
	const full = chosen.length >= SKILLS_IN_ROUND;
	const toggle = (skill: string) =>
		onChoose(chosen.includes(skill) ? chosen.filter((one) => one !== skill) : [...chosen, skill]);
	return (
		<Box style={styles.part}>
			<Words strong size="title" role="heading" aria-level={2}>
				{words.orChooseWhatToPractise}
			</Words>
			<Words size="small" tone="soft" role="status" aria-live="polite" testID="chosen-says">
				{chosen.length === 0
					? words.touchASkillToChooseIt
					: full
						? words.chosenWhichIsTheMostForOne(chosen.length)
						: words.chosenARoundCanMixUpTo(chosen.length, SKILLS_IN_ROUND)}
			</Words>
			<Box role="list">
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
								<Words aria-hidden style={styles.tick}>
									{on ? '✓' : ''}
								</Words>
								<Box style={styles.words}>
									<Words strong>{title}</Words>
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
		</Box>
	);
}

type SuggestedProps = {
	readonly picked: readonly Picked[];
	readonly chosen: readonly string[];
	readonly onChoose: (chosen: readonly string[]) => void;
};

/** What is suggested, and why. */
function Suggested({ picked, chosen, onChoose }: SuggestedProps) {
	const styles = useStyles();
	const taken = picked.length === chosen.length && picked.every(({ skill }) => chosen.includes(skill));
	return (
		<Box style={styles.part}>
			<Words strong size="title" role="heading" aria-level={2}>
				{words.suggestedForNow}
			</Words>
			<Box role="list">
				{picked.map(({ skill, why }) => (
					<Box key={skill} role="listitem">
						<Words testID={`picked-${skill}`}>
							{skillNamed(skill)?.title}: {why}
						</Words>
					</Box>
				))}
			</Box>
			<Box style={styles.row}>
				<Button
					label={words.chooseThese}
					on={taken}
					onPress={() => onChoose(picked.map(({ skill }) => skill))}
					testID="take-picked"
				/>
			</Box>
		</Box>
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
		<Box style={styles.part}>
			<Words strong size="title" role="heading" aria-level={2}>
				{words.openARoundByItsCode}
			</Words>
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
		</Box>
	);
}

/** The Rounds begun before, the latest first. */
function Begun({ begun, onOpen }: { readonly begun: readonly BegunRound[]; readonly onOpen: (code: string) => void }) {
	const styles = useStyles();
	if (!begun.length) return null;
	return (
		<Box style={styles.part}>
			<Words strong size="title" role="heading" aria-level={2}>
				{words.startedBefore}
			</Words>
			<Box style={styles.row}>
				{begun.slice(0, LISTED).map(({ code, plan, tries }) => (
					<Button
						key={code}
						label={shownCode(code)}
						say={words.ofDone([...tries.values()].filter((one) => wentOf(one) !== 'not-yet').length, plan.count)}
						onPress={() => onOpen(code)}
						testID={`begun-${code}`}
					/>
				))}
			</Box>
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
	return (
		<PlacePage
			title={words.rounds}
			place="rounds"
			testID="rounds"
			action={
				<Button
					label={words.startNewExercises(count)}
					kind="strong"
					disabled={!chosen.length}
					onPress={begin}
					testID="begin-round"
				/>
			}
			beside={<SkillList states={states} chosen={chosen} onChoose={setChosen} />}
		>
			<Suggested picked={picked} chosen={chosen} onChoose={setChosen} />
			<ByCode onOpen={open} />
			<Begun begun={begun} onOpen={open} />
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
			<Box style={styles.part}>
				<Words strong size="title" role="heading" aria-level={2}>
					{words.yourPastWork}
				</Words>
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
			</Box>
		</PlacePage>
	);
}

const useStyles = makeStyles((palette) => ({
	part: { gap: GAP.s },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	item: { borderBottomWidth: 1, borderBottomColor: palette.rule },
	skill: { minHeight: 52, flexDirection: 'row', gap: GAP.s, paddingVertical: GAP.s, paddingHorizontal: GAP.s },
	on: { backgroundColor: palette.pineWash },
	tick: { width: 20 },
	words: { flex: 1 },
}));
