import { CHAPTERS } from '@tidy-sum/core';
import { useRouter } from 'expo-router';
import { __iconData as Bring } from 'lucide-react-native/icons/file-plus';
import { useEffect, useState } from 'react';
import { PlacePage } from '../places/place-page';
import { ProblemLink } from '../problem/problem-link';
import { useAppSelector } from '../store/store';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Choices } from '../ui/choices';
import { Field } from '../ui/field';
import { Part } from '../ui/part';
import { useRoom } from '../ui/use-room';
import { Words } from '../ui/words';
import { howFarNamed, SAYS_HOW_FAR } from '../work/how-far';
import { type Asked, isIn, KINDS, kindNamed, kindOf, STATES, stateNamed } from './asked';
import { BroughtList } from './brought-list';
import * as words from './words';

/** What an address asks for. */
export type ProblemsLink = {
	readonly search?: string | undefined;
	readonly kind?: string | undefined;
	readonly state?: string | undefined;
};

/** How long after the last key the words are put in the address. */
const KEPT_AFTER_MS = 250;

type BookProps = { readonly asked: Asked; readonly kind: string };

/** The exercises of the book that are asked for, chapter by chapter, each with how far you are. */
function Book({ asked, kind }: BookProps) {
	const styles = useStyles();
	const works = useAppSelector((state) => state.works);
	const sought = asked.search.trim().toLowerCase();
	const found = CHAPTERS.filter(({ title }) => kind === 'any' || kindOf(title) === kind).flatMap(
		({ title, exercises }) => {
			const shown = exercises
				.filter(({ title: of, trains, prompt }) => `${of} ${trains} ${prompt}`.toLowerCase().includes(sought))
				.map((exercise) => ({ ...exercise, howFar: howFarNamed(works, exercise.name) }))
				.filter(({ howFar }) => isIn(asked.state, howFar));
			return shown.length ? [{ title, shown }] : [];
		},
	);
	if (!found.length) return <Words tone="soft">{words.noExerciseInTheBookMatches}</Words>;
	return found.map(({ title, shown }) => (
		<Part key={title} title={title}>
			<Box role="list" style={styles.list}>
				{shown.map((exercise) => (
					<Box key={exercise.name} style={styles.item}>
						<ProblemLink
							exercise={exercise}
							howFar={exercise.howFar}
							says={words.trainsHowFar(exercise.trains, SAYS_HOW_FAR[exercise.howFar])}
						/>
					</Box>
				))}
			</Box>
		</Part>
	));
}

/** All problems, your own and the book's: search them, and choose by kind and by how far you are. */
export function ProblemsScreen({ link = {} }: { readonly link?: ProblemsLink }) {
	const styles = useStyles();
	const router = useRouter();
	const [search, setSearch] = useState(link.search ?? '');
	const [kind, setKind] = useState(kindNamed(link.kind));
	const [state, setState] = useState(stateNamed(link.state));
	const { wide, short } = useRoom();
	const [choosing, setChoosing] = useState(state !== 'any');
	// The search and the choices are in the address, so that Back finds them again. A browser takes only so many changes of it in a
	// while, so words are put there once one pauses.
	const keep = (next: ProblemsLink) => router.setParams({ search, kind, state, ...next });
	useEffect(() => {
		const timer = setTimeout(() => router.setParams({ search }), KEPT_AFTER_MS);
		return () => clearTimeout(timer);
	}, [router, search]);
	const asked: Asked = { search, state };
	const states = (
		<Choices
			label={words.howFar}
			choices={STATES}
			chosen={state}
			layout={wide ? 'column' : 'rows'}
			onChoose={(next) => {
				setState(next);
				keep({ state: next });
			}}
			testID="state"
		/>
	);
	const filters = (
		<Box style={[styles.filters, wide && styles.aside, !short && styles.stays]}>
			<Box style={styles.search}>
				<Box style={styles.field}>
					<Field
						label={words.searchTheProblems}
						named
						value={search}
						onChange={setSearch}
						placeholder={words.honeyARateC}
						testID="problems-search"
					/>
				</Box>
				{wide ? null : (
					<Button
						label={words.howFar}
						say={words.chooseByHowFarYouAre}
						on={choosing}
						onPress={() => setChoosing(!choosing)}
						testID="choose"
					/>
				)}
			</Box>
			<Choices
				label={words.kind}
				choices={KINDS}
				chosen={kind}
				layout={wide ? 'column' : 'row'}
				onChoose={(next) => {
					setKind(next);
					keep({ kind: next });
				}}
				testID="kind"
			/>
			{wide || choosing ? states : null}
		</Box>
	);
	return (
		<PlacePage
			title={words.problems}
			place="problems"
			testID="problems-page"
			full
			{...(wide ? { ways: BRING } : { action: BRING })}
		>
			<Box style={wide ? styles.columns : styles.column}>
				{filters}
				<Box style={styles.found}>
					{kind === 'any' || kind === 'own' ? <BroughtList {...asked} /> : null}
					{kind === 'own' ? null : <Book asked={asked} kind={kind} />}
				</Box>
			</Box>
		</PlacePage>
	);
}

/** The way to a problem that is not in the book. */
function ToBring() {
	const router = useRouter();
	return (
		<Button
			label={words.bringAProblem}
			kind="strong"
			icon={Bring}
			onPress={() => router.navigate('/bring')}
			testID="to-bring"
		/>
	);
}

const BRING = <ToBring />;

const useStyles = makeStyles((palette) => ({
	columns: { flexDirection: 'row', gap: GAP.xl * 2, alignItems: 'flex-start' },
	column: { gap: GAP.l },
	// What is chosen stays in view while the list moves under it.
	filters: { gap: GAP.m, paddingBottom: GAP.s, backgroundColor: palette.page, minWidth: 0 },
	aside: { width: 280 },
	stays: { ...({ position: 'sticky', top: 0, zIndex: 1 } as object) },
	search: { flexDirection: 'row', alignItems: 'flex-end', gap: GAP.s },
	field: { flex: 1 },
	found: { flex: 1, gap: GAP.xl },
	list: { flexDirection: 'row', flexWrap: 'wrap', columnGap: GAP.xl },
	item: { flexGrow: 1, flexBasis: 330, maxWidth: '100%' },
}));
