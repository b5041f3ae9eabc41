import { types } from './lib/checks.mjs';

/** Checks the types of every room and its tests; fails when one does not hold. */
if (!(await types())) process.exitCode = 1;
