// Sets of exercises, in every form they come and go in.
export * from './forms/cannot-say';
export * from './forms/form-rows';
export * from './forms/set-forms';
export * from './forms/sheet-html';
export { PAPERS, type Paper } from './html';
export * from './set/exercise-set';
export * from './set/set-csv';
export * from './set/set-json';
export { delimiterOf, isEmptyRow, NO_ROWS, readTable, UTF8_MARK } from './set/table';
export * from './set/text-of';
