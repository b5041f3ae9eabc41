import { skillNamed } from '@tidy-sum/core/practice';
import { OWN_SKILL } from '@tidy-sum/core/record';
import * as words from './words';

/** The title of a skill; problems of one's own have none. */
export function skillTitle(skill: string): string {
	return skill === OWN_SKILL ? words.problemsOfMyOwn : (skillNamed(skill)?.title ?? skill);
}
