import { nanoid } from '@reduxjs/toolkit';
import { lineText, printWritten, readAnswer, slipsIn, type Went, wentOf, workChain } from '@tidy-sum/core';
import { type RoundPlan, readRoundCode, roundCode, seedFrom, skillNamed, slipNamed } from '@tidy-sum/core/practice';
import type { KeptTry } from '@tidy-sum/schema';
import { useRouter } from 'expo-router';
import Back from 'lucide-react-native/icons/arrow-left';
import { useMemo, useState } from 'react';
import { useAppSelector } from '../store/store';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box, Touch } from '../ui/box';
import { Button } from '../ui/button';
import { copied } from '../ui/copied';
import { Page } from '../ui/page';
import { Words } from '../ui/words';
import { type MadeRound, plainCode, shownCode } from './made-rounds';
import { skillAt, triesOf } from './practised';
import { useRound } from './use-round';

const SAYS: Readonly<Record<Went, string>> = {
	'at-once': 'right at once',
	'after-nudge': 'right after a nudge',
	'after-try': 'right after another try',
	shown: 'with the line shown',
	'not-yet': 'not right yet',
	untouched: 'not begun',
};

/** A sign beside the words, so that the list can be looked over. */
const SIGNS: Readonly<Record<Went, string>> = {
	'at-once': '●',
	'after-nudge': '◐',
	'after-try': '◐',
	shown: '○',
	'not-yet': '○',
	untouched: '',
};

type Done = {
	readonly name: string;
	readonly prompt: string;
	readonly skill: string;
	readonly tries: readonly KeptTry[];
};

/** The line of a try as text; its answer alone where it had none. */
function tryText({ start, factors, answer }: KeptTry): string {
	const read = readAnswer(answer);
	const number = read.ok ? read.value.number : null;
	const said = number && read.ok ? `${printWritten(number.text)} ${read.value.unit?.text ?? ''}`.trim() : answer;
	if (!start) return said;
	const worked = workChain({ start, factors } as never);
	return worked.ok ? `${lineText({ start, factors } as never, worked.value).split(' = ')[0]} → ${said}` : said;
}

