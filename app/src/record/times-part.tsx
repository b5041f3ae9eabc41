import type { SkillTimes } from '@tidy-sum/core/record';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Words } from '../ui/words';
import { Chart } from './chart';
import { skillTitle } from './skill-title';
import { clockText, SpreadBar, saySpread } from './spread-bar';
import * as words from './words';

/** How long the exercises of each skill took, as spreads. */
export function TimesPart({ times }: { readonly times: readonly SkillTimes[] }) {
	const styles = useStyles();
	const longest = Math.max(1, ...times.map(({ spread }) => spread[4]));
	if (!times.length) return <Words>{words.onceThreeExercisesOfAKind}</Words>;
	return (
		<Chart
			label={words.time}
			says={words.howLongYouTakeToGetAn(clockText(longest))}
			points={times.map((one) => `${skillTitle(one.skill)}, ${saySpread(one)}`)}
			touched={(_, y) => Math.floor(y * times.length)}
			table={() => ({
				heads: [words.skill, 'exercises', 'shortest', words.aQuarter, words.theMiddle, words.threeQuarters, 'longest'],
				rows: times.map(({ skill, count, spread }) => [skillTitle(skill), `${count}`, ...spread.map(clockText)]),
			})}
			first={0}
			saysItself
			testID="times"
		>
			{(at) => (
				<Box style={styles.rows}>
					{times.map((one, i) => (
						<Box key={one.skill} style={[styles.skill, i === at && styles.at]}>
							<Words size="small">{skillTitle(one.skill)}</Words>
							<SpreadBar times={one} longest={longest} />
							{i === at ? <Words size="small">{saySpread(one)}</Words> : null}
						</Box>
					))}
				</Box>
			)}
		</Chart>
	);
}

const useStyles = makeStyles((palette) => ({
	rows: { flex: 1 },
	skill: {
		minHeight: 44,
		justifyContent: 'center',
		padding: GAP.xs,
		paddingLeft: GAP.s,
		borderLeftWidth: 4,
		borderLeftColor: 'transparent',
	},
	at: { borderLeftColor: palette.ink, backgroundColor: palette.panel },
}));
