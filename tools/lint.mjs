import { lint } from './lib/checks.mjs';

/** Checks format, lint and the order of the rooms. */
if (!(await lint())) process.exitCode = 1;
