import { SKILLS, SKILLS_IN_ROUND, type SkillState } from '@tidy-sum/core/practice';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box, Touch } from '../ui/box';
import { Words } from '../ui/words';
import { SkillTokens } from './skill-example';
import * as words from './words';

/** How far a skill is, in a few words. */
function stateOf({ worked, atOnce, isDue }: SkillState): string {
	if (worked === 0) return words.notTriedYet;
	return words.ofRightAtOnce(atOnce, worked, isDue);
}

type SkillsProps = {
	readonly states: readonly SkillState[];
	readonly chosen: readonly string[];
	readonly onChoose: (chosen: readonly string[]) => void;
};

/** All skills to choose from, each with what it looks like and how far it is. */
export function SkillList({ states, chosen, onChoose }: SkillsProps) {
	const styles = useStyles();
	const full = chosen.length >= SKILLS_IN_ROUND;
	const toggle = (skill: string) =>
		onChoose(chosen.includes(skill) ? chosen.filter((one) => one !== skill) : [...chosen, skill]);
	return (
		<>
			<Words size="small" tone="soft" role="status" aria-live="polite" testID="chosen-says">
				{sayChosen(chosen.length)}
			</Words>
			<Box role="list" style={styles.skills}>
				{SKILLS.map(({ skill, title, about }, i) => {
					const on = chosen.includes(skill);
					const state = states[i];
					return (
						<Box key={skill} role="listitem" style={styles.item}>
							<Touch
								aria-pressed={on}
								disabled={!on && full}
								onTouch={() => toggle(skill)}
								style={[styles.skill, on && styles.on]}
								testID={`skill-${skill}`}
							>
								<SkillTokens skill={skill} />
								<Box style={styles.words}>
									<Words strong>
										{on ? '✓ ' : ''}
										{title}
									</Words>
									<Words size="small" tone="soft">
										{about}
									</Words>
									<Words size="small">{state ? stateOf(state) : ''}</Words>
								</Box>
							</Touch>
						</Box>
					);
				})}
			</Box>
		</>
	);
}

/** How many skills are chosen, and how many more can be. */
function sayChosen(count: number): string {
	if (count === 0) return words.touchASkillToChooseIt;
	return count >= SKILLS_IN_ROUND
		? words.chosenWhichIsTheMostForOne(count)
		: words.chosenARoundCanMixUpTo(count, SKILLS_IN_ROUND);
}

const useStyles = makeStyles((palette) => ({
	skills: { flexDirection: 'row', flexWrap: 'wrap', columnGap: GAP.l },
	item: { flexGrow: 1, flexBasis: 320, maxWidth: '100%' },
	skill: { flexGrow: 1, minHeight: 72, flexDirection: 'row', alignItems: 'center', gap: GAP.m, padding: GAP.s },
	on: { backgroundColor: palette.pineWash },
	words: { flex: 1 },
}));
