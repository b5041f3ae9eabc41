import type { WorkBody } from '@tidy-sum/schema';
import type { WorksState } from './works-slice';

/** All pieces of work of a desk, as they are kept. */
export function bodiesIn({ byId }: WorksState): readonly WorkBody[] {
	return Object.values(byId).map(({ body }) => body);
}
