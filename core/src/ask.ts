// What only the command line asks.
export { countedWords } from './check/counted-words';
export * from './route/alike';
export * from './route/step';
