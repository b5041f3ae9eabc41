import { nanoid } from '@reduxjs/toolkit';
import { plainCode } from '@tidy-sum/core';
import { roundCode, seedFrom } from '@tidy-sum/core/practice';
import { OWN_SKILL } from '@tidy-sum/core/record';

/** How many exercises a short Round has, and how many skills it mixes at the most. */
const COUNT = 5;
const MIXED = 3;

/** Whether a short Round can be made of these skills: problems of one's own have no fresh ones. */
export function canPractise(skills: readonly string[]): boolean {
	return skills.some((skill) => skill !== OWN_SKILL);
}

/** The address of a short Round of fresh exercises of these skills. */
export function shortRound(skills: readonly string[]): `/round/${string}` {
	const mixed = skills.filter((skill) => skill !== OWN_SKILL).slice(0, MIXED);
	return `/round/${plainCode(roundCode({ skills: mixed, level: 1, count: COUNT, seed: seedFrom(nanoid()) }))}`;
}
