// The requests of the command line, and the exercises in them.
export * from './ask-schema';
export * from './exercise-schema';
