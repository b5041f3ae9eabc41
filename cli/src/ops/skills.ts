import { SKILLS } from '@tidy-sum/core/practice';
import { askSkillsSchema } from '@tidy-sum/schema/ask';
import { op } from '../op';

export const skills = op(askSkillsSchema, () => ({
	ok: true,
	value: {
		skills: SKILLS.map(({ skill, title, about, watch, slips }) => ({ skill, title, about, watch, slips })),
	},
}));
