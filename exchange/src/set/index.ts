export * from './exercise-set';
export * from './set-csv';
export * from './set-json';
