import { type SkillWeeks, workedCount } from '@tidy-sum/core/record';
import { useRouter } from 'expo-router';
import { memo, useCallback, useDeferredValue, useState } from 'react';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box, Touch } from '../ui/box';
import { Button } from '../ui/button';
import { IntoView } from '../ui/into-view';
import { Words } from '../ui/words';
import { AsTable } from './chart';
import { canPractise, shortRound } from './short-round';
import { skillTitle } from './skill-title';
import { WeeksChart } from './weeks-chart';
import { sayWent, WAYS_IT_WENT, WentBar, WentLegend } from './went-bar';
import * as words from './words';

/** A skill week by week, and a short Round of it. */
function OpenSkill({ skill, weeks }: SkillWeeks) {
	const styles = useStyles();
	const router = useRouter();
	return (
		<IntoView style={styles.open}>
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
	readonly most: number;
	/** Whether it was opened, and whether what stands in it is drawn already. */
	readonly isOpen: boolean;
	readonly isDrawn: boolean;
	readonly onToggle: (skill: string) => void;
};

/** A skill with how its exercises went in all; opened, week by week. */
const SkillRow = memo(function SkillRow({ one, most, isOpen, isDrawn, onToggle }: RowProps) {
	const styles = useStyles();
	const { skill, all } = one;
	return (
		<Box role="listitem" style={styles.item}>
			<Touch aria-expanded={isOpen} onTouch={() => onToggle(skill)} style={styles.skill} testID={`skill-${skill}`}>
				<Words strong tone="pine">
					{skillTitle(skill)}
				</Words>
				<WentBar counts={all} most={most} />
				<Words size="small">{sayWent(all)}</Words>
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
	const most = Math.max(1, ...skills.map(({ all }) => workedCount(all)));
	const worked = skills.reduce((sum, { all }) => sum + workedCount(all), 0);
	const kinds = `${words.kindCount(skills.length)}`;
	return (
		<>
			<Words size="small" role="status" testID="skills-say">
				{words.workedOfTheLatestKindComes(worked, kinds)}
			</Words>
			<WentLegend />
			<Box role="list" testID="skills">
				{skills.map((one) => (
					<SkillRow
						key={one.skill}
						one={one}
						most={most}
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

const useStyles = makeStyles((palette) => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	item: { borderBottomWidth: 1, borderBottomColor: palette.rule },
	skill: { minHeight: 52, justifyContent: 'center', gap: 2, paddingVertical: GAP.s },
	open: { gap: GAP.m, paddingBottom: GAP.m },
}));
