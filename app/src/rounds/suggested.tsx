import { type Picked, skillNamed } from '@tidy-sum/core/practice';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Part } from '../ui/part';
import { Words } from '../ui/words';
import { SkillExample } from './skill-example';
import * as words from './words';

type SuggestedProps = {
	readonly picked: readonly Picked[];
	readonly chosen: readonly string[];
	readonly onChoose: (chosen: readonly string[]) => void;
};

/** What is suggested, why, and what it looks like. */
export function Suggested({ picked, chosen, onChoose }: SuggestedProps) {
	const styles = useStyles();
	const taken = picked.length === chosen.length && picked.every(({ skill }) => chosen.includes(skill));
	return (
		<Part title={words.whatToPractise}>
			<Box role="list" style={styles.suggested}>
				{picked.map(({ skill, why }) => (
					<Box key={skill} role="listitem" style={styles.example}>
						<Words testID={`picked-${skill}`}>
							<Words strong>{skillNamed(skill)?.title}</Words>: {why}
						</Words>
						<SkillExample skill={skill} />
					</Box>
				))}
			</Box>
			{taken ? null : (
				<Box style={styles.row}>
					<Button
						label={words.chooseThese}
						onPress={() => onChoose(picked.map(({ skill }) => skill))}
						testID="take-picked"
					/>
				</Box>
			)}
		</Part>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row' },
	suggested: { gap: GAP.m },
	example: { gap: GAP.xs },
}));
