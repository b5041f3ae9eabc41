import { CHAPTERS } from '@tidy-sum/core';
import { useRouter } from 'expo-router';
import { __iconData as Bring } from 'lucide-react-native/icons/file-plus';
import { useEffect, useState } from 'react';
import { PlacePage } from '../places/place-page';
import { useAppSelector } from '../store/store';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box, Touch } from '../ui/box';
import { Button } from '../ui/button';
import { Choices } from '../ui/choices';
import { Field } from '../ui/field';
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

/** The exercises of the book that are asked for, chapter by chapter, each with how it stands. */
function Book({ asked, kind }: BookProps) {
	const styles = useStyles();
	const router = useRouter();
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
		<Box key={title} style={styles.part}>
			<Words strong size="title" role="heading" aria-level={2}>
				{title}
			</Words>
			<Box role="list">
				{shown.map(({ name, title: of, trains, howFar }) => (
					<Box key={name} role="listitem" style={styles.item}>
						<Touch
							role="link"
							onTouch={() => router.navigate(`/desk/${name}`)}
							style={styles.exercise}
							testID={`open-${name}`}
						>
							<Box style={styles.words}>
								<Words strong>{of}</Words>
								<Words size="small" tone="soft">
									{trains}
								</Words>
							</Box>
							<Words size="small" style={styles.state}>
								{SAYS_HOW_FAR[howFar]}
							</Words>
						</Touch>
					</Box>
				))}
			</Box>
		</Box>
	));
}

/** All problems, one's own and the book's: searched, and chosen by kind and by how far they are. */
export function ProblemsScreen({ link = {} }: { readonly link?: ProblemsLink }) {
	const styles = useStyles();
	const router = useRouter();
	const [search, setSearch] = useState(link.search ?? '');
	const [kind, setKind] = useState(kindNamed(link.kind));
	const [state, setState] = useState(stateNamed(link.state));
	const [choosing, setChoosing] = useState(kind !== 'any' || state !== 'any');
	// What is asked for stands in the address, so that Back finds it again. A browser takes only so many changes of it in a
	// while, so words are put there once one pauses.
	const keep = (next: ProblemsLink) => router.setParams({ search, kind, state, ...next });
	useEffect(() => {
		const timer = setTimeout(() => router.setParams({ search }), KEPT_AFTER_MS);
		return () => clearTimeout(timer);
	}, [router, search]);
	const asked: Asked = { search, state };
	const chosen = [KINDS, STATES].flatMap((choices, i) => {
		const value = i === 0 ? kind : state;
		return value === 'any' ? [] : [choices.find((one) => one.value === value)?.label ?? ''];
	});
	return (
		<PlacePage
			title={words.problems}
			place="problems"
			testID="problems-page"
			action={
				<Button
					label={words.bringAProblem}
					kind="strong"
					icon={Bring}
					onPress={() => router.navigate('/bring')}
					testID="to-bring"
				/>
			}
		>
			<Box style={styles.row}>
				<Button
					label={chosen.length ? words.shown(chosen.join(', ')) : words.choose}
					say={chosen.length ? words.chooseAgain : words.byKindAndByHowFarYouAre}
					on={choosing}
					onPress={() => setChoosing(!choosing)}
					testID="choose"
				/>
			</Box>
			<Field
				label={words.searchTheProblems}
				named
				value={search}
				onChange={setSearch}
				placeholder={words.honeyARateC}
				testID="problems-search"
			/>
			{choosing ? (
				<>
					<Choices
						label={words.kind}
						choices={KINDS}
						chosen={kind}
						onChoose={(next) => {
							setKind(next);
							keep({ kind: next });
						}}
						testID="kind"
					/>
					<Choices
						label={words.howFar}
						choices={STATES}
						chosen={state}
						onChoose={(next) => {
							setState(next);
							keep({ state: next });
						}}
						testID="state"
					/>
				</>
			) : null}
			{kind === 'any' || kind === 'own' ? <BroughtList {...asked} /> : null}
			{kind === 'own' ? null : <Book asked={asked} kind={kind} />}
		</PlacePage>
	);
}

const useStyles = makeStyles((palette) => ({
	part: { gap: GAP.xs },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	item: { borderBottomWidth: 1, borderBottomColor: palette.rule },
	exercise: { minHeight: 52, flexDirection: 'row', alignItems: 'center', gap: GAP.m, paddingVertical: GAP.s },
	words: { flex: 1 },
	state: { maxWidth: 110, textAlign: 'right' },
}));
