// What reads the text of a problem, and a written working: it is loaded with the first problem a student brings.
export * from './read/problem/read-problem';
export { type LeftOut, readSheet, type SheetRead } from './read/read-sheet';
export { cutSheet, SHEET_LIMIT, type SheetProblem } from './read/sheet';
export type { Claim, Failing } from './read/working/first-failing';
export { readWorking, WORKING_LIMIT, type Working } from './read/working/read-working';
export { sayFailing, standsAt } from './read/working/say-failing';
