import { type SkillWeeks, workedCount } from '@tidy-sum/core/record';
import { useRouter } from 'expo-router';
import { memo, useCallback, useDeferredValue, useMemo, useState } from 'react';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box, Touch } from '../ui/box';
import { Button } from '../ui/button';
import { IntoView } from '../ui/into-view';
import { Said } from '../ui/said';
import { Words } from '../ui/words';
import { AsTable } from './chart';
import { canPractise, shortRound } from './short-round';
import { skillTitle } from './skill-title';
import { type SmallScale, SmallWeeks, smallScale } from './small-weeks';
import { WeeksChart } from './weeks-chart';
import { sayWent, WAYS_IT_WENT, WentLegend } from './went-bar';
import * as words from './words';

/** A skill week by week, and a short Round of it. */
function OpenSkill({ skill, all, weeks }: SkillWeeks) {
	const styles = useStyles();
	const router = useRouter();
	return (
		<IntoView style={styles.open}>
			<Words size="small">{sayWent(all)}</Words>
			<WeeksChart title={skillTitle(skill)} weeks={weeks} />
			{canPractise([skill]) ? (
				<Box style={styles.row}>
					<Button
						label={words.aShortRoundOfIt}
						say={skillTitle(skill)}
						kind="strong"
						onPress={() => router.navigate(shortRound([skill]))}
						testID="round-of-skill"
					/>
				</Box>
			) : null}
		</IntoView>
	);
}

type RowProps = {
	readonly one: SkillWeeks;
	readonly scale: SmallScale;
	/** Whether it was opened, and whether its content is drawn already. */
	readonly isOpen: boolean;
	readonly isDrawn: boolean;
	readonly onToggle: (skill: string) => void;
};

/** A skill with the last weeks drawn small, all on one scale; opened, one can step through its weeks. */
const SkillRow = memo(function SkillRow({ one, scale, isOpen, isDrawn, onToggle }: RowProps) {
	const styles = useStyles();
	const { skill, all, weeks } = one;
	return (
		<Box role="listitem" style={[styles.item, isOpen && styles.whole]}>
			<Touch aria-expanded={isOpen} onTouch={() => onToggle(skill)} style={styles.skill} testID={`skill-${skill}`}>
				<Box aria-hidden>
					<SmallWeeks weeks={weeks} {...scale} />
				</Box>
				<Box style={styles.words}>
					<Words strong tone="pine">
						{skillTitle(skill)}
					</Words>
					<Words size="small" aria-hidden>
						{words.rightAtOnceOf(all['at-once'], workedCount(all))}
					</Words>
					<Said>{sayWent(all)}</Said>
				</Box>
			</Touch>
			{isOpen && isDrawn ? <OpenSkill {...one} /> : null}
		</Box>
	);
});

/** Each skill: how its exercises went, in all and week by week. */
export function SkillsPart({ skills }: { readonly skills: readonly SkillWeeks[] }) {
	const [open, setOpen] = useState<string | null>(skills.length === 1 ? (skills[0]?.skill ?? null) : null);
	const drawn = useDeferredValue(open);
	const toggle = useCallback((skill: string) => setOpen((before) => (before === skill ? null : skill)), []);
	const styles = useStyles();
	const scale = useMemo(() => smallScale(skills), [skills]);
	const worked = skills.reduce((sum, { all }) => sum + workedCount(all), 0);
	const kinds = `${words.kindCount(skills.length)}`;
	return (
		<>
			<Words size="small" role="status" testID="skills-say">
				{words.workedOfTheLatestKindComes(worked, kinds)}
			</Words>
			<WentLegend />
			<Box role="list" style={styles.skills} testID="skills">
				{skills.map((one) => (
					<SkillRow
						key={one.skill}
						one={one}
						scale={scale}
						isOpen={open === one.skill}
						isDrawn={drawn === one.skill}
						onToggle={toggle}
					/>
				))}
			</Box>
			<AsTable
				label={words.skills}
				table={() => ({
					heads: [words.skill, ...WAYS_IT_WENT.map(([, says]) => says)],
					rows: skills.map(({ skill, all }) => [skillTitle(skill), ...WAYS_IT_WENT.map(([went]) => `${all[went]}`)]),
				})}
				testID="skills"
			/>
		</>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	skills: { flexDirection: 'row', flexWrap: 'wrap', columnGap: GAP.xl },
	item: { flexGrow: 1, flexBasis: 330, maxWidth: '100%' },
	whole: { flexBasis: '100%' },
	skill: { minHeight: 68, flexDirection: 'row', alignItems: 'center', gap: GAP.m, paddingVertical: GAP.s },
	words: { flex: 1, gap: 2 },
	open: { gap: GAP.m, paddingBottom: GAP.m },
}));
