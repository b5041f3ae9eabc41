import { nanoid } from '@reduxjs/toolkit';
import { type Fault, wentOf } from '@tidy-sum/core';
import {
	type Level,
	pickSkills,
	ROUND_COUNTS,
	readRoundCode,
	roundCode,
	SKILLS,
	SKILLS_IN_ROUND,
	type Standing,
	seedFrom,
	skillNamed,
	standings,
} from '@tidy-sum/core/practice';
import { useRouter } from 'expo-router';
import Desk from 'lucide-react-native/icons/arrow-left';
import { useMemo, useState } from 'react';
import { useAppSelector } from '../store/store';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box, Touch } from '../ui/box';
import { Button } from '../ui/button';
import { Choices } from '../ui/choices';
import { Field } from '../ui/field';
import { Page } from '../ui/page';
import { Words } from '../ui/words';
import { plainCode, shownCode } from './made-rounds';
import { begunRounds, practisedIn } from './practised';

const LEVELS = [
	{ value: '1', label: '1 plain' },
	{ value: '2', label: '2' },
	{ value: '3', label: '3 with a catch' },
] as const;

/** How many Rounds begun before are listed. */
const LISTED = 6;

/** How far a skill is, in a few words. */
function stateOf({ worked, atOnce, isDue }: Standing): string {
	if (worked === 0) return 'not tried yet';
	return `${atOnce} of ${worked} right at once${isDue ? ', due' : ''}`;
}

/** Chooses what to practise, or lets it be picked, and opens a Round; or opens one by its code. */
export function RoundsScreen() {
	const styles = useStyles();
	const router = useRouter();
	const works = useAppSelector((state) => state.works);
	const [now] = useState(() => Date.now());
	const stands = useMemo(() => standings(practisedIn(works), now), [works, now]);
	const begun = useMemo(() => begunRounds(works).slice(0, LISTED), [works]);
	const picked = useMemo(() => pickSkills(stands, now), [stands, now]);
	const [chosen, setChosen] = useState<readonly string[]>(picked.map(({ skill }) => skill));
	const [count, setCount] = useState<(typeof ROUND_COUNTS)[number]>(10);
	const [asked, setAsked] = useState<Level | null>(null);
	const [code, setCode] = useState('');
	const [fault, setFault] = useState<Fault | null>(null);

	const levels = stands.filter(({ skill }) => chosen.includes(skill)).map(({ level }) => level);
	const level = asked ?? (Math.min(3, ...levels) as Level);
	const toggle = (skill: string) =>
		setChosen(chosen.includes(skill) ? chosen.filter((one) => one !== skill) : [...chosen, skill]);
	const open = (of: string) => router.navigate(`/round/${plainCode(of)}`);
	const begin = () => {
		const skills = SKILLS.map(({ skill }) => skill).filter((skill) => chosen.includes(skill));
		open(roundCode({ skills, level, count, seed: seedFrom(nanoid()) }));
	};
	const openCode = () => {
		const read = readRoundCode(code);
		if (read.ok) open(code);
		else setFault(read.fault);
	};
	const full = chosen.length >= SKILLS_IN_ROUND;

	const skills = (
		<Box style={styles.part}>
			<Words strong role="heading" aria-level={2}>
				Or choose what to practise
			</Words>
			<Words size="small" tone="soft" role="status" aria-live="polite" testID="chosen-says">
				{chosen.length === 0
					? 'Nothing is chosen yet. Touch a skill.'
					: full
						? `${chosen.length} are chosen, as many as one Round mixes.`
						: `${chosen.length} chosen; a Round mixes up to ${SKILLS_IN_ROUND}.`}
			</Words>
			<Box role="list">
				{SKILLS.map(({ skill, title, about }, i) => {
					const on = chosen.includes(skill);
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
									<Words size="small">{stateOf(stands[i] as Standing)}</Words>
								</Box>
							</Touch>
						</Box>
					);
				})}
			</Box>
		</Box>
	);

	return (
		<Page
			title="Rounds"
			testID="rounds"
			beside={skills}
			tools={
				<>
					<Button label="Desk" icon={Desk} onPress={() => router.navigate('/')} testID="to-desk" />
					<Box style={styles.grow}>
						<Button
							label={`Begin: ${count} fresh exercises`}
							kind="strong"
							disabled={!chosen.length}
							onPress={begin}
							testID="begin-round"
						/>
					</Box>
				</>
			}
		>
			<Box style={styles.part}>
				<Words strong role="heading" aria-level={2}>
					Suggested for now
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
						label="Take these"
						on={picked.length === chosen.length && picked.every(({ skill }) => chosen.includes(skill))}
						onPress={() => setChosen(picked.map(({ skill }) => skill))}
						testID="take-picked"
					/>
				</Box>
			</Box>
			<Box style={styles.part}>
				<Words strong role="heading" aria-level={2}>
					A Round by its code
				</Words>
				<Field
					label="Code of a Round"
					value={code}
					onChange={(text) => {
						setCode(text);
						setFault(null);
					}}
					onSubmit={openCode}
					fault={fault}
					placeholder="4k7m-9ae"
					testID="round-code"
				/>
				<Box style={styles.row}>
					<Button label="Open it" onPress={openCode} testID="open-code" />
				</Box>
			</Box>
			{begun.length ? (
				<Box style={styles.part}>
					<Words strong role="heading" aria-level={2}>
						Begun before
					</Words>
					<Box style={styles.row}>
						{begun.map(({ code: of, plan, tries }) => (
							<Button
								key={of}
								label={shownCode(of)}
								say={`${[...tries.values()].filter((one) => wentOf(one) !== 'not-yet').length} of ${plan.count} done`}
								onPress={() => open(of)}
								testID={`begun-${of}`}
							/>
						))}
					</Box>
				</Box>
			) : null}
			<Choices
				label="How many"
				choices={ROUND_COUNTS.map((one) => ({ value: `${one}`, label: `${one}`, say: 'exercises' }))}
				chosen={`${count}`}
				onChoose={(value) => setCount(Number(value) as (typeof ROUND_COUNTS)[number])}
				testID="count"
			/>
			<Choices
				label="Level"
				choices={LEVELS}
				chosen={`${level}` as (typeof LEVELS)[number]['value']}
				onChoose={(value) => setAsked(Number(value) as Level)}
				testID="level"
			/>
		</Page>
	);
}

const useStyles = makeStyles((palette) => ({
	part: { gap: GAP.s },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	grow: { flexGrow: 1 },
	item: { borderBottomWidth: 1, borderBottomColor: palette.rule },
	skill: { minHeight: 52, flexDirection: 'row', gap: GAP.s, paddingVertical: GAP.s, paddingHorizontal: GAP.s },
	on: { backgroundColor: palette.pineWash },
	tick: { width: 20 },
	words: { flex: 1 },
}));
