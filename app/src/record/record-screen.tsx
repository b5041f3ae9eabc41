import { nanoid } from '@reduxjs/toolkit';
import { placeInRound, plainCode, shownCode } from '@tidy-sum/core';
import { roundCode, seedFrom, skillNamed } from '@tidy-sum/core/practice';
import { OWN_SKILL, type SkillWeeks, type SlipRecord, workedCount } from '@tidy-sum/core/record';
import { useRouter } from 'expo-router';
import Back from 'lucide-react-native/icons/arrow-left';
import { type ReactNode, useMemo, useState } from 'react';
import { useAppSelector } from '../store/store';
import { TakeWith } from '../taking/take-with';
import { tryForms } from '../taking/tries-taken';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Notice } from '../ui/notice';
import { Page } from '../ui/page';
import { Words } from '../ui/words';
import { exerciseOf } from '../work/exercises';
import { workNamed } from '../work/how-far';
import type { RecordMade } from '../worker/core-jobs';
import { SpreadBar, saySpread } from './spread-bar';
import { useRecord } from './use-record';
import { sayWent, WentBar } from './went-bar';

const DAY_MS = 86_400_000;

function dateText(when: number): string {
	return new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' }).format(when);
}

/** The title of a skill; problems of one's own have none. */
function titleOf(skill: string): string {
	return skill === OWN_SKILL ? 'Problems of my own' : (skillNamed(skill)?.title ?? skill);
}

function Part({ title, children }: { readonly title: string; readonly children: ReactNode }) {
	const styles = useStyles();
	return (
		<Box style={styles.part}>
			<Words strong size="title" role="heading" aria-level={2}>
				{title}
			</Words>
			{children}
		</Box>
	);
}

/** A skill: how its exercises went in all, and week by week when that is asked for. */
function SkillRow({ skill, all, weeks, most }: SkillWeeks & { readonly most: number }) {
	const styles = useStyles();
	const [open, setOpen] = useState(false);
	return (
		<Box role="listitem" style={styles.item}>
			<Words strong>{titleOf(skill)}</Words>
			<WentBar counts={all} most={most} />
			<Words size="small">{sayWent(all)}</Words>
			<Box style={styles.row}>
				<Button
					label="By week"
					say={titleOf(skill)}
					on={open}
					onPress={() => setOpen(!open)}
					testID={`weeks-${skill}`}
				/>
			</Box>
			{open ? (
				<Box role="list" style={styles.weeks} testID={`weeks-of-${skill}`}>
					{weeks.map(({ week, counts }) => (
						<Box key={week} role="listitem">
							<Words size="small" tone="soft">
								Week of {dateText(week)}: {sayWent(counts) || 'nothing'}
							</Words>
							<WentBar counts={counts} most={Math.max(1, ...weeks.map((one) => workedCount(one.counts)))} />
						</Box>
					))}
				</Box>
			) : null}
		</Box>
	);
}

/** For how long a slip has stayed away, in words that blame nobody. */
function sayAway({ awayFor }: SlipRecord): string {
	if (awayFor === 0) return 'It came in the exercise worked last of its kind.';
	return `It has stayed away for ${awayFor} ${awayFor === 1 ? 'exercise' : 'exercises'} since.`;
}

/** How many of the points of a slip lead to their lines. */
const POINTS = 5;

/** A slip over time: where it came, each with its line, and a short Round on it. */
function SlipRow({ slip, titled }: { readonly slip: SlipRecord; readonly titled: (name: string) => string }) {
	const styles = useStyles();
	const router = useRouter();
	const { code, title, points, skills } = slip;
	const practised = skills.filter((skill) => skill !== OWN_SKILL).slice(0, 3);
	const begin = () =>
		router.navigate(
			`/round/${plainCode(roundCode({ skills: practised, level: 1, count: 5, seed: seedFrom(nanoid()) }))}`,
		);
	return (
		<Box role="listitem" style={styles.item}>
			<Words strong>
				{title}, {points.length} {points.length === 1 ? 'time' : 'times'}
			</Words>
			<Words size="small">{sayAway(slip)}</Words>
			<Box style={styles.row}>
				{points.slice(-POINTS).map(({ exercise, when, place }) => (
					<Button
						key={`${exercise} ${place}`}
						label={`${dateText(when)}: ${titled(exercise)}`}
						say="how that line came about"
						onPress={() => router.navigate(`/replay/${exercise}` as '/')}
						testID={`slip-${code}-${exercise}-${place}`}
					/>
				))}
				{practised.length ? (
					<Button label="A short Round on it" say={title} onPress={begin} testID={`round-on-${code}`} />
				) : null}
			</Box>
		</Box>
	);
}

