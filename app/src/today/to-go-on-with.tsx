import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { useAppSelector } from '../store/store';
import { Box } from '../ui/box';
import { LinkRow } from '../ui/link-row';
import { Part } from '../ui/part';
import { Sockets } from '../ui/sockets';
import { broughtIn, titleNamed } from '../work/brought';
import { firstWords } from '../work/first-words';
import { type HalfDone, halfDone } from '../work/half-done';
import { SAYS_HOW_FAR } from '../work/how-far';
import { isSheet, problemName } from '../work/sheet';
import { sheetNamed, sheetProgress } from '../work/sheet-progress';
import { socketOf } from '../work/socket-of';
import { sheetOfHanded } from '../work/tries-to-send';
import { LeftLine } from './left-line';
import { MySeats } from './my-seats';
import { ToBring } from './to-bring';
import * as words from './words';

/** How many things that were left, and how many sheets, are here; the rest is among the problems. */
const SHOWN = 3;

/** What was left half done: one touch leads back into it, at the very block. */
function Left({ left }: { readonly left: readonly HalfDone[] }) {
	const router = useRouter();
	if (!left.length) return null;
	return (
		<Part title={words.continueLabel}>
			<Box role="list" testID="left">
				{left.map(({ name, title, prompt, state, path }, at) => (
					<LinkRow
						key={name}
						title={title}
						says={`${SAYS_HOW_FAR[state]} · ${firstWords(prompt)}`}
						onOpen={() => router.navigate(path as '/')}
						testID={`left-${name}`}
					>
						{at === 0 ? <LeftLine name={name} /> : null}
					</LinkRow>
				))}
			</Box>
		</Part>
	);
}

/** The sheets under way. */
function Sheets() {
	const router = useRouter();
	const works = useAppSelector((state) => state.works);
	const views = useAppSelector(({ classes }) => classes.views);
	const sheets = useMemo(() => {
		const ofClasses = new Set(Object.values(views).flatMap(({ handed }) => handed.map(({ id }) => sheetOfHanded(id))));
		return broughtIn(works)
			.filter((name) => isSheet(name) && !ofClasses.has(name))
			.map((name) => ({ name, ...sheetProgress(works, name) }))
			.filter(({ next }) => next !== undefined)
			.slice(0, SHOWN);
	}, [works, views]);
	if (!sheets.length) return null;
	return (
		<Part title={words.sheets}>
			<Box role="list" testID="sheets">
				{sheets.map(({ name, states, right, begun, next = 0 }) => {
					const problem = sheetNamed(works, name).problems[next];
					const says = words.problemsRightBegun(states.length, right, begun - right);
					return (
						<LinkRow
							key={name}
							title={titleNamed(works, name)}
							says={words.continueWith(says, problem?.label ?? next + 1)}
							onOpen={() =>
								router.navigate(begun ? `/desk/${problemName(name, problem?.id ?? '')}` : (`/sheet/${name}` as '/'))
							}
							testID={`sheet-${name}`}
						>
							<Sockets states={states.map(socketOf)} says={says} />
						</LinkRow>
					);
				})}
			</Box>
		</Part>
	);
}

/** What was left, and the sheets under way. */
export function ToGoOnWith() {
	const works = useAppSelector((state) => state.works);
	const left = useMemo(() => halfDone(works, SHOWN), [works]);
	return (
		<>
			<Left left={left} />
			<MySeats />
			<Sheets />
			<ToBring />
		</>
	);
}
