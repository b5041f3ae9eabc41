import { listed, roundName, roundTitle } from '@tidy-sum/core';
import { useCallback, useMemo } from 'react';
import { ScrollView } from 'react-native';
import { useAppSelector } from '../store/store';
import { useAllHere } from '../store/use-all-here';
import { useDesk } from '../store/use-desk';
import { useRound } from '../store/use-round';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { useTitle } from '../ui/use-title';
import { Words } from '../ui/words';
import { deskIn } from '../work/desk-view';
import { howFar, workNamed } from '../work/how-far';
import { answerOf } from '../work/line-of-work';
import { isSheet, problemName, sheetOf, sheetTitle } from '../work/sheet';
import { NameAndDate } from './name-and-date';
import { PaperOf, paperOf } from './paper-of';
import { usePaperStyles, Ways } from './ways';
import * as words from './words';

/** Several exercises that are handed in as one paper. */
export type Whole = {
	readonly title: string;
	readonly back: { readonly label: string; readonly path: string };
	/** Each by its name, with what it is called on the paper. */
	readonly exercises: readonly { readonly name: string; readonly label: string }[];
};

const ROUND = /^round-([0-9a-z]+)$/;

/** A sheet or a Round by its name, as it is handed in; null for a single exercise. */
export function useWhole(name: string): Whole | null {
	const body = useAppSelector(({ works }) => (isSheet(name) ? works.byId[works.open[name] ?? '']?.body : undefined));
	const code = ROUND.exec(name)?.[1];
	const made = useRound(code);
	return useMemo((): Whole | null => {
		if (body) {
			const sheet = sheetOf(body);
			return {
				title: sheetTitle(sheet),
				back: { label: words.toTheSheet, path: `/sheet/${name}` },
				exercises: sheet.problems.map(({ id, label }, i) => ({
					name: problemName(name, id),
					label: label ?? `${i + 1}`,
				})),
			};
		}
		if (!code || !made?.ok) return null;
		return {
			title: roundTitle(code),
			back: { label: words.toTheRound, path: `/round/${code}` },
			exercises: made.value.exercises.map((_, i) => ({ name: roundName(code, i), label: `${i + 1}` })),
		};
	}, [body, code, made, name]);
}

/** An exercise of the paper, where something was worked on it. */
function Part({ name, label }: { readonly name: string; readonly label: string }) {
	const styles = useStyles();
	const view = useDesk(name);
	return view ? (
		<Box style={styles.part}>
			<PaperOf view={view} title={label} />
		</Box>
	) : null;
}

/** Which exercises are worked, and which are not done yet. */
function useStates({ exercises }: Whole) {
	const works = useAppSelector((state) => state.works);
	return useMemo(() => {
		const states = exercises.map(({ name, label }) => {
			const view = workNamed(works, name) ? deskIn({ works }, name) : null;
			return { name, label, is: view ? howFar(view.exercise, view.work) : ('not-begun' as const) };
		});
		return {
			worked: states.filter(({ is }) => is !== 'not-begun'),
			open: states.filter(({ is }) => is === 'not-begun' || is === 'begun').map(({ label }) => label),
			paper: (name: string) => {
				const view = deskIn({ works }, name);
				return view && { paper: paperOf(view), answer: answerOf(view.exercise, view.work) };
			},
		};
	}, [exercises, works]);
}

/** A sheet or a Round handed in whole, as one paper: what was worked, and what is not done yet. */
export function WholePaper({ whole }: { readonly whole: Whole }) {
	const isOfIt = useCallback((exercise: string) => whole.exercises.some(({ name }) => name === exercise), [whole]);
	return useAllHere(isOfIt) ? <Paper whole={whole} /> : null;
}

function Paper({ whole }: { readonly whole: Whole }) {
	const styles = usePaperStyles();
	const { title, back, exercises } = whole;
	useTitle(words.handIn(title));
	const { worked, open, paper } = useStates(whole);
	const notDone = open.length
		? words.notDoneYetOf(listed(open), open.length, exercises.length)
		: words.allAreDone(exercises.length);
	const papers = () =>
		worked.flatMap(({ name, label }) => {
			const one = paper(name);
			return one ? [{ label, ...one }] : [];
		});
	return (
		<ScrollView style={styles.screen} contentContainerStyle={styles.page} role="main">
			<Ways
				back={back}
				title={title}
				answered={() => papers().map(({ label, ...one }) => ({ exercise: label, ...one }))}
				make={(form) => form.together(title, papers(), notDone)}
			/>
			<NameAndDate />
			<Words strong size="title" role="heading" aria-level={1} testID="whole-title">
				{title}
			</Words>
			<Words testID="not-done">{notDone}</Words>
			{worked.map(({ name, label }) => (
				<Part key={name} name={name} label={label} />
			))}
		</ScrollView>
	);
}

const useStyles = makeStyles((palette) => ({
	part: {
		gap: GAP.m,
		paddingTop: GAP.l,
		borderTopWidth: 1,
		borderTopColor: palette.rule,
		// No exercise is cut by the end of a printed page.
		...({ breakInside: 'avoid' } as object),
	},
}));
