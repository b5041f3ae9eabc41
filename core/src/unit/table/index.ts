import type { UnitRow } from '../unit-row';
import { CUSTOMARY_UNITS } from './customary';
import { PHYSICS_UNITS } from './physics';
import { RATIO_AND_COUNT_UNITS } from './ratios-and-counts';
import { SCIENCE_UNITS } from './science';
import { SI_UNITS } from './si';
import { TIME_AND_ANGLE_UNITS } from './time-and-angle';
import { VOLUME_UNITS } from './volumes';

export { SHORT_ROWS } from './short-rows';

/** Every unit with a row. Where two share a writing the earlier keeps it: ' and " are feet and inches, not arc. */
export const UNIT_ROWS: readonly UnitRow[] = [
	...SI_UNITS,
	...CUSTOMARY_UNITS,
	...VOLUME_UNITS,
	...TIME_AND_ANGLE_UNITS,
	...PHYSICS_UNITS,
	...SCIENCE_UNITS,
	...RATIO_AND_COUNT_UNITS,
];
