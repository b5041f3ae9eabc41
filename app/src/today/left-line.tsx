import { balanceOf, goalOf, printQuantity, sidesOfStart, workChain } from '@tidy-sum/core';
import { useMemo } from 'react';
import { DrawnLine } from '../line/drawn-line';
import { useAppSelector } from '../store/store';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { exerciseOf } from '../work/exercises';
import { workNamed } from '../work/how-far';
import { chainOf, needsLine, startOf } from '../work/line-of-work';
import * as words from './words';

/** A line that was left, drawn as it was; nothing where it has no block yet, or its steps are not here. */
export function LeftLine({ name }: { readonly name: string }) {
	const styles = useStyles();
	const work = useAppSelector(({ works }) => workNamed(works, name));
	const line = useMemo(() => {
		const exercise = work && exerciseOf(name, work);
		if (!exercise || !work.blocks.length || !needsLine(exercise) || !startOf(exercise, work)) return null;
		const chain = chainOf(exercise, work);
		const worked = workChain(chain);
		if (!worked.ok) return null;
		const columns = balanceOf(worked.value, chain.want ?? goalOf(exercise) ?? '');
		return { chain, worked: worked.value, columns, blocks: work.blocks, until: exercise.until };
	}, [name, work]);
	if (!line) return null;
	const { chain, ...drawn } = line;
	return (
		<Box
			role="img"
			aria-label={words.theLineSoFar(printQuantity(sidesOfStart(chain.start).top), drawn.blocks.length)}
			style={styles.line}
			testID="left-line"
		>
			<DrawnLine start={chain.start} {...drawn} result="" />
		</Box>
	);
}

const useStyles = makeStyles(() => ({
	line: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.s, paddingVertical: GAP.xs },
}));