/** What a day from today on is called. */
function dayText(day: number): string {
	if (day === 0) return 'Today';
	return day === 1 ? 'Tomorrow' : dateText(Date.now() + day * DAY_MS);
}

function Parts({ record }: { readonly record: RecordMade }) {
	const styles = useStyles();
	const works = useAppSelector((state) => state.works);
	const { skills, slips, times, due } = record;
	const most = Math.max(1, ...skills.map(({ all }) => workedCount(all)));
	const longest = Math.max(1, ...times.map(({ spread }) => spread[4]));
	const coming = due.filter((day) => day.skills.length);
	const titled = (name: string) => {
		const at = placeInRound(name);
		if (at) return `exercise ${at.place + 1} of Round ${shownCode(at.code)}`;
		const work = workNamed(works, name);
		return (work && exerciseOf(name, work)?.title) ?? name;
	};
	return (
		<>
			<Words role="status" testID="record-says">
				{skills.reduce((sum, { all }) => sum + workedCount(all), 0)} exercises worked, of {skills.length}{' '}
				{skills.length === 1 ? 'kind' : 'kinds'}.
			</Words>
			<Part title="Skills">
				<Box role="list" testID="record-skills">
					{skills.map((one) => (
						<SkillRow key={one.skill} {...one} most={most} />
					))}
				</Box>
			</Part>
			<Part title="Slips">
				{slips.length ? null : <Words>No slip was named so far.</Words>}
				<Box role="list" testID="record-slips">
					{slips.map((slip) => (
						<SlipRow key={slip.code} slip={slip} titled={titled} />
					))}
				</Box>
			</Part>
			{times.length ? (
				<Part title="Time">
					<Words size="small" tone="soft">
						How long exercises take until they are right. It is a spread, and no race.
					</Words>
					<Box role="list" testID="record-times">
						{times.map((one) => (
							<Box key={one.skill} role="listitem" style={styles.item}>
								<Words strong>{titleOf(one.skill)}</Words>
								<SpreadBar times={one} longest={longest} />
								<Words size="small">{saySpread(one)}</Words>
							</Box>
						))}
					</Box>
				</Part>
			) : null}
			{coming.length ? (
				<Part title="Due in the next two weeks">
					<Box role="list" testID="record-due">
						{coming.map(({ day, skills: named }) => (
							<Box key={day} role="listitem">
								<Words>
									{dayText(day)}: {named.map(titleOf).join(', ')}
								</Words>
							</Box>
						))}
					</Box>
				</Part>
			) : null}
		</>
	);
}

/** What was learned: skills, slips, times, and what is due; derived from the tries that are kept. */
export function RecordScreen() {
	const router = useRouter();
	const works = useAppSelector((state) => state.works);
	const state = useRecord();
	const forms = useMemo(() => tryForms(() => works), [works]);
	const isEmpty = state.is === 'here' && !state.record.skills.length;
	return (
		<Page
			title="The Record"
			testID="record"
			tools={<Button label="Rounds" icon={Back} onPress={() => router.navigate('/rounds')} testID="to-rounds" />}
		>
			{state.is === 'coming' ? <Words role="status">The Record is being worked out…</Words> : null}
			{state.is === 'none' ? <Notice>{state.why}</Notice> : null}
			{isEmpty ? (
				<Words testID="record-empty">
					Nothing was sent to the check yet. Work an exercise to its check, and how it went stands here.
				</Words>
			) : null}
			{state.is === 'here' && !isEmpty ? (
				<>
					<Parts record={state.record} />
					<TakeWith forms={forms} />
				</>
			) : null}
		</Page>
	);
}

const useStyles = makeStyles((palette) => ({
	part: { gap: GAP.s },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	weeks: { gap: GAP.s, paddingLeft: GAP.m },
	item: { gap: GAP.xs, paddingVertical: GAP.s, borderBottomWidth: 1, borderBottomColor: palette.rule },
}));
