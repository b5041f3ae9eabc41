// What follows from the tries that are kept: it comes with the Record.
export * from './record/class-table';
export * from './record/due-days';
export * from './record/skill-times';
export * from './record/skill-weeks';
export * from './record/slip-records';
export * from './record/week-days';
export * from './record/weeks';
export * from './record/worked';
