import { skillNamed } from '@tidy-sum/core/practice';
import { OWN_SKILL } from '@tidy-sum/core/record';

/** The title of a skill; problems of one's own have none. */
export function skillTitle(skill: string): string {
	return skill === OWN_SKILL ? 'Problems of my own' : (skillNamed(skill)?.title ?? skill);
}
