import type { Exercise } from './exercise';

/** Whether the student must first give the quantities of the problem their places: there is more than one. */
export function mustPlace({ marks = [] }: Pick<Exercise, 'marks'>): boolean {
	return marks.length > 1;
}