/** How a Round went so far: each exercise, the slips by name with the line they were in, and what comes next. */
function HowItWent({ round, plan }: { readonly round: MadeRound; readonly plan: RoundPlan }) {
	const styles = useStyles();
	const router = useRouter();
	const works = useAppSelector((state) => state.works);
	const [said, setSaid] = useState('');
	const done = useMemo(() => {
		const tries = triesOf(works);
		return round.exercises.map(
			({ name, prompt }, place): Done => ({ name, prompt, skill: skillAt(plan, place), tries: tries.get(name) ?? [] }),
		);
	}, [works, round, plan]);
	const went = done.map(({ tries }) => wentOf(tries));
	const next = done.find((_, i) => went[i] === 'untouched') ?? done.find((_, i) => went[i] === 'not-yet');
	const counts = (Object.keys(SAYS) as Went[])
		.map((one) => ({ one, count: went.filter((of) => of === one).length }))
		.filter(({ count }) => count > 0);
	const all = done.flatMap(({ tries }) => tries);
	const slips = slipsIn(all);
	const slipped = [
		...new Set(done.filter((_, i) => !['at-once', 'untouched'].includes(went[i] as Went)).map(({ skill }) => skill)),
	];
	const begun = went.some((one) => one !== 'untouched');
	const over = begun && went.every((one) => one !== 'untouched');
	const open = (name: string) => router.navigate(`/desk/${name}`);
	const another = (skills: readonly string[], count: RoundPlan['count']) =>
		router.navigate(`/round/${plainCode(roundCode({ ...plan, skills, count, seed: seedFrom(nanoid()) }))}`);
	const share = async () => {
		const link = `${globalThis.location.origin}/round/${round.code}`;
		setSaid((await copied(link)) ? 'The link is copied: whoever opens it has the same exercises.' : link);
	};

	const exercises = (
		<Box role="list">
			{done.map(({ name, prompt }, i) => (
				<Box key={name} role="listitem" style={styles.item}>
					<Touch role="link" onTouch={() => open(name)} style={styles.exercise} testID={`round-${i + 1}`}>
						<Words aria-hidden tone="pine" style={styles.sign}>
							{SIGNS[went[i] as Went]}
						</Words>
						<Box style={styles.words}>
							<Words size="small" tone="soft">
								{i + 1}. {skillNamed((done[i] as Done).skill)?.title}: {SAYS[went[i] as Went]}
							</Words>
							<Words>{prompt}</Words>
						</Box>
					</Touch>
				</Box>
			))}
		</Box>
	);

	return (
		<Page
			title={`Round ${shownCode(round.code)}`}
			testID="round"
			beside={exercises}
			tools={
				<>
					<Button label="Rounds" icon={Back} onPress={() => router.navigate('/rounds')} testID="to-rounds" />
					<Box style={styles.grow}>
						{next ? (
							<Button
								label={begun ? `Go on with ${done.indexOf(next) + 1}` : 'Begin'}
								kind="strong"
								onPress={() => open(next.name)}
								testID="go-on"
							/>
						) : (
							<Button
								label="Another Round"
								kind="strong"
								onPress={() => another(plan.skills, plan.count)}
								testID="another"
							/>
						)}
					</Box>
				</>
			}
		>
			<Words>
				{plan.count} exercises, level {plan.level}: {plan.skills.map((skill) => skillNamed(skill)?.title).join(', ')}.
			</Words>
			{begun ? (
				<Box style={styles.part} role="group" aria-label="How it went">
					{counts.map(({ one, count }) => (
						<Box key={one} style={styles.count}>
							<Words strong mono style={styles.number}>
								{count}
							</Words>
							<Words testID={`went-${one}`}>{SAYS[one]}</Words>
						</Box>
					))}
				</Box>
			) : (
				<Words tone="soft">{plan.skills.map((skill) => skillNamed(skill)?.watch).join(' ')}</Words>
			)}
			{slips.length ? (
				<Box style={styles.part} testID="round-slips">
					<Words strong role="heading" aria-level={2}>
						What slipped
					</Words>
					{slips.map(({ code, times }) => {
						const at = done.find(({ tries }) => tries.some((one) => !one.right && one.slips[0] === code));
						const made = at?.tries.find((one) => !one.right && one.slips[0] === code);
						return (
							<Box key={code} style={styles.slip}>
								<Words strong>
									{slipNamed(code)?.title}
									{times > 1 ? ` (${times} times)` : ''}
								</Words>
								{made ? <Words style={styles.line}>{tryText(made)}</Words> : null}
								<Words size="small">{slipNamed(code)?.nudge}</Words>
								{at ? (
									<Box style={styles.row}>
										<Button
											label={`Look at exercise ${done.indexOf(at) + 1}`}
											onPress={() => open(at.name)}
											testID={`look-${code}`}
										/>
									</Box>
								) : null}
							</Box>
						);
					})}
				</Box>
			) : null}
			<Box style={styles.row}>
				{slipped.length ? (
					<Button
						label="A short Round of what slipped"
						{...(over ? {} : { say: 'five fresh exercises' })}
						onPress={() => another(slipped.slice(0, 5), 5)}
						testID="short-round"
					/>
				) : null}
				{next && over ? (
					<Button label="Another Round" onPress={() => another(plan.skills, plan.count)} testID="another" />
				) : null}
				<Button label="Copy the link" onPress={share} testID="share" />
			</Box>
			<Words size="small" role="status" aria-live="polite" testID="share-says">
				{said || `By its code, ${shownCode(round.code)}, anyone gets the same exercises.`}
			</Words>
		</Page>
	);
}

/** A Round by its code: before it is begun, on the way, and when it is over. */
export function RoundScreen({ code }: { readonly code: string | undefined }) {
	const router = useRouter();
	const plan = useMemo(() => readRoundCode(code ?? ''), [code]);
	const made = useRound(plan.ok ? code : undefined);
	if (plan.ok && made?.ok) return <HowItWent round={made.value} plan={plan.value} />;
	const fault = plan.ok ? (made && !made.ok ? made.fault : null) : plan.fault;
	return (
		<Page
			title="A Round"
			testID="round-fault"
			tools={<Button label="Rounds" icon={Back} onPress={() => router.navigate('/rounds')} testID="to-rounds" />}
		>
			<Words role="status" aria-live="polite">
				{fault ? fault.message : 'The Round is being laid out…'}
			</Words>
			{fault ? (
				<Words>{code ? `The code was “${code}”. ` : ''}Look at it once more, or choose a Round of your own.</Words>
			) : null}
		</Page>
	);
}

const useStyles = makeStyles((palette) => ({
	part: { gap: GAP.s },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	grow: { flexGrow: 1 },
	count: { flexDirection: 'row', gap: GAP.s },
	number: { minWidth: 28, textAlign: 'right' },
	slip: { gap: GAP.xs, paddingLeft: GAP.m, borderLeftWidth: 4, borderLeftColor: palette.look },
	line: { fontVariant: ['tabular-nums'] },
	item: { borderBottomWidth: 1, borderBottomColor: palette.rule },
	exercise: { minHeight: 52, flexDirection: 'row', gap: GAP.s, paddingVertical: GAP.s },
	sign: { width: 20 },
	words: { flex: 1 },
}));
