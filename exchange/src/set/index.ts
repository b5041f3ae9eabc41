export * from './exercise-set';
export * from './set-csv';
export * from './set-forms';
export * from './set-json';
export * from './sheet-html';
export { delimiterOf, isEmptyRow } from './table';
