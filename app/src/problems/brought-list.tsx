import { useRouter } from 'expo-router';
import { memo, useState } from 'react';
import { useAppDispatch, useAppSelector } from '../store/store';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { FromTo } from '../ui/from-to';
import { Listed } from '../ui/listed';
import { Sockets } from '../ui/sockets';
import { Words } from '../ui/words';
import { broughtIn, pathOf, titleNamed } from '../work/brought';
import { exerciseOf } from '../work/exercises';
import { fromToOf } from '../work/from-to-of';
import { type HowFar, howFarNamed, isRight, SAYS_HOW_FAR, workNamed } from '../work/how-far';
import { BROUGHT } from '../work/list-names';
import { isSheet, sheetOf } from '../work/sheet';
import { sheetProgress } from '../work/sheet-progress';
import { socketOf } from '../work/socket-of';
import { did, undid, type WorksState } from '../work/works-reducer';
import { type Asked, isIn } from './asked';
import * as words from './words';

/** How many are put in order with one touch, beside the one that is moved. */
const TOGETHER = 199;

/** How many are shown before one asks for all of them. */
const SHOWN = 40;

/** How far a sheet or a problem is, in words. */
function sayHowFar(works: WorksState, name: string): string {
	if (!isSheet(name)) return SAYS_HOW_FAR[howFarNamed(works, name)];
	const { states, right } = sheetProgress(works, name);
	return words.problemsRight(states.length, right);
}

/** How far a sheet or a problem is, as one is asked for: a sheet is begun until all of it is right. */
function stateOf(works: WorksState, name: string): HowFar {
	if (!isSheet(name)) return howFarNamed(works, name);
	const { states, right, begun } = sheetProgress(works, name);
	if (begun === 0) return 'not-begun';
	return right === states.length ? 'right' : 'begun';
}

/** What a sheet or a problem is found by: its title and its text. */
function textOf(works: WorksState, name: string): string {
	const texts = isSheet(name)
		? sheetOf(works.byId[works.open[name] ?? '']?.body).problems.map(({ text }) => text)
		: [workNamed(works, name)?.text ?? ''];
	return [titleNamed(works, name), ...texts].join(' ');
}

/** A sheet with its sockets, or a problem with its start over what is wanted; its title, and how far it is. */
function Brought({
	works,
	name,
	title,
}: {
	readonly works: WorksState;
	readonly name: string;
	readonly title: string;
}) {
	const styles = useStyles();
	const says = sayHowFar(works, name);
	const work = isSheet(name) ? null : workNamed(works, name);
	const exercise = work && exerciseOf(name, work);
	const isDone = isRight(stateOf(works, name));
	return (
		<Box style={styles.brought}>
			{exercise ? <FromTo {...fromToOf(exercise, isDone)} isDone={isDone} /> : null}
			<Box style={styles.words}>
				<Words strong tone="pine">
					{title}
				</Words>
				<Words size="small">{says}</Words>
				{isSheet(name) ? <Sockets states={sheetProgress(works, name).states.map(socketOf)} says={says} /> : null}
			</Box>
		</Box>
	);
}

/** The sheets and problems that were brought, those that are asked for: named, put in order, taken out and brought back. */
export const BroughtList = memo(function BroughtList({ search, state }: Asked) {
	const styles = useStyles();
	const router = useRouter();
	const dispatch = useAppDispatch();
	const works = useAppSelector((state) => state.works);
	const [removed, setRemoved] = useState('');
	const [isAll, setAll] = useState(false);
	const names = broughtIn(works);
	const sought = search.trim().toLowerCase();
	const isAsked = sought !== '' || state !== 'any';
	const found = names
		.map((name, at) => ({ name, at }))
		.filter(({ name }) => sought === '' || textOf(works, name).toLowerCase().includes(sought))
		.filter(({ name }) => state === 'any' || isIn(state, stateOf(works, name)));
	const shown = (isAll ? found : found.slice(0, SHOWN)).map((one) => ({ ...one, title: titleNamed(works, one.name) }));
	/** Moves one; those before it are put in order as they stand, so that each has its place in the list. */
	const move = (name: string, at: number, to: number) => {
		const last = Math.max(at, to) + 1;
		const steps = names
			.slice(0, last)
			.map((what, i) => ({ do: 'arrange' as const, what, to: i }))
			.slice(-TOGETHER);
		dispatch(did(BROUGHT, { do: 'together', steps: [...steps, { do: 'arrange', what: name, to }] }));
	};
	const remove = (name: string, title: string) => {
		dispatch(did(BROUGHT, { do: 'leave', what: name }));
		setRemoved(title);
	};
	if (!names.length && !removed) return null;
	return (
		<Box style={styles.part} role="group" aria-label={words.myOwnTitle}>
			<Words strong size="title" role="heading" aria-level={2}>
				{words.myOwnTitle}
			</Words>
			{removed ? (
				<Box style={styles.row} role="status" aria-live="polite">
					<Words>{words.isRemoved(removed)}</Words>
					<Button
						label={words.bringItBack}
						onPress={() => {
							dispatch(undid(BROUGHT));
							setRemoved('');
						}}
						testID="brought-back"
					/>
				</Box>
			) : null}
			<Box role="list" testID="brought">
				{shown.map(({ name, at, title }) => (
					<Listed
						key={name}
						title={title}
						onOpen={() => router.navigate(pathOf(name) as '/')}
						onRename={(next) => dispatch(did(name, { do: 'entitle', title: next.slice(0, 120) }))}
						onUp={at > 0 && !isAsked ? () => move(name, at, at - 1) : undefined}
						onDown={at < names.length - 1 && !isAsked ? () => move(name, at, at + 1) : undefined}
						onRemove={() => remove(name, title)}
						testID={`brought-${at + 1}`}
					>
						<Brought works={works} name={name} title={title} />
					</Listed>
				))}
			</Box>
			{shown.length < found.length ? (
				<Box style={styles.row}>
					<Button label={words.showAll(found.length)} onPress={() => setAll(true)} testID="brought-all" />
				</Box>
			) : null}
			{isAsked && !found.length ? <Words tone="soft">{words.noneOfYourOwnProblemsMatch}</Words> : null}
		</Box>
	);
});

const useStyles = makeStyles(() => ({
	part: { gap: GAP.s },
	brought: { flexDirection: 'row', alignItems: 'center', gap: GAP.m },
	words: { flex: 1, gap: GAP.xs },
	row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.m },
}));
