import type { SingleStep } from '@tidy-sum/schema';
import type { OwnParts } from '../work/exercises';

/** What each field of a problem is given. */
export type FieldProps = {
	readonly own: OwnParts;
	readonly onDo: (...steps: readonly SingleStep[]) => void;
	/** Whether our own keys stand under it, and the units they offer. */
	readonly pad: boolean;
	readonly units: readonly string[];
	/** Told when it is gone into. */
	readonly onEnter: () => void;
};
