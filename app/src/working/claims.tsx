import { type WorkedChain, writtenQuantity } from '@tidy-sum/core';
import { standsAt, type Working } from '@tidy-sum/core/problem';
import { CORNER, GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Words } from '../ui/words';
import * as words from './words';

/** Values written on the way, each value beside what the line truly stands at there. */
export function Claims({ working, worked }: { readonly working: Working; readonly worked: WorkedChain }) {
	const styles = useStyles();
	const { claims, answer, factors, first } = working;
	const rows = [
		...claims.map((claim, i) => ({
			after: claim.after,
			written: writtenQuantity(claim),
			fails: first?.what === 'claim' && first.at === i,
			name: claim.after < 0 ? words.theStartWrittenAgain : words.afterFactor(claim.after + 1),
		})),
		...(answer
			? [
					{
						after: factors.length - 1,
						written: writtenQuantity(answer),
						fails: first?.what === 'answer',
						name: words.theAnswer,
					},
				]
			: []),
	];
	if (!rows.length) return null;
	return (
		<Box role="list" aria-label={words.valuesWrittenOnTheWay} testID="claims">
			{rows.map(({ after, written, fails, name }) => (
				<Box key={`${name} ${written}`} role="listitem" style={[styles.claim, fails && styles.fails]}>
					<Words size="small" tone="soft">
						{fails ? words.firstToFail(name) : name}
					</Words>
					<Words>{words.writtenTheLineGives(written, standsAt(worked, after) || '…')}</Words>
				</Box>
			))}
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	claim: { paddingVertical: GAP.xs, paddingHorizontal: GAP.s, borderRadius: CORNER },
	fails: { backgroundColor: palette.lookWash, borderLeftWidth: 4, borderLeftColor: palette.look },
}));
