import { type Chain, printUnrounded, solutionOf, type WorkedChain, workChain } from '@tidy-sum/core';
import { compareLines, type LinesCompared } from '@tidy-sum/core/help';
import { lineText } from '@tidy-sum/exchange/line-text';
import { useMemo, useState } from 'react';
import { useAppSelector } from '../../store/store';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Words } from '../../ui/words';
import { exerciseOf } from '../../work/exercises';
import { chainOf } from '../../work/line-of-work';
import { withCovered } from '../../work/numbers';
import { workOf } from '../../work/work';
import { PanelFrame } from '../panel-frame';
import type { PanelProps } from '../panel-row';

declare module '../../work/panel-slice' {
	interface Panels {
		readonly beside: object;
	}
}

/** How many digits of a running value are shown. */
const DIGITS = 8;

function place(block: number): string {
	return block < 0 ? 'the start' : `block ${block + 1}`;
}

/** What two lines have in common and where they part, in a few sentences. */
function sayCompared({ sameRoute, differs, shorter, sameEnd }: LinesCompared, other: string): readonly string[] {
	return [
		sameRoute ? 'Both take the same route: the same units stand after each block.' : 'They take different routes.',
		differs
			? `The value first differs at ${place(differs.first)} of yours, and ${place(differs.second)} of ${other}. Look there.`
			: sameEnd
				? 'Both come to the same value.'
				: 'Wherever both stand at the same unit, the values agree.',
		...(shorter === null
			? []
			: [shorter === 'first' ? 'Yours is shorter.' : `${other[0]?.toUpperCase()}${other.slice(1)} is shorter.`]),
	];
}

type LineProps = {
	readonly title: string;
	readonly chain: Chain;
	readonly worked: WorkedChain;
	readonly at: number | null;
};

function LineOf({ title, chain, worked, at }: LineProps) {
	const styles = useStyles();
	return (
		<Box style={styles.line} role="group" aria-label={title}>
			<Words strong>{title}</Words>
			<Words>{lineText(chain, worked)}</Words>
			<Box role="list">
				{worked.running.map(({ value, pi, unit }, i) => (
					<Box
						key={i === 0 ? 'start' : `block ${i}`}
						role="listitem"
						style={[styles.step, at === i - 1 && styles.differs]}
					>
						<Words size="small" tone="soft">
							{i === 0 ? 'start' : `block ${i}`}
						</Words>
						<Words>
							{value ? printUnrounded(value, DIGITS) : '…'}
							{pi ? ' π' : ''} {unit}
						</Words>
					</Box>
				))}
			</Box>
		</Box>
	);
}

/** The student's line next to the worked one, or next to a second try. */
export function BesidePanel({ view, acts }: PanelProps<'beside'>) {
	const styles = useStyles();
	const { exercise, chain, worked, beside, work } = view;
	const [chosen, setOther] = useState<string | null>(null);
	const other = chosen ?? (work.shown ? 'key' : (beside[0] ?? null));
	const theirBody = useAppSelector(({ works }) => works.byId[other ?? '']?.body);
	const theirs = useMemo((): Chain | null => {
		if (other === null) return null;
		if (other === 'key') {
			const solved = solutionOf(exercise);
			return solved.ok ? solved.value.chain : null;
		}
		const work = theirBody && workOf(theirBody);
		const same = work && exerciseOf(exercise.name, work);
		return work && same ? chainOf(same, work) : null;
	}, [other, exercise, theirBody]);
	const second = theirs && workChain(theirs);
	const compared = second?.ok ? compareLines(worked, second.value) : null;
	const name = other === 'key' ? 'the worked line' : 'the other try';
	return (
		<PanelFrame>
			<Box style={styles.row}>
				<Button
					label="With the worked line"
					say={work.shown ? '' : 'which shows it, and is kept as shown'}
					on={other === 'key'}
					onPress={() => {
						acts.onDo({ do: 'show' });
						setOther('key');
					}}
					testID="beside-key"
				/>
				{beside.map((id, i) => (
					<Button
						key={id}
						label={`With try ${i + 1}`}
						on={other === id}
						onPress={() => setOther(id)}
						testID={`beside-${i + 1}`}
					/>
				))}
				<Button label="Try it anew" say="and keep this line" onPress={acts.onAnew} testID="beside-anew" />
			</Box>
			{compared && theirs && second?.ok ? (
				<>
					<Box aria-live="polite" testID="beside-says">
						{sayCompared(compared, name).map((sentence) => (
							<Words key={sentence}>{sentence}</Words>
						))}
					</Box>
					<Box style={styles.lines}>
						<LineOf title="Yours" chain={chain} worked={view.shown} at={compared.differs?.first ?? null} />
						<LineOf
							title={other === 'key' ? 'The worked line' : 'The other try'}
							chain={theirs}
							worked={other === 'key' ? second.value : withCovered(second.value, view.numbers, work.uncovered)}
							at={compared.differs?.second ?? null}
						/>
					</Box>
					{other !== null && other !== 'key' ? (
						<Box style={styles.row}>
							<Button label="Go on with the other" onPress={() => acts.onSwap(other)} testID="beside-swap" />
						</Box>
					) : null}
				</>
			) : (
				<Words size="small" tone="soft">
					Lay your line next to the worked one, or try the exercise anew and lay both tries side by side.
				</Words>
			)}
		</PanelFrame>
	);
}

const useStyles = makeStyles((palette) => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	lines: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.l },
	line: { flexGrow: 1, flexBasis: 160, gap: GAP.xs },
	step: { paddingVertical: 2, paddingHorizontal: GAP.xs, borderRadius: 6 },
	differs: { backgroundColor: palette.lookWash, borderLeftWidth: 4, borderLeftColor: palette.look },
}));
