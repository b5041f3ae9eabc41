import { acrossSystems } from './skill/across-systems';
import { areas } from './skill/areas';
import { countingFigures } from './skill/counting-figures';
import { customaryFact } from './skill/customary-fact';
import { density } from './skill/density';
import { doses } from './skill/doses';
import { dripRates } from './skill/drip-rates';
import { figuresAdded } from './skill/figures-added';
import { figuresMultiplied } from './skill/figures-multiplied';
import { intoParts } from './skill/into-parts';
import { missingFactor } from './skill/missing-factor';
import { moles } from './skill/moles';
import { numberToSpare } from './skill/number-to-spare';
import { onePrefix } from './skill/one-prefix';
import { outOfParts } from './skill/out-of-parts';
import { plainForm } from './skill/plain-form';
import { rateAsFactor } from './skill/rate-as-factor';
import { rateBothEnds } from './skill/rate-both-ends';
import { rateOneEnd } from './skill/rate-one-end';
import { roundingFigures } from './skill/rounding-figures';
import { roundingPlaces } from './skill/rounding-places';
import { scientificForm } from './skill/scientific-form';
import type { Skill } from './skill/skill';
import { temperatureDifferences } from './skill/temperature-differences';
import { temperatureRanges } from './skill/temperature-ranges';
import { temperatures } from './skill/temperatures';
import { timeChains } from './skill/time-chains';
import { twoPrefixes } from './skill/two-prefixes';
import { volumes } from './skill/volumes';
import { wrongBlock } from './skill/wrong-block';

/** All skills, in an order that teaches. To add one is to add a file and a row. */
export const SKILLS: readonly Skill[] = [
	countingFigures,
	roundingFigures,
	roundingPlaces,
	scientificForm,
	plainForm,
	onePrefix,
	twoPrefixes,
	missingFactor,
	customaryFact,
	acrossSystems,
	timeChains,
	intoParts,
	outOfParts,
	rateOneEnd,
	rateBothEnds,
	areas,
	volumes,
	density,
	rateAsFactor,
	doses,
	dripRates,
	moles,
	temperatures,
	temperatureRanges,
	temperatureDifferences,
	figuresMultiplied,
	figuresAdded,
	wrongBlock,
	numberToSpare,
];

const BY_NAME: ReadonlyMap<string, Skill> = new Map(SKILLS.map((skill) => [skill.skill, skill]));

export function skillNamed(name: string): Skill | undefined {
	return BY_NAME.get(name);
}
