import { balanceOf, fromTo, workChain } from '@tidy-sum/core';
import { exampleOf } from '@tidy-sum/core/practice';
import { memo } from 'react';
import { DrawnLine } from '../line/drawn-line';
import { FROM_TO, GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { FromTo } from '../ui/from-to';
import { Words } from '../ui/words';

/** What an exercise of a skill starts from over what it asks for; an empty place where it is about something else. */
export const SkillTokens = memo(function SkillTokens({ skill }: { readonly skill: string }) {
	const styles = useStyles();
	const example = exampleOf(skill);
	const both = example && fromTo(example);
	return <Box style={styles.tokens}>{both?.from ? <FromTo {...both} /> : null}</Box>;
});

/** What an exercise of a skill looks like: its line drawn small, or its question where it is worked on no line. */
export const SkillExample = memo(function SkillExample({ skill }: { readonly skill: string }) {
	const styles = useStyles();
	const example = exampleOf(skill);
	if (!example) return null;
	const { start, line = [], prompt } = example;
	const want = fromTo(example).to;
	const chain = start && line.length ? { start, factors: line, want } : null;
	const worked = chain ? workChain(chain) : null;
	if (!chain || !worked?.ok) return <Words size="small">{prompt}</Words>;
	return (
		<Box style={styles.line} aria-hidden>
			<DrawnLine
				start={chain.start}
				worked={worked.value}
				columns={balanceOf(worked.value, want)}
				blocks={line.map((factor, i) => ({ id: `${i}`, factor }))}
				result={`= ? ${worked.value.unit.text}`}
			/>
		</Box>
	);
});

const useStyles = makeStyles(() => ({
	tokens: { width: FROM_TO },
	line: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.s },
}));
