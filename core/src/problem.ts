// What reads the text of a problem, and a written working: it comes with the first problem of one's own.
export * from './read/problem/read-problem';
export { cutSheet, SHEET_LIMIT, type SheetProblem } from './read/sheet';
export type { Claim, Failing } from './read/working/first-failing';
export { readWorking, WORKING_LIMIT, type Working } from './read/working/read-working';
export { sayFailing, standsAt } from './read/working/say-failing';
