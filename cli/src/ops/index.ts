import type { Op } from '../op';
import { chain } from './chain';
import { check } from './check';
import { convert } from './convert';
import { fresh } from './fresh';
import { keys } from './keys';
import { mixed } from './mixed';
import { numeral } from './numeral';
import { read } from './read';
import { round } from './round';
import { route } from './route';
import { sheet } from './sheet';
import { skills } from './skills';
import { unit } from './unit';
import { working } from './working';

/** The operations `ask` knows, by name. To add one is to add one row. */
export const OPS: Readonly<Record<string, Op>> = {
	numeral,
	round,
	unit,
	convert,
	chain,
	keys,
	mixed,
	route,
	check,
	read,
	sheet,
	working,
	fresh,
	skills,
};
